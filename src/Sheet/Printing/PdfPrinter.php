<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Core\Sheet\PrinterOffer;
use Wubbin\Task\Progress;

/** Prints nothing itself: the sheets are opened as files, and a person prints them with another program. */
final readonly class PdfPrinter implements PrintDevice
{
    public const ID = 'pdf';

    public function id(): string
    {
        return self::ID;
    }

    public function label(): string
    {
        return 'Another program: open the sheets as PDF';
    }

    public function isReal(): bool
    {
        return false;
    }

    public function offer(): ?PrinterOffer
    {
        return null;
    }

    public function print(PrintOrder $order, Progress $progress): array
    {
        $progress->at(0.9, 'Making the file ready');

        return array_map(
            static fn(int $page): PrintedPage => new PrintedPage($page, $order->labels[$page] ?? '', null),
            $order->pages,
        );
    }
}
