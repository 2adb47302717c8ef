<?php

declare(strict_types=1);

namespace Wubbin\Measure;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Measure\Record;

final readonly class SettingsStore
{
    private const NAME = 'settings';

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function get(): Settings
    {
        $stored = $this->entities->find(Setting::class, self::NAME);

        return null === $stored ? Settings::standard() : Settings::fromRecord(Record::of($stored->value));
    }

    public function put(Settings $settings): void
    {
        $stored = $this->entities->find(Setting::class, self::NAME) ?? new Setting(self::NAME, []);
        $stored->value = $settings->toRecord();
        $this->entities->persist($stored);
        $this->entities->flush();
    }
}
