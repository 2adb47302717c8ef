<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;

/** How a route sets a kind of heat source: an iron by dots, a press by temperature, moving air by a word. */
final readonly class Setting
{
    /** @param int<1, 3>|null $dots */
    private function __construct(
        public ?int $dots,
        public ?Temperature $temperature,
        public ?Temperature $idle,
        public ?string $pressure,
        public ?string $word,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $dots = $record->has('dots') ? max(1, min(3, $record->integer('dots'))) : null;
        $celsius = static fn(string $key): ?Temperature => null === ($c = $record->numberOrNull($key))
            ? null
            : Temperature::celsius($c);

        return new self(
            $dots,
            $celsius('c'),
            $celsius('idle_c'),
            $record->stringOrNull('pressure'),
            $record->stringOrNull('label'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    /** The same at another temperature or pressure; what is null stays. */
    public function at(?Temperature $temperature, ?string $pressure, Provenance $provenance): self
    {
        return new self(
            null === $temperature ? $this->dots : null,
            $temperature ?? $this->temperature,
            $this->idle,
            $pressure ?? $this->pressure,
            $this->word,
            $provenance,
        );
    }

    /** The same in other words. */
    public function worded(string $word, Provenance $provenance): self
    {
        return new self($this->dots, $this->temperature, $this->idle, $this->pressure, $word, $provenance);
    }
}
