<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Record;

/**
 * What a printer is told when it prints on a medium: which printer it is, and what of its own words fit. Each is one of
 * those that the printer offers; nothing leaves it to the printer.
 */
#[OA\Schema]
final readonly class PrintSetting
{
    public function __construct(
        #[OA\Property(type: 'string', nullable: true, description: 'Null until somebody chose')] public ?string $device,
        #[OA\Property(description: 'As the printer calls this kind of paper')] public ?string $type = null,
        #[OA\Property(description: 'The tray, as the printer calls it')] public ?string $source = null,
        #[OA\Property(description: 'From 3, draft, to 5, high')] public ?int $quality = null,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $word = static fn(string $field): ?string => '' === ($text = $record->stringOrNull($field) ?? '')
            ? null
            : $text;

        return new self(
            $word('device'),
            $word('type'),
            $word('source'),
            $record->has('quality') ? $record->integer('quality') : null,
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'device' => $this->device,
            'type' => $this->type,
            'source' => $this->source,
            'quality' => $this->quality,
        ];
    }
}
