<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

/** A paper that is being laid out beside others. */
interface Pressing
{
    public function isOver(): bool;

    /** @return string|null the PDF, once it is over; null where none came of it */
    public function pdf(): ?string;

    /** Ends it, whatever has come of it so far. */
    public function stop(): void;
}
