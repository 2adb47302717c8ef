<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Job\House;
use Wubbin\Core\Measure\Record;
use Wubbin\Measure\Setting;

/** Keeps the rules of the house. */
final readonly class HouseStore
{
    private const NAME = 'house';

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function get(): House
    {
        $stored = $this->entities->find(Setting::class, self::NAME);

        return null === $stored ? new House() : House::fromRecord(Record::of($stored->value));
    }

    public function put(House $house): void
    {
        $stored = $this->entities->find(Setting::class, self::NAME) ?? new Setting(self::NAME, []);
        $stored->value = ['schools' => $house->schools];
        $this->entities->persist($stored);
        $this->entities->flush();
    }
}
