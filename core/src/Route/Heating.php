<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** What a route is heated by, how that is set, and when its sheet is peeled. */
final readonly class Heating
{
    /**
     * @param list<HeatKind> $kinds it may use, the usual one first
     * @param array<string, Setting> $settings by kind of heat
     * @param array<string, PeelRule> $finishes by finish, the usual one first
     * @param string|null $need what the heat model asks for, by its name there
     * @param string|null $tape that fixes its sheet on the blank, by the heat model's name
     */
    private function __construct(
        public array $kinds,
        public array $settings,
        public array $finishes,
        public ?string $need,
        public ?string $tape,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            array_map(HeatKind::from(...), $record->strings('heat')),
            array_map(Setting::fromRecord(...), $record->recordMap('setting')),
            array_map(PeelRule::fromRecord(...), $record->recordMap('finishes')),
            $record->stringOrNull('need'),
            $record->stringOrNull('tape'),
        );
    }

    /** The finish that a job gets: the wanted one where this route can give it, or else its usual one. */
    public function finish(Finish $wanted): Finish
    {
        return isset($this->finishes[$wanted->value])
            ? $wanted
            : Finish::from((string) array_key_first($this->finishes));
    }

    /** Whether a source can be set as this route wants it. */
    public function isReachedBy(HeatSource $source): bool
    {
        $setting = $this->settings[$source->kind->value] ?? null;

        return null === $setting ||
            ((null === $setting->dots || $source->dots >= $setting->dots) &&
                (null === $setting->temperature ||
                    null === $source->to ||
                    $setting->temperature->celsius <= $source->to->celsius));
    }
}
