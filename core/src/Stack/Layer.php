<?php

declare(strict_types=1);

namespace Wubbin\Core\Stack;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Route\Face;
use Wubbin\Core\Route\Hatch;
use Wubbin\Core\Route\LayerRole;

/** One thing in the pile under the heat. `label` is null where nothing has been chosen for it yet. */
final readonly class Layer implements \JsonSerializable
{
    public function __construct(
        public LayerRole $role,
        public ?string $label,
        public ?Phrase $beside,
        public float $thicknessMm,
        public Hatch $hatch,
        public ?Face $printedFace = null,
    ) {}

    /**
     * @return array{role: string, label: ?string, beside: ?Phrase, thickness_mm: float, hatch: string,
     *     printed_face: ?string}
     */
    public function jsonSerialize(): array
    {
        return [
            'role' => $this->role->value,
            'label' => $this->label,
            'beside' => $this->beside,
            'thickness_mm' => $this->thicknessMm,
            'hatch' => $this->hatch->value,
            'printed_face' => $this->printedFace?->value,
        ];
    }
}
