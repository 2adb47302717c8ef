<?php

declare(strict_types=1);

namespace Wubbin\Core\Stack;

use Wubbin\Core\Route\Face;
use Wubbin\Core\Route\LayerRole;

/** What lies on what in the press, from the heat down to the base. */
final readonly class Stack
{
    /**
     * @param list<Layer> $layers from the heat down
     * @param bool $seenThrough the picture is looked at through the blank
     */
    public function __construct(public array $layers, private bool $seenThrough = false) {}

    /**
     * The layer that the printed face looks at, or null where it looks outward and stays there, or nothing is printed.
     */
    public function seenByPrintedFace(): ?Layer
    {
        foreach ($this->layers as $i => $layer) {
            if (null !== $layer->printedFace) {
                return $this->layers[Face::Down === $layer->printedFace ? $i + 1 : $i - 1] ?? null;
            }
        }

        return null;
    }

    /**
     * Mirroring is not a preference: a picture whose printed face touches the blank leaves it turned over, so it is
     * printed mirrored; one that looks away from the blank is printed as it reads. A blank that is seen through its
     * back turns the picture once more.
     */
    public function mirrored(): bool
    {
        return $this->faceTouchesBlank() !== $this->seenThrough;
    }

    public function faceTouchesBlank(): bool
    {
        return LayerRole::Blank === $this->seenByPrintedFace()?->role;
    }
}
