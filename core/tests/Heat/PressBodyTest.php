<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\PressBody;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Tests\Orchard;

final class PressBodyTest extends TestCase
{
    private static function press(HeatKind $kind = HeatKind::FlatPress): PressBody
    {
        return PressBody::cold($kind, Orchard::catalogue()->heat->parameters);
    }

    /** Full power on a body that loses little: it warms by P/C a second, 12 kW/m² on 48 kJ/m²K. */
    public function testItWarmsAsItsPowerLetsIt(): void
    {
        $press = self::press();
        $press->advance(60.0, 200.0, false);
        self::assertEqualsWithDelta(20.0 + (60.0 * 12000.0) / 48000.0, $press->celsius(), 0.5);
    }

    /** From cold it takes many minutes, and stays near its setting then. */
    public function testItIsKeptNearItsSetting(): void
    {
        $press = self::press();
        $press->advance(1800.0, 180.0, false);
        self::assertEqualsWithDelta(180.0, $press->celsius(), 3.0);
    }

    public function testItDropsWhenItClosesAndComesBack(): void
    {
        $press = self::press(HeatKind::MugPress);
        $press->advance(1200.0, 182.0, false);
        $before = $press->celsius();
        $press->loaded();
        $press->advance(8.0, 182.0, true);
        self::assertLessThan($before - 5.0, $press->celsius());
        self::assertGreaterThan(40.0, $press->load());
        $press->advance(300.0, 182.0, true);
        self::assertEqualsWithDelta(182.0, $press->celsius(), 4.0);
    }

    /** Unheated it comes to the room's temperature, not below. */
    public function testItCoolsToTheRoom(): void
    {
        $press = self::press();
        $press->advance(600.0, 150.0, false);
        $press->advance(36000.0, 0.0, false);
        self::assertEqualsWithDelta(20.0, $press->celsius(), 0.5);
    }

    /** How time is cut into pieces does not matter. */
    public function testManyShortLooksAreAsOneLong(): void
    {
        [$one, $many] = [self::press(), self::press()];
        $one->advance(100.0, 150.0, false);
        for ($n = 0; $n < 400; ++$n) {
            $many->advance(0.25, 150.0, false);
        }
        self::assertEqualsWithDelta($one->celsius(), $many->celsius(), 0.1);
    }
}
