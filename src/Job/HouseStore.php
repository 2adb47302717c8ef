<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Wubbin\Change\ChangeKind;
use Wubbin\Change\Changes;
use Wubbin\Core\Job\House;
use Wubbin\Storage\Documents;
use Wubbin\Storage\WriteTurn;

/** Keeps the rules of the house. */
final readonly class HouseStore
{
    private const NAME = 'house';

    public function __construct(private Documents $documents, private WriteTurn $turn, private Changes $changes) {}

    public function get(): House
    {
        $stored = $this->documents->get(self::NAME);

        return null === $stored ? new House() : House::fromRecord($stored);
    }

    /** @param \Closure(House): House $change of the rules as they are now, whoever changes them at the same time */
    public function change(\Closure $change): void
    {
        $this->turn->take(function () use ($change): void {
            $this->documents->fresh(self::NAME);
            $before = $this->get();
            $after = $change($before);
            $this->changes->keep(ChangeKind::House, '', $before->schools, $after->schools);
            $this->put($after);
        });
    }

    public function put(House $house): void
    {
        $this->documents->put(self::NAME, ['schools' => $house->schools]);
    }
}
