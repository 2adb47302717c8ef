<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/**
 * A test ladder: swatches over two settings, each pressed by its own, marked, and one chosen.
 *
 * Swatches are counted along x and y from 0; their names are a letter for the row and a number for the column.
 */
final readonly class Ladder
{
    private const LEAST_MM = 15.0;
    private const MOST_MM = 60.0;

    /** Between swatches: room to cut, and for the name of each. */
    private const GAP_MM = 9.0;

    /** @param array<string, LadderMark> $marks by name of the swatch */
    private function __construct(
        public LadderAxis $x,
        public LadderAxis $y,
        public float $swatchMm,
        public array $marks,
    ) {}

    /** @throws BadRecord naming the field: the same setting along both sides, swatches outside 15 to 60 mm */
    public static function fromAxes(LadderAxis $x, LadderAxis $y, float $swatchMm): self
    {
        if ($x->of === $y->of) {
            throw BadRecord::at('y', 'The two sides must change two different things.');
        }
        if ($swatchMm < self::LEAST_MM || $swatchMm > self::MOST_MM) {
            throw BadRecord::at(
                'swatch_mm',
                sprintf('A swatch is from %d to %d mm wide.', self::LEAST_MM, self::MOST_MM),
            );
        }

        return new self($x, $y, $swatchMm, []);
    }

    /**
     * @param array<string, LadderMark> $marks
     *
     * @throws BadRecord for a swatch that it does not have
     */
    public function marked(array $marks): self
    {
        foreach (array_keys($marks) as $name) {
            if (!in_array($name, $this->names(), true)) {
                throw BadRecord::at('marks', sprintf('This ladder has no swatch %s.', mb_substr($name, 0, 10)));
            }
        }

        return new self($this->x, $this->y, $this->swatchMm, $marks);
    }

    public static function name(int $x, int $y): string
    {
        return chr(ord('A') + $y) . ($x + 1);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn(array $cell): string => self::name(...$cell), $this->cells());
    }

    /**
     * Where the swatches lie on a sheet, from its upper left printable corner.
     *
     * @return array<string, Rect> by name
     *
     * @throws BadRecord where they do not fit
     */
    public function places(Size $page, float $marginMm): array
    {
        $room = Rect::at(0.0, 0.0, $page)->grown(-$marginMm);
        $step = $this->swatchMm + self::GAP_MM;
        if (
            count($this->x->values) * $step > $room->size->widthMm ||
            count($this->y->values) * $step > $room->size->heightMm
        ) {
            throw BadRecord::at('swatch_mm', 'They do not fit on one sheet. Make them smaller, or make fewer.');
        }
        $places = [];
        foreach ($this->cells() as [$x, $y]) {
            $places[self::name($x, $y)] = Rect::mm(
                $room->xMm + $x * $step,
                $room->yMm + $y * $step,
                $this->swatchMm,
                $this->swatchMm,
            );
        }

        return $places;
    }

    /**
     * In which order they are pressed: what dried longest comes last, and a press is only ever made hotter, since that
     * is quicker than cooling it; then by pressure and time.
     *
     * @return list<array{name: string, x: int, y: int}>
     */
    public function order(): array
    {
        $cells = $this->cells();
        $rank = fn(int $x, int $y): array => array_map(fn(string $of): float => $this->value($of, $x, $y) ?? 0.0, [
            LadderAxis::DRYING,
            LadderAxis::CELSIUS,
            LadderAxis::PRESSURE,
            LadderAxis::SECONDS,
        ]);
        usort($cells, static fn(array $one, array $other): int => $rank(...$one) <=> $rank(...$other));

        return array_map(
            static fn(array $cell): array => ['name' => self::name(...$cell), 'x' => $cell[0], 'y' => $cell[1]],
            $cells,
        );
    }

    /**
     * The good swatch that is furthest from any that is not: the setting that forgives most. Of equals the one of lower
     * settings. Nobody has looked beyond the ladder's edge, which counts as half a rung away.
     *
     * @return array{name: string, x: int, y: int,
     *     away: float}|null rungs to the nearest that failed; null where none is good
     */
    public function chosen(): ?array
    {
        $best = null;
        foreach ($this->cells() as [$x, $y]) {
            if (LadderMark::Good !== ($this->marks[self::name($x, $y)] ?? null)) {
                continue;
            }
            $away = $this->away($x, $y);
            if (null === $best || $away > $best['away'] + 1e-9) {
                $best = ['name' => self::name($x, $y), 'x' => $x, 'y' => $y, 'away' => $away];
            }
        }

        return $best;
    }

    private function away(int $x, int $y): float
    {
        // A rung beyond the edge would be one away, and may be good or not.
        $away = min($x, $y, count($this->x->values) - 1 - $x, count($this->y->values) - 1 - $y) + 0.5;
        foreach ($this->cells() as [$i, $j]) {
            $mark = $this->marks[self::name($i, $j)] ?? null;
            if (null !== $mark && LadderMark::Good !== $mark) {
                $away = min($away, (float) max(abs($i - $x), abs($j - $y)));
            }
        }

        return $away;
    }

    /** The value of a setting at a swatch; null where the ladder does not vary it. */
    public function value(string $of, int $x, int $y): ?float
    {
        return match ($of) {
            $this->x->of => $this->x->values[$x],
            $this->y->of => $this->y->values[$y],
            default => null,
        };
    }

    /** @return list<array{int, int}> row by row */
    private function cells(): array
    {
        $cells = [];
        foreach (array_keys($this->y->values) as $y) {
            foreach (array_keys($this->x->values) as $x) {
                $cells[] = [$x, $y];
            }
        }

        return $cells;
    }
}
