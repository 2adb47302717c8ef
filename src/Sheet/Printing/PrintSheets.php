<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Core\Measure\Record;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Prints pages of a sheet when their turn comes. */
final readonly class PrintSheets implements TaskHandler
{
    public function __construct(private SheetPrinting $printing) {}

    public static function kind(): string
    {
        return 'print';
    }

    public function run(Record $input, Progress $progress): PrintView
    {
        return $this->printing->print(PrintWish::fromRecord($input), $progress);
    }
}
