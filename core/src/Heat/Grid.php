<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/**
 * A stack of slabs divided into cells, finest at their faces: what passes between neighbouring middles at a kelvin of
 * difference, and what a cell holds, for a square metre of a plane, or for a radian and a metre of a cylinder's length.
 */
final readonly class Grid
{
    /** A cell at a face is this part of its slab at most, and its neighbours grow by this factor. */
    private const FINEST = 0.12;
    private const GROWTH = 1.35;
    private const FEWEST = 3;
    private const MOST = 24;

    /** Cells thinner than this gain nothing, in metres: heat crosses them within milliseconds. */
    private const THINNEST = 2.0e-5;

    /** @var list<float> thickness of each cell, in m */
    public array $wide;

    /** @var list<float> what each cell holds, in m (plane) or m² a radian (cylinder) */
    public array $volume;

    /** @var list<Substance> */
    public array $of;

    /** @var list<float> by cell: from its middle to its upper face, in K·m²/W (or K·m/W a radian) */
    public array $up;

    /** @var list<float> by cell: from its middle to its lower face */
    public array $down;

    /** @var list<float> by cell: of the contact at its lower face; 0 within a slab */
    public array $contact;

    /** @var list<float> by face, the uppermost first: area for a metre of height (1, or its radius) */
    public array $area;

    /** @var array<string, array{int, int}> first and last cell of each slab, by its name */
    public array $cellsOf;

    /** @var list<float> °C that each cell has at first */
    public array $start;

    /**
     * @param non-empty-list<Slab> $slabs from the heat down, or from outside inward
     * @param float $radius of the outermost face of a cylinder, in m
     *
     * @throws ImpossibleModel
     */
    public function __construct(array $slabs, public Form $form = Form::Plane, float $radius = 0.0)
    {
        $thick = array_sum(array_map(static fn(Slab $slab): float => $slab->metres, $slabs));
        if (Form::Cylinder === $form && $thick > $radius * 1.000001) {
            throw ImpossibleModel::because('The layers are thicker than the cylinder is.');
        }
        $wide = $of = $contact = $start = $cellsOf = [];
        foreach ($slabs as $slab) {
            $cells = self::divide($slab);
            $cellsOf[$slab->name] = [count($wide), count($wide) + count($cells) - 1];
            foreach ($cells as $i => $metres) {
                $wide[] = $metres;
                $of[] = $slab->of;
                $start[] = $slab->celsius;
                $contact[] = $i === count($cells) - 1 && is_finite($slab->contact) ? 1.0 / $slab->contact : 0.0;
            }
        }
        $volume = $up = $down = [];
        $area = [Form::Plane === $form ? 1.0 : $radius];
        $outer = $radius;
        foreach ($wide as $i => $metres) {
            $k = $of[$i]->conductivity;
            if (Form::Plane === $form) {
                $volume[] = $metres;
                $up[] = $down[] = $metres / 2.0 / $k;
                $area[] = 1.0;
                continue;
            }
            $inner = max(0.0, $outer - $metres);
            $middle = ($outer + $inner) / 2.0;
            $volume[] = ($outer ** 2 - $inner ** 2) / 2.0;
            $up[] = log($outer / $middle) / $k;
            // Round the axis itself nothing passes inward.
            $down[] = $inner < 1e-9 ? \INF : log($middle / $inner) / $k;
            $area[] = $inner;
            $outer = $inner;
        }
        [$this->wide, $this->of, $this->contact, $this->start, $this->cellsOf] = [
            $wide,
            $of,
            $contact,
            $start,
            $cellsOf,
        ];
        [$this->volume, $this->up, $this->down, $this->area] = [$volume, $up, $down, $area];
    }

    /** @return list<float> what passes between a cell and the one beneath it, in W/K */
    public function conductances(): array
    {
        $all = [];
        for ($i = 0, $last = count($this->wide) - 1; $i < $last; ++$i) {
            $all[] =
                1.0 /
                ($this->down[$i] +
                    ($this->contact[$i] > 0.0 ? $this->contact[$i] / $this->area[$i + 1] : 0.0) +
                    $this->up[$i + 1]);
        }

        return $all;
    }

    /** @return list<float> thicknesses of a slab's cells, growing from both faces to its middle */
    private static function divide(Slab $slab): array
    {
        if ($slab->cells > 0) {
            return array_fill(0, $slab->cells, $slab->metres / $slab->cells);
        }
        $half = [];
        $sum = 0.0;
        $cell = max(self::THINNEST, min(self::FINEST * $slab->metres, 4.0e-4));
        while ($sum + $cell < $slab->metres / 2.0 && 2 * count($half) < self::MOST - 2) {
            $half[] = $cell;
            $sum += $cell;
            $cell *= self::GROWTH;
        }
        if (2 * count($half) < self::FEWEST) {
            return array_fill(0, self::FEWEST, $slab->metres / self::FEWEST);
        }
        // What is left in the middle is one cell, or two where one would be coarse.
        $rest = $slab->metres - 2.0 * $sum;
        $middle = $rest > 1.5 * $cell ? [$rest / 2.0, $rest / 2.0] : [$rest];

        return [...$half, ...$middle, ...array_reverse($half)];
    }
}
