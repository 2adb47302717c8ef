<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Workshop;

final class HoursTest extends TestCase
{
    private static function week(): Hours
    {
        return new Hours([[100, 200], [300, 500], [900, 1000]]);
    }

    #[TestWith([0, 50, 100])]
    #[TestWith([150, 50, 150])]
    #[TestWith([151, 50, 300])]
    #[TestWith([200, 1, 300])]
    #[TestWith([0, 150, 300])]
    #[TestWith([450, 100, 900])]
    #[TestWith([950, 100, null])]
    #[TestWith([0, 250, null])]
    public function testTheFirstTimeWithoutABreak(int $from, int $seconds, ?int $at): void
    {
        self::assertSame($at, self::week()->from($from, $seconds));
    }

    #[TestWith([0, 50, [100, 250]])]
    #[TestWith([0, 500, [100, 300]])]
    #[TestWith([2, 500, [900, 1500]])]
    public function testAStretchGoesOnAsFarAsTheNext(int $stretch, int $seconds, mixed $is): void
    {
        self::assertSame($is, self::week()->longer($stretch, $seconds)->stretches[$stretch]);
    }

    public function testTheLongest(): void
    {
        self::assertSame([200, 0], [self::week()->longest(), (new Hours([]))->longest()]);
    }

    /** Kelvin up or down take the same; a machine without a temperature takes nothing. */
    #[TestWith(['press', 160.0, 200.0, 240])]
    #[TestWith(['press', 200.0, 160.0, 240])]
    #[TestWith(['press', 180.0, 180.0, 0])]
    #[TestWith(['press', null, 180.0, 0])]
    #[TestWith(['printer', 160.0, 200.0, 0])]
    #[TestWith([null, 160.0, 200.0, 0])]
    public function testChangingTheTemperature(?string $machine, ?float $from, ?float $to, int $seconds): void
    {
        $workshop = new Workshop(1, self::week(), ['press' => 1, 'printer' => 1], ['press' => 6.0]);
        self::assertSame($seconds, $workshop->change($machine, $from, $to));
    }

    public function testAnotherWorkshopHasTheRestAsItWas(): void
    {
        $workshop = new Workshop(1, self::week(), ['press' => 1], ['press' => 6.0], ['rack' => 8]);
        $more = $workshop->with(hands: 2, places: ['rack' => 16]);
        self::assertSame(
            [2, 16, 1, 240],
            [$more->hands, $more->places['rack'], $more->machines['press'], $more->change('press', 160.0, 200.0)],
        );
        self::assertSame(1, $workshop->hands);
    }
}
