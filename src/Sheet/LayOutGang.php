<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Task\Progress;
use Wubbin\Task\Search;

/** Lays jobs out on sheets together, for as long as it is given. */
final readonly class LayOutGang implements Search
{
    public function __construct(private GangLayouts $gangs) {}

    public static function kind(): string
    {
        return 'lay-out-gang';
    }

    public function run(Record $input, Progress $progress): GangView
    {
        return $this->gangs->layOut(GangWish::fromRecord($input), $progress);
    }
}
