<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Tests\Slice;
use Wubbin\Core\Tests\Sweep\Fixes;

/** Every fix that is offered, applied, removes what offered it and brings nothing worse. */
final class FixesTest extends TestCase
{
    private const PLANS = 1500;
    private const SLICES = 5;

    private const WIDTHS = ['20 mm', '76 mm', '120 mm', '200 mm', '380 mm'];

    private const COLOURS = ['#ffffff', '#f4ecd8', '#1f4d2b'];

    public function testEveryFixFixes(): void
    {
        $random = new Randomizer(new Mt19937(16));
        $catalogue = Orchard::catalogue();
        $fixes = 0;
        for ($n = 0; $n < self::PLANS; ++$n) {
            $pick = static fn(array $of): string => array_values(array_filter($of, is_string(...)))[
                $random->getInt(0, count($of) - 1)
            ];
            $kind = $catalogue->blanks[$pick(array_keys($catalogue->blanks))];
            $job = Orchard::edit(Orchard::jobOf($pick(array_keys($catalogue->routes))), [
                'kind' => $kind->id,
                'size' => $pick(array_keys($kind->sizes)),
                'material' => $pick($kind->materials),
                'side' => $pick(array_keys($kind->sides)),
                'colour' => $pick(self::COLOURS),
                'width' => $pick(self::WIDTHS),
            ]);
            if (!Slice::holds($n, self::SLICES)) {
                continue;
            }
            [$tried, $wrong] = Fixes::of($job);
            self::assertSame([], $wrong);
            $fixes += $tried;
        }
        self::assertGreaterThan(Slice::isWhole() ? 1000 : intdiv(1000, self::SLICES + 1), $fixes, 'so many were tried');
    }

    /** A wrap whose ends overlap by a little is a wrap, and one that is put to the back lies behind its seam. */
    #[TestWith(['222 mm', '0 mm', null])]
    #[TestWith(['230 mm', '0 mm', 'picture.print-area'])]
    #[TestWith(['60 mm', '110 mm', null])]
    #[TestWith(['60 mm', '-100 mm', null])]
    public function testARoundPieceIsRound(string $width, string $right, ?string $stop): void
    {
        $job = Orchard::edit(Orchard::jobOf('tissue-wax'), [
            'height' => '50 mm',
            'right' => $right,
            'below' => '40 mm',
        ]);
        $wide = Orchard::plan(Orchard::edit($job, ['width' => $width]), Orchard::picture(2220.0, 500.0));
        $found = array_filter(
            $wide->checks,
            static fn(Check $check): bool => in_array($check->id, ['picture.print-area', 'place.print-area'], true) &&
                Severity::Pass !== $check->severity,
        );
        self::assertSame(null === $stop ? [] : [$stop], array_column($found, 'id'));
    }

    /** Lettering is as high as it can be. */
    public function testAWidePictureIsNotAskedToBeAsHighAsAnOrdinaryOne(): void
    {
        $job = Orchard::edit(Orchard::jobOf('laser-ceramic'), ['width' => '120 mm']);
        $lettering = Orchard::plan($job, Orchard::picture(4150.0, 1000.0));
        self::assertNull(Orchard::check($lettering, 'picture.usual-height'));
        self::assertNotNull(
            Orchard::check(Orchard::plan($job, Orchard::picture(1000.0, 1000.0)), 'picture.usual-height'),
        );
    }

    /** Raw wood is painted where the route goes on paint, which plain paper does not; a shirt is taken in white. */
    public function testWhatIsWhiteIsPaintedOrTaken(): void
    {
        $fix = static fn(Job $job): array => Orchard::check(Orchard::plan($job), 'blank.tone')->fix->changes ?? [];
        self::assertSame(
            'painted-wood',
            $fix(Orchard::edit(Orchard::jobOf('liner-wood'), ['material' => 'raw-wood', 'colour' => '#333333']))[
                'material'
            ] ?? '',
        );
        self::assertSame([], $fix(Orchard::edit(Orchard::jobOf('paper-wood'), ['colour' => '#333333'])));
        self::assertSame(['colour' => '#ffffff'], $fix(Orchard::edit(Orchard::job(), ['colour' => '#1f4d2b'])));
    }
}
