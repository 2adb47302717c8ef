<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Blank\Taper;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/**
 * The wall of a round piece at true size on paper, to cut out and try round it: in as many parts as the paper asks for,
 * each with a flap that the next one, or the other end, is stuck on.
 */
final readonly class WrapTemplate
{
    /** What a home printer leaves white, and room for the bar to check its scale by, in mm. */
    private const MARGIN_MM = 6.0;
    private const STRIP_MM = 14.0;

    private const FLAP_MM = 10.0;

    /** More parts than these and it is no longer tried round anything. */
    private const MOST_PARTS = 12;

    /** @param non-empty-list<TemplatePart> $parts */
    private function __construct(public array $parts) {}

    /** @throws BadRecord for a blank that is not round, or one that is too high for the paper */
    public static function forSize(BlankSize $size, Size $paper): self
    {
        if (!$size->shape->isRound() || null === $size->diameterMm) {
            throw BadRecord::at('blank', 'Only round pieces are tried with a strip of paper.');
        }
        $taper = $size->taper ?? Taper::across($size->diameterMm, $size->diameterMm, $size->heightMm);
        $area = $size->printArea;
        $half = (\M_PI * $area->size->widthMm) / $size->widthMm;
        for ($count = 1; $count <= self::MOST_PARTS; ++$count) {
            $page = self::pageFor($taper, (2.0 * \M_PI) / $count, $paper);
            if (null !== $page) {
                return new self(
                    array_map(
                        static fn(int $k): TemplatePart => self::part($taper, $k, $count, $page, [
                            $half,
                            $area->yMm,
                            $area->bottom(),
                        ]),
                        range(0, $count - 1),
                    ),
                );
            }
        }

        throw BadRecord::at(
            'blank',
            Shape::Tapered === $size->shape
                ? 'Its wall is too high for this paper, or leans too much.'
                : 'It is too high for this paper.',
        );
    }

    /** The page on which a part of so many radians and its flap have room; null where neither way does. */
    private static function pageFor(Taper $taper, float $wide, Size $paper): ?Size
    {
        $need = Contour::box(self::outline($taper, $wide))->size;
        foreach ([$paper, $paper->turned()] as $page) {
            if ($need->fitsIn(self::room($page)->size)) {
                return $page;
            }
        }

        return null;
    }

    private static function room(Size $page): Rect
    {
        return Rect::mm(
            self::MARGIN_MM,
            self::MARGIN_MM,
            $page->widthMm - 2.0 * self::MARGIN_MM,
            $page->heightMm - 2.0 * self::MARGIN_MM - self::STRIP_MM,
        );
    }

    /** @return non-empty-list<array{float, float}> of a part about the middle, with its flap to the right */
    private static function outline(Taper $taper, float $wide): array
    {
        $flap = self::FLAP_MM / max($taper->rimMm, $taper->footMm);
        $points = $taper->part(-$wide / 2.0, $wide / 2.0 + $flap, 0.0, $taper->slantMm());

        return [] === $points ? throw new \LogicException('A part of a wall has an edge.') : $points;
    }

    /**
     * @param array{float, float, float} $area half of its angle round the front, and where it begins and ends down
     *                                         the wall
     */
    private static function part(Taper $taper, int $index, int $count, Size $page, array $area): TemplatePart
    {
        $wide = (2.0 * \M_PI) / $count;
        $slant = $taper->slantMm();
        $outline = self::outline($taper, $wide);
        $box = Contour::box($outline);
        $room = self::room($page);
        [$dx, $dy] = [
            $room->xMm + ($room->size->widthMm - $box->size->widthMm) / 2.0 - $box->xMm,
            $room->yMm - $box->yMm,
        ];
        /** Angles round the piece, 0 in front, against those of this part, 0 in its middle. */
        $middle = -\M_PI + ($index + 0.5) * $wide;
        $onPage = static fn(float $angle, float $down): array => self::moved(
            $taper->flat($angle - $middle, $down),
            $dx,
            $dy,
        );
        $lines = [];
        foreach (['front' => 0.0, 'left' => -\M_PI / 2.0, 'right' => \M_PI / 2.0] as $angle) {
            if (abs($angle - $middle) < $wide / 2.0 - 0.01) {
                $lines[] = [$onPage($angle, 0.0), $onPage($angle, $slant)];
            }
        }
        [$half, $from, $to] = $area;
        [$left, $right] = [max(-$half, $middle - $wide / 2.0), min($half, $middle + $wide / 2.0)];
        $printed =
            $left >= $right
                ? []
                : array_map(
                    static fn(array $p): array => self::moved($p, $dx, $dy),
                    $taper->part($left - $middle, $right - $middle, $from, $to),
                );

        return new TemplatePart(
            $page,
            array_map(static fn(array $p): array => self::moved($p, $dx, $dy), $outline),
            [$onPage($middle + $wide / 2.0, 0.0), $onPage($middle + $wide / 2.0, $slant)],
            $lines,
            $printed,
            1 === $count ? '' : sprintf('part %d of %d', $index + 1, $count),
        );
    }

    /**
     * @param array{float, float} $point
     *
     * @return array{float, float}
     */
    private static function moved(array $point, float $dx, float $dy): array
    {
        return [round($point[0] + $dx, 3), round($point[1] + $dy, 3)];
    }
}
