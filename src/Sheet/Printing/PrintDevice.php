<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Core\Sheet\PrinterOffer;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Cancelled;
use Wubbin\Task\Progress;

/** Something that takes pages of a PDF and prints them, or shows how they would come out. */
interface PrintDevice
{
    /** Stable, for the page to choose by. */
    public function id(): string;

    public function label(): string;

    /** It uses up paper: only whoever sits at this machine may start it. */
    public function isReal(): bool;

    /** What it says that it can do; nothing where it says nothing. */
    public function offer(): ?PrinterOffer;

    /**
     * @return list<PrintedPage> what became of each page, as far as the device can tell
     *
     * @throws Refusal where the person can mend it
     * @throws Cancelled between two pages
     */
    public function print(PrintOrder $order, Progress $progress): array;
}
