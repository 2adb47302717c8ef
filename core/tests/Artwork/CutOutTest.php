<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\CutOut\CutOut;
use Wubbin\Core\Artwork\CutOut\MinimumCut;
use Wubbin\Core\Artwork\CutOut\Stroke;
use Wubbin\Core\Artwork\CutOut\Superpixels;
use Wubbin\Core\Artwork\LabPlanes;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Measure\BadRecord;

/** A thing told from what is round it, where it is known which is which. */
final class CutOutTest extends TestCase
{
    /** A spotted disc on a meadow whose colours vary: one stroke over it is enough. */
    public function testOneStrokeTellsADiscFromAMeadow(): void
    {
        $cut = CutOut::of(self::patches(), Stroke::parse('keep 0.02 0.4 0.5 0.6 0.5'));
        self::assertGreaterThan(0.95, self::overlap($cut, self::disc()));
    }

    /** What the first stroke missed, another says; and what it took too much of. */
    public function testFurtherStrokesMendIt(): void
    {
        $cut = CutOut::of(self::patches(), Stroke::parse('keep 0.02 0.5 0.5 0.95 0.95'));
        $mended = CutOut::of(
            self::patches(),
            Stroke::parse('keep 0.02 0.4 0.5 0.6 0.5;remove 0.02 0.1 0.1 0.9 0.1 0.9 0.9 0.1 0.9 0.1 0.1'),
        );
        self::assertGreaterThan(self::overlap($cut, self::disc()), self::overlap($mended, self::disc()));
        self::assertGreaterThan(0.95, self::overlap($mended, self::disc()));
    }

    /** What was said last of a place holds. */
    public function testTheLastStrokeOverAPlaceHolds(): void
    {
        $cut = CutOut::of(self::patches(), Stroke::parse('remove 0.02 0.5 0.5;keep 0.02 0.4 0.5 0.6 0.5'));
        self::assertSame("\1", $cut->set[60 * 160 + 80]);
    }

    #[TestWith(['draw 0.02 0.5 0.5'])]
    #[TestWith(['keep 0.02'])]
    #[TestWith(['keep 0.02 0.5'])]
    #[TestWith(['keep thick 0.5 0.5'])]
    #[TestWith(['keep 0.02 here there'])]
    #[TestWith(['keep 2 0.5 0.5'])]
    #[TestWith([';'])]
    public function testWhatIsNoStrokeIsRefused(string $text): void
    {
        $this->expectException(BadRecord::class);
        Stroke::parse($text);
    }

    public function testTooManyStrokesAreRefused(): void
    {
        $this->expectExceptionMessage('at most 40');
        Stroke::parse(implode(';', array_fill(0, 41, 'keep 0.02 0.5 0.5')));
    }

    public function testPointsOutsideThePictureLieOnItsEdge(): void
    {
        self::assertSame([[0.0, 1.0]], Stroke::parse('keep 0.02 -3 7')[0]->points);
        self::assertSame([], Stroke::parse(' '));
    }

    /** Against all 2ⁿ ways to part small graphs: no cut is cheaper. */
    public function testNoOtherCutCostsLess(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 40; ++$round) {
            $n = 6;
            $graph = new MinimumCut($n);
            $terminals = $links = [];
            for ($node = 0; $node < $n; ++$node) {
                $terminals[$node] = [mt_rand(0, 9) / 1.0, mt_rand(0, 9) / 1.0];
                $graph->terminal($node, ...$terminals[$node]);
                for ($other = 0; $other < $node; ++$other) {
                    $links[] = [$other, $node, mt_rand(0, 6) / 1.0];
                    $graph->link($other, $node, $links[count($links) - 1][2]);
                }
            }
            $cost = static function (array $side) use ($terminals, $links): float {
                $sum = 0.0;
                foreach ($terminals as $node => [$source, $sink]) {
                    $sum += true === $side[$node] ? $sink : $source;
                }
                foreach ($links as [$one, $other, $price]) {
                    $sum += $side[$one] === $side[$other] ? 0.0 : $price;
                }

                return $sum;
            };
            $least = \INF;
            for ($bits = 0; $bits < 2 ** $n; ++$bits) {
                $least = min(
                    $least,
                    $cost(array_map(static fn(int $node): bool => 1 === (($bits >> $node) & 1), range(0, $n - 1))),
                );
            }
            self::assertEqualsWithDelta($least, $cost($graph->sourceSide()), 1e-6);
        }
    }

    private static function patches(): Superpixels
    {
        $bitmap = self::picture();

        return Superpixels::of(LabPlanes::of($bitmap), $bitmap->width, $bitmap->height, 500);
    }

    private static function picture(): Bitmap
    {
        mt_srand(4);

        return Shapes::bitmap(160, 120, static function (int $x, int $y): string {
            $noise = mt_rand(-14, 14);
            if (hypot($x - 80, $y - 60) < 36) {
                return 0 === intdiv($x, 9) % 3
                    ? sprintf('%02x%02x%02xff', 90 + $noise, 50 + $noise, 40 + $noise)
                    : sprintf('%02x%02x%02xff', 190 + $noise, 130 + $noise, 60 + $noise);
            }
            $light = (int) (30 * sin($x / 7.0) * cos($y / 5.0));

            return sprintf('%02x%02x%02xff', 60 + $noise + $light, 140 + $noise + $light, 50 + $noise);
        });
    }

    private static function disc(): Mask
    {
        return Shapes::mask(160, 120, static fn(float $x, float $y): bool => hypot($x - 80, $y - 60) < 36);
    }

    private static function overlap(Mask $one, Mask $other): float
    {
        $both = $one->and($other)->count();

        return $both / max(1, $one->count() + $other->count() - $both);
    }
}
