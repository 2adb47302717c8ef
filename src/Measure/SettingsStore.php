<?php

declare(strict_types=1);

namespace Wubbin\Measure;

use Wubbin\Storage\Documents;

final readonly class SettingsStore
{
    private const NAME = 'settings';

    public function __construct(private Documents $documents) {}

    public function get(): Settings
    {
        $stored = $this->documents->get(self::NAME);

        return null === $stored ? Settings::standard() : Settings::fromRecord($stored);
    }

    public function put(Settings $settings): void
    {
        $this->documents->put(self::NAME, $settings->toRecord());
    }
}
