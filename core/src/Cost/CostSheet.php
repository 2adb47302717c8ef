<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

use Wubbin\Core\Log\SuccessShare;
use Wubbin\Core\Measure\Money;

/**
 * What so many good pieces cost, and what that is made of. Pieces that do not come out good are paid by those that do:
 * everything that a piece takes is divided by the share that comes out good at the first try.
 */
final readonly class CostSheet
{
    /** @param list<CostLine> $lines */
    private function __construct(public int $pieces, public array $lines, public int $total, public ?float $success) {}

    /**
     * @param array<string, Ledger> $stock by the key of an item
     * @param SuccessShare|null $share of pieces good at the first try; where too few were made nothing is counted
     *                                 for losses
     */
    public static function forPieces(
        int $pieces,
        Needs $needs,
        Batch $batch,
        Rates $rates,
        array $stock,
        ?SuccessShare $share,
    ): self {
        $lines = self::direct($needs, $batch, $rates, $stock);
        $direct = array_sum(array_column($lines, 2));
        $success = null;
        if (null !== $share && $share->count() >= SuccessShare::FEW) {
            $success = $share->mean();
            $lines[] = [
                'losses',
                'pieces that go wrong',
                $direct * (1.0 / $success - 1.0),
                sprintf('%d of %d came out good at the first try', $share->good, $share->count()),
                null,
            ];
        }
        if ($rates->overhead > 0.0) {
            $lines[] = [
                'overhead',
                'overhead',
                ($rates->overhead * $direct) / ($success ?? 1.0),
                sprintf('%s %% of all this', self::number(100.0 * $rates->overhead)),
                null,
            ];
        }
        $exact = [];
        foreach ($lines as $n => $line) {
            $exact['line ' . $n] = $line[2] ?? 0.0;
        }
        $minor = Money::apportioned($exact);

        return new self(
            $pieces,
            array_map(
                static fn(array $line, int $n): CostLine => new CostLine(
                    $line[0],
                    $line[1],
                    $line[2],
                    $minor['line ' . $n],
                    $line[3],
                    null === $line[2] ? $line[4] : null,
                ),
                $lines,
                array_keys($lines),
            ),
            array_sum($minor),
            $success,
        );
    }

    /**
     * What goes into the pieces: stuff, label, cost, how it comes about, and what is wanted where nobody knows it.
     *
     * @param array<string, Ledger> $stock by key
     *
     * @return list<array{string, string, float|null, string, string|null}>
     */
    private static function direct(Needs $needs, Batch $batch, Rates $rates, array $stock): array
    {
        $lines = [];
        foreach ($needs->items as $key => $item) {
            $amount = $needs->amounts[$key];
            $cost = ($stock[$key] ?? Ledger::of([]))->costOf($amount);
            $lines[] = [
                $item->stuff->value,
                $item->label,
                $cost,
                sprintf('%s %s', self::number($amount), 1.0 === $amount ? rtrim($item->unit, 's') : $item->unit) .
                (Stuff::Sheet === $item->stuff && $needs->spares > 0 ? sprintf(', %d to spare', $needs->spares) : ''),
                $key,
            ];
        }
        if ($batch->heatUpWs + $batch->heldWs > 0.0) {
            $lines[] = [
                'energy',
                'electricity',
                null === $rates->kwh ? null : $rates->kwh * ($batch->heatUpKwh() + $batch->heldKwh()),
                sprintf(
                    '%s kWh to heat up once, %s kWh while pieces are heated%s',
                    self::number($batch->heatUpKwh()),
                    self::number($batch->heldKwh()),
                    $batch->usual ? ', at the watts usual for it' : '',
                ),
                'kwh',
            ];
        }
        $lines[] = [
            'hands',
            'hands',
            null === $rates->hour ? null : ($rates->hour * $batch->handsS) / 3600.0,
            sprintf('%d min', (int) round($batch->handsS / 60.0)),
            'hour',
        ];

        return $lines;
    }

    /** Minor units, and parts of them, that one good piece costs. */
    public function each(): float
    {
        return array_sum(array_map(static fn(CostLine $line): float => $line->exact ?? 0.0, $this->lines)) /
            $this->pieces;
    }

    /** Everything in it has a price. */
    public function whole(): bool
    {
        return [] === array_filter($this->lines, static fn(CostLine $line): bool => null === $line->exact);
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, $value < 10.0 ? 2 : 1, '.', ''), '0'), '.');
    }
}
