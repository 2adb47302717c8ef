<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Artwork;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Mask;

final class MaskTest extends TestCase
{
    /**
     * Against the definition: the least of all distances, pixel by pixel.
     *
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    #[TestWith([1, 7, 5])]
    #[TestWith([2, 13, 9])]
    #[TestWith([3, 1, 12])]
    #[TestWith([4, 20, 20])]
    public function testDistancesAreTheLeastOfAll(int $seed, int $width, int $height): void
    {
        mt_srand($seed);
        $mask = Shapes::mask($width, $height, static fn(): bool => 0 === mt_rand(0, 9));
        $set = array_keys(array_filter(str_split($mask->set), static fn(string $byte): bool => "\1" === $byte));
        foreach ($mask->distances() as $i => $distance) {
            $least = \INF;
            foreach ($set as $j) {
                $least = min($least, hypot(($i % $width) - ($j % $width), intdiv($i, $width) - intdiv($j, $width)));
            }
            self::assertEqualsWithDelta($least, $distance, 1e-9);
        }
    }

    public function testFromNothingEverythingIsInfinitelyFar(): void
    {
        self::assertSame([\INF, \INF, \INF, \INF], Mask::fromBits(2, 2, "\0\0\0\0")->distances());
    }

    public function testSpecksAreLeftOutAndWhatHangsTogetherStays(): void
    {
        $mask = Mask::fromBits(5, 3, "\1\0\0\1\1\0\1\0\0\1\0\0\1\0\0");
        self::assertSame(
            "\1\0\0\1\1\0\1\0\0\1\0\0\1\0\0",
            $mask->withoutSpecks(3)->set,
            'corner to corner hangs together, and no part wraps round an edge',
        );
        self::assertSame(0, $mask->withoutSpecks(4)->count());
    }

    public function testAFrameMovesNothing(): void
    {
        $mask = Mask::fromBits(2, 2, "\1\0\0\1")->framed(1);
        self::assertSame([4, 4], [$mask->width, $mask->height]);
        self::assertSame("\0\0\0\0\0\1\0\0\0\0\1\0\0\0\0\0", $mask->set);
        self::assertSame(2, $mask->count());
        self::assertSame(14, $mask->inverse()->count());
    }
}
