<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Sheet\Gang\GangPin;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** How jobs are to be laid out together, as a page asks for it and a worker is told. */
final readonly class GangWish
{
    private const LEAST_SECONDS = 0.5;
    private const MOST_SECONDS = 60.0;

    /**
     * @param list<string> $jobs ids
     * @param float $seconds that may be spent on each kind of sheet, and each way of laying it
     * @param list<string> $later jobs whose pieces may fill what is left
     * @param bool $swatches test swatches may
     * @param bool $offcuts those on the shelf are used first
     * @param list<string> $upright ids of pieces that are not turned
     * @param array<string, list<GangPin>> $pins by lot
     */
    private function __construct(
        public array $jobs,
        public Length $gap,
        public float $seconds,
        public array $later,
        public bool $swatches,
        public bool $offcuts,
        public array $upright,
        public array $pins,
    ) {}

    /** @throws Refusal naming the field */
    public static function typed(Record $body, QuantityParser $parser): self
    {
        try {
            $gap = $parser->length($body->string('gap'));
        } catch (UnreadableQuantity $e) {
            throw InvalidInput::field('gap', $e->getMessage());
        }

        return self::of($body, $gap);
    }

    public static function fromRecord(Record $record): self
    {
        return self::of($record, Length::mm($record->number('gap_mm')));
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        $pins = [];
        foreach ($this->pins as $lot => $of) {
            foreach ($of as $pin) {
                $pins[] = [
                    'lot' => $lot,
                    'piece' => $pin->piece,
                    'sheet' => $pin->sheet,
                    'x_mm' => $pin->xMm,
                    'y_mm' => $pin->yMm,
                    'quarters' => $pin->quarters,
                ];
            }
        }

        return [
            'jobs' => $this->jobs,
            'gap_mm' => $this->gap->mm,
            'seconds' => $this->seconds,
            'later' => $this->later,
            'swatches' => $this->swatches,
            'offcuts' => $this->offcuts,
            'upright' => $this->upright,
            'pins' => $pins,
        ];
    }

    private static function of(Record $record, Length $gap): self
    {
        $pins = [];
        foreach ($record->records('pins') as $pin) {
            /** @var int<0, 3> $quarters */
            $quarters = max(0, min(3, $pin->integer('quarters')));
            $pins[$pin->string('lot')][] = new GangPin(
                $pin->string('piece'),
                max(0, $pin->integer('sheet')),
                $pin->number('x_mm'),
                $pin->number('y_mm'),
                $quarters,
            );
        }

        return new self(
            $record->strings('jobs'),
            $gap,
            min(self::MOST_SECONDS, max(self::LEAST_SECONDS, $record->number('seconds'))),
            array_values(array_diff($record->strings('later'), $record->strings('jobs'))),
            $record->has('swatches') && $record->boolean('swatches'),
            !$record->has('offcuts') || $record->boolean('offcuts'),
            $record->strings('upright'),
            $pins,
        );
    }
}
