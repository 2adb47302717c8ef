<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;

/** When the backing comes off: a range of temperature at the backing, and about how long after the heat that is. */
final readonly class PeelRule
{
    private function __construct(
        public string $word,
        public ?Temperature $above,
        public ?Temperature $below,
        public Duration $wait,
        public Provenance $provenance,
    ) {}

    /** From a house's recipe. */
    public static function fromWord(string $word, ?Temperature $above, ?Temperature $below, float $waitSeconds): self
    {
        return new self($word, $above, $below, Duration::seconds($waitSeconds), Provenance::person());
    }

    /** The same, told to come from somewhere. */
    public function from(Provenance $provenance): self
    {
        return new self($this->word, $this->above, $this->below, $this->wait, $provenance);
    }

    public static function fromRecord(Record $record): self
    {
        $celsius = static fn(string $key): ?Temperature => null === ($c = $record->numberOrNull($key))
            ? null
            : Temperature::celsius($c);

        return new self(
            $record->string('word'),
            $celsius('above_c'),
            $celsius('below_c'),
            Duration::seconds($record->number('wait_s')),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
