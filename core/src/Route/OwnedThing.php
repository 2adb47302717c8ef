<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** Something that people own, as they point at it, with the one question that is asked about it. */
final readonly class OwnedThing
{
    /** Currencies in which the same figures are about right; in others nobody knows. */
    private const WORTH_A_EURO = ['EUR', 'USD', 'GBP', 'CHF'];

    /**
     * @param string $look how it is told from others
     * @param string|null $question null where there is nothing to ask
     * @param bool $several more than one answer can hold
     * @param non-empty-list<OwnedAnswer> $answers the usual one first
     * @param array{int, int} $price of one, from and to, in a currency that is worth about a euro
     */
    private function __construct(
        public string $id,
        public OwnedGroup $group,
        public string $label,
        public string $look,
        public ?string $question,
        public bool $several,
        public array $answers,
        private array $price,
        public Provenance $priceProvenance,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record, Provenance $priceProvenance): self
    {
        $answers = array_map(OwnedAnswer::fromRecord(...), $record->records('answers'));
        $price = $record->integers('price');
        if ([] === $answers || 2 !== count($price)) {
            throw BadRecord::at($record->string('id'), 'It needs an answer, and a price from and to.');
        }

        return new self(
            $record->string('id'),
            $record->enum('group', OwnedGroup::class),
            $record->string('label'),
            $record->string('look'),
            $record->stringOrNull('question'),
            $record->has('several') && $record->boolean('several'),
            $answers,
            [$price[0], $price[1]],
            $priceProvenance,
        );
    }

    /** @return array{int, int}|null what one costs, from and to, in whole units; null where nobody knows */
    public function priceIn(Currency $currency): ?array
    {
        return in_array($currency->code, self::WORTH_A_EURO, true) ? $this->price : null;
    }

    /** What stands until somebody answers: of sheets the size that the shop prints on, and else the usual one. */
    public function usualOn(PaperSize $paper): OwnedAnswer
    {
        foreach ($this->answers as $answer) {
            if ($answer->id === $paper->value) {
                return $answer;
            }
        }

        return $this->answers[0];
    }

    /** Whether one of its answers puts this on the shelf. */
    public function puts(string $kind, string $id): bool
    {
        foreach ($this->answers as $answer) {
            if (in_array($id, $answer->puts[$kind] ?? [], true)) {
                return true;
            }
        }

        return false;
    }
}
