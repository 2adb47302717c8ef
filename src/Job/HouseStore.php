<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Wubbin\Core\Job\House;
use Wubbin\Storage\Documents;

/** Keeps the rules of the house. */
final readonly class HouseStore
{
    private const NAME = 'house';

    public function __construct(private Documents $documents) {}

    public function get(): House
    {
        $stored = $this->documents->get(self::NAME);

        return null === $stored ? new House() : House::fromRecord($stored);
    }

    public function put(House $house): void
    {
        $this->documents->put(self::NAME, ['schools' => $house->schools]);
    }
}
