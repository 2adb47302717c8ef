<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\Progress;
use Wubbin\Task\TaskHandler;

/** Lays jobs out on sheets together, for as long as it is given. */
final readonly class LayOutGang implements TaskHandler
{
    public const KIND = 'lay-out-gang';

    public function __construct(private GangDesk $gangs)
    {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function run(Record $input, Progress $progress): GangView
    {
        return $this->gangs->layOut($input->strings('jobs'), Length::mm($input->number('gap_mm')), $input->number('seconds'), $progress);
    }
}
