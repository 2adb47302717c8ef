<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Measure\Record;

/** What a route is heated by, how that is set, and when its sheet is peeled. */
final readonly class Heating
{
    /**
     * @param list<HeatKind> $kinds it may use, the usual one first
     * @param array<string, Setting> $settings by kind of heat
     * @param array<string, PeelRule> $finishes by finish, the usual one first
     * @param string|null $need what the heat model asks for, by its name there
     * @param array<string, string> $needOn what it asks for in place of that, by surface
     * @param array<string, list<string>> $notOn kinds of heat that a surface does not bear, by surface
     * @param string|null $tape that fixes its sheet on the blank, by the heat model's name
     */
    private function __construct(
        public array $kinds,
        public array $settings,
        public array $finishes,
        private ?string $need,
        private array $needOn,
        public ?string $tape,
        private array $notOn,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            array_map(HeatKind::from(...), $record->strings('heat')),
            array_map(Setting::fromRecord(...), $record->recordMap('setting')),
            array_map(PeelRule::fromRecord(...), $record->recordMap('finishes')),
            $record->stringOrNull('need'),
            $record->recordOrNull('need_on')?->stringMap() ?? [],
            $record->stringOrNull('tape'),
            $record->recordOrNull('not_on')?->stringLists() ?? [],
        );
    }

    /** Whether this kind of heat reaches such a piece, and the piece bears it. */
    public function suits(HeatKind $kind, bool $round, Surface $surface): bool
    {
        return $kind->reaches($round) && !in_array($kind->value, $this->notOn[$surface->value] ?? [], true);
    }

    /** What the heat model asks for on such a surface, by its name there; null where nothing is heated. */
    public function need(Surface $surface): ?string
    {
        return $this->needOn[$surface->value] ?? $this->need;
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
