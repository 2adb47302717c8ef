<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Heat\Calibration;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Heat\Readings;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Tests\Orchard;

final class CalibrationTest extends TestCase
{
    private static function case(string $route): HeatCase
    {
        return Orchard::plan(Orchard::jobOf($route))->heatCase ?? throw new \LogicException('It is heated.');
    }

    /** Readings that a probe would give of a source that touches so well, with noise of about a degree. */
    private static function probed(HeatCase $case, float $value, int $seed): Readings
    {
        $random = new Randomizer(new Mt19937($seed));
        $times = [1.0, 2.0, 4.0, 7.0, 11.0, 16.0, 24.0, 35.0, 50.0];
        $lines = '';
        foreach (
            PressWindow::facesAt(
                $case->calibrated($value),
                Orchard::catalogue()->heat->parameters,
                Draw::middles(),
                $times,
            )
            as $i => $faces
        ) {
            $lines .= sprintf(
                "%.1f;%.2f\n",
                $times[$i],
                $faces['printed face'] + $random->getInt(-1000, 1000) / 1000.0,
            );
        }

        return Readings::fromCsv("seconds;celsius\n" . $lines, 'printed face');
    }

    #[TestWith(['light-film', 900.0])]
    #[TestWith(['light-film', 260.0])]
    #[TestWith(['sublimation', 1400.0])]
    #[TestWith(['tissue-wax', 55.0])]
    public function testWhatAProbeSawIsFoundAgain(string $route, float $true): void
    {
        $case = self::case($route);
        $fit = Calibration::fit($case, Orchard::catalogue()->heat->parameters, self::probed($case, $true, 7));
        self::assertEqualsWithDelta($true, $fit->value, 0.08 * $true);
        self::assertLessThan(1.0, $fit->rms, 'what is left is the noise');
        self::assertFalse($fit->atAnEnd);
        self::assertCount(9, $fit->points);
    }

    public function testReadingsThatNoContactExplainsAreTold(): void
    {
        $case = self::case('light-film');
        $fit = Calibration::fit(
            $case,
            Orchard::catalogue()->heat->parameters,
            Readings::fromCsv("5 21\n20 21\n60 22", 'printed face'),
        );
        self::assertTrue($fit->atAnEnd);
        self::assertGreaterThan(5.0, $fit->rms);
    }

    public function testACalibratedSourceIsUsedFromThenOn(): void
    {
        $case = self::case('light-film');
        $window = static fn(?float $value): ?float => PressWindow::forCase(
            $case->calibrated($value),
            Orchard::catalogue()->heat->parameters,
            Draw::seeded(5),
            false,
        )->earliestS;
        self::assertLessThan($window(250.0), $window(1500.0));
    }

    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'commas' => ["1,20\n2,40.5\n3,60", 'backing'];
        yield 'semicolons and decimal commas' => ["1,5;20,25\n2;40,5\n3;60", 'backing'];
        yield 'tabs and a head' => ["time\ttemp\n1\t20\n2\t40\n3\t60\n", 'base'];
    }

    #[DataProvider('texts')]
    public function testReadingsComeInSeveralWays(string $text, string $face): void
    {
        $readings = Readings::fromCsv($text, $face);
        self::assertCount(3, $readings->points);
        self::assertSame(60.0, $readings->points[2][1]);
    }

    #[TestWith(["1;20\n2;x\n3;40", 'readings', 'Line 2'])]
    #[TestWith(["1;20\n1;30\n3;40", 'readings', 'back in time'])]
    #[TestWith(["1;20\n2;900\n3;40", 'readings', 'cannot be'])]
    #[TestWith(["1;20\n2;30", 'readings', 'From 3'])]
    #[TestWith(["1;20\n2;30\n3;40", 'the moon', 'faces'])]
    public function testWrongReadingsAreToldByTheirLine(string $text, string $face, string $why): void
    {
        $this->expectException(BadRecord::class);
        $this->expectExceptionMessage($why);
        Readings::fromCsv($text, 'readings' === $face ? 'backing' : $face);
    }
}
