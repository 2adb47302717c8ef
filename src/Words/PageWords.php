<?php

declare(strict_types=1);

namespace Wubbin\Words;

use Wubbin\Core\Measure\Record;

/** What the pages say. Their code is read by the compiler that it is written for. */
final readonly class PageWords
{
    /** @return iterable<int, Said> */
    public static function of(string $project): iterable
    {
        foreach (Node::run($project . '/web/words/pages.mjs') as $one) {
            $record = Record::of($one);
            yield new Said($record->string('where'), $record->string('text'));
        }
    }
}
