<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

use Wubbin\Core\Blank\Perspective;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;

/**
 * A picture on paper that was photographed from the side, squared up by its four corners. Its shape is that of the
 * sheet where that is known; else the mean of its sides as they show.
 */
final readonly class Square implements OnPixels
{
    /** @param list<array{float, float}> $corners as shares of the photo, one after the other round it */
    private function __construct(public array $corners, public ?PaperSize $paper) {}

    /**
     * @param list<array{float, float}> $corners
     *
     * @throws BadRecord where they cross, lie in a line or outside of the photo
     */
    public static function by(array $corners, ?PaperSize $paper): self
    {
        $photo = Size::mm(1000.0, 1000.0);
        Perspective::fromCorners(
            array_map(static fn(array $c): array => [$c[0] * 1000.0, $c[1] * 1000.0], $corners),
            PaperSize::A4->size(),
            $photo,
        );

        return new self($corners, $paper);
    }

    public static function fromRecord(Record $record): self
    {
        return self::by(
            array_map(
                static fn(Record $corner): array => [$corner->number('x'), $corner->number('y')],
                $record->records('corners'),
            ),
            $record->has('paper') ? $record->enum('paper', PaperSize::class) : null,
        );
    }

    public function toRecord(): array
    {
        return [
            'do' => 'square',
            'corners' => array_map(static fn(array $c): array => ['x' => $c[0], 'y' => $c[1]], $this->corners),
            'paper' => $this->paper?->value,
        ];
    }

    /**
     * The corners in pixels of the photo, from the upper left one with the clock.
     *
     * @return list<array{float, float}>
     */
    public function upright(Size $photo): array
    {
        $corners = array_map(
            static fn(array $c): array => [$c[0] * $photo->widthMm, $c[1] * $photo->heightMm],
            $this->corners,
        );
        [$a, $b, $c] = $corners;
        if (($b[0] - $a[0]) * ($c[1] - $b[1]) - ($b[1] - $a[1]) * ($c[0] - $b[0]) < 0.0) {
            $corners = array_reverse($corners);
        }
        $first = 0;
        foreach ($corners as $i => [$x, $y]) {
            $first = $x + $y < $corners[$first][0] + $corners[$first][1] ? $i : $first;
        }

        return [...array_slice($corners, $first), ...array_slice($corners, 0, $first)];
    }

    /** What the squared picture measures, in the photo's own unit. */
    public function sizeOf(Size $photo): Size
    {
        [$a, $b, $c, $d] = $this->upright($photo);
        [$wide, $high] = [
            (self::apart($a, $b) + self::apart($d, $c)) / 2.0,
            (self::apart($b, $c) + self::apart($a, $d)) / 2.0,
        ];
        $sheet = $this->paper?->size();
        if (null === $sheet) {
            return Size::mm($wide, $high);
        }
        $aspect = $wide > $high ? $sheet->heightMm / $sheet->widthMm : $sheet->widthMm / $sheet->heightMm;

        return Size::mm(sqrt($wide * $high * $aspect), sqrt(($wide * $high) / $aspect));
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $q
     */
    private static function apart(array $p, array $q): float
    {
        return hypot($q[0] - $p[0], $q[1] - $p[1]);
    }

    public function box(Rect $now): Rect
    {
        $size = $this->sizeOf($now->size);

        return Box::about($now, $size->widthMm, $size->heightMm);
    }
}
