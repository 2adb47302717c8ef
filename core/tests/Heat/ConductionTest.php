<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Heat;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Heat\Conduction;
use Wubbin\Core\Heat\Form;
use Wubbin\Core\Heat\Grid;
use Wubbin\Core\Heat\ImpossibleModel;
use Wubbin\Core\Heat\Slab;
use Wubbin\Core\Heat\Substance;
use Wubbin\Core\Heat\Surrounding;

/** The solver against solutions that are known. Every run must also balance its heat within 0.1 %. */
final class ConductionTest extends TestCase
{
    private static function wood(): Substance
    {
        return new Substance(0.15, 640.0, 2805.0);
    }

    private static function assertBalanced(Conduction $heat): void
    {
        self::assertLessThan(0.001, $heat->imbalance(), 'heat is neither made nor lost');
    }

    /** Handbook values of the error function: Abramowitz & Stegun, table 7.1 (from memory). */
    #[TestWith([0.5, 0.5204998778])]
    #[TestWith([1.0, 0.8427007929])]
    #[TestWith([2.0, 0.995322265])]
    #[TestWith([3.0, 0.9999779095])]
    public function testTheErrorFunctionOfTheseTests(float $x, float $value): void
    {
        self::assertEqualsWithDelta($value, Erf::of($x), 1e-9);
    }

    /**
     * Semi-infinite solid, surface held: Carslaw & Jaeger, Conduction of Heat in Solids, 2.4. Within 0.5 % of the step
     * at 20 places.
     */
    public function testAHalfSpaceWhoseSurfaceIsHeld(): void
    {
        $wood = self::wood();
        $heat = new Conduction(
            ($grid = new Grid([new Slab('wood', $wood, 0.08, cells: 320)])),
            Surrounding::held(120.0),
            Surrounding::none(),
        );
        $heat->until(600.0);
        $alpha = $wood->conductivity / $wood->capacity;
        foreach (range(0, 19) as $n) {
            $cell = 4 * $n;
            $x = ($cell + 0.5) * $grid->wide[0];
            $exact = 120.0 - 100.0 * Erf::of($x / 2.0 / sqrt($alpha * 600.0));
            self::assertEqualsWithDelta(
                $exact,
                $heat->temperatures()[$cell],
                0.5,
                sprintf('%.1f mm deep', 1000.0 * $x),
            );
        }
        self::assertBalanced($heat);
    }

    /**
     * Semi-infinite solid with surface convection: Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, eq. 5.60
     * (from memory).
     */
    public function testAHalfSpaceInMovingAir(): void
    {
        $wood = self::wood();
        $h = 70.0;
        $heat = new Conduction(
            ($grid = new Grid([new Slab('wood', $wood, 0.08, cells: 320)])),
            Surrounding::steady(105.0, $h),
            Surrounding::none(),
        );
        $heat->until(300.0);
        $alpha = $wood->conductivity / $wood->capacity;
        $k = $wood->conductivity;
        $root = sqrt($alpha * 300.0);
        foreach (range(0, 19) as $n) {
            $cell = 3 * $n;
            $x = ($cell + 0.5) * $grid->wide[0];
            $theta =
                Erf::complement($x / 2.0 / $root) -
                exp(($h * $x) / $k + (($h * $root) / $k) ** 2) * Erf::complement($x / 2.0 / $root + ($h * $root) / $k);
            self::assertEqualsWithDelta(
                20.0 + 85.0 * $theta,
                $heat->temperatures()[$cell],
                0.425,
                sprintf('%.1f mm deep', 1000.0 * $x),
            );
        }
        self::assertBalanced($heat);
    }

    /** Plane wall with convection, one-term solution: Incropera & DeWitt, table 5.1 (from memory). Within 1 %. */
    #[TestWith([0.1, 0.3111, 1.0161])]
    #[TestWith([1.0, 0.8603, 1.1191])]
    #[TestWith([10.0, 1.4289, 1.262])]
    public function testAWallInMovingAir(float $bi, float $root, float $first): void
    {
        $wood = self::wood();
        $half = 0.01;
        // Half a wall, nothing passing its middle.
        $heat = new Conduction(
            new Grid([new Slab('wall', $wood, $half, cells: 60)]),
            Surrounding::steady(120.0, ($bi * $wood->conductivity) / $half),
            Surrounding::none(),
        );
        $fo = 0.6;
        $heat->until(($fo * $half ** 2) / ($wood->conductivity / $wood->capacity));
        $middle = $first * exp(-($root ** 2) * $fo);
        self::assertEqualsWithDelta($middle, (120.0 - $heat->lowerFace('wall')) / 100.0, 0.01 * $middle);
        self::assertEqualsWithDelta($middle * cos($root), (120.0 - $heat->upperFace('wall')) / 100.0, 0.01);
        self::assertBalanced($heat);
    }

    /** Long cylinder with convection, one-term solution: Incropera & DeWitt, table 5.1 (from memory). Within 1 %. */
    #[TestWith([0.1, 0.4417, 1.0246])]
    #[TestWith([1.0, 1.2558, 1.2071])]
    #[TestWith([10.0, 2.1795, 1.5677])]
    public function testACylinderInMovingAir(float $bi, float $root, float $first): void
    {
        $wood = self::wood();
        $radius = 0.01;
        $heat = new Conduction(
            new Grid([new Slab('rod', $wood, $radius, cells: 80)], Form::Cylinder, $radius),
            Surrounding::steady(120.0, ($bi * $wood->conductivity) / $radius),
            Surrounding::none(),
        );
        $fo = 0.4;
        $heat->until(($fo * $radius ** 2) / ($wood->conductivity / $wood->capacity));
        $axis = $first * exp(-($root ** 2) * $fo);
        self::assertEqualsWithDelta($axis, (120.0 - $heat->temperatures()[79]) / 100.0, 0.01 * $axis + 0.0005);
        self::assertBalanced($heat);
    }

    /**
     * Two half-spaces put together: the contact is at once at the mean by their effusivities. Carslaw & Jaeger, 2.15.
     * Within 0.5 %.
     */
    public function testTwoBodiesThatTouch(): void
    {
        $paper = new Substance(0.18, 930.0, 1340.0);
        $metal = new Substance(237.0, 2702.0, 903.0);
        foreach ([[self::wood(), $paper], [$metal, self::wood()]] as [$one, $other]) {
            $heat = new Conduction(
                new Grid([
                    new Slab('one', $one, 0.05, celsius: 180.0, cells: 400),
                    new Slab('other', $other, 0.05, celsius: 20.0, cells: 400),
                ]),
                Surrounding::none(),
                Surrounding::none(),
            );
            $heat->until(0.9);
            [$e, $f] = array_map(static fn(Substance $of): float => sqrt($of->conductivity * $of->capacity), [
                $one,
                $other,
            ]);
            $exact = (180.0 * $e + 20.0 * $f) / ($e + $f);
            self::assertEqualsWithDelta($exact, $heat->lowerFace('one'), 0.8);
            self::assertEqualsWithDelta($exact, $heat->upperFace('other'), 0.8);
            self::assertBalanced($heat);
        }
    }

    /**
     * Melting of a half-space at its melting point whose surface is held above it: Neumann's solution of the Stefan
     * problem, Carslaw & Jaeger, chapter 11. The front within 2 %.
     */
    #[TestWith([0.1])]
    #[TestWith([0.5])]
    #[TestWith([2.0])]
    public function testAMeltingFront(float $stefan): void
    {
        $latent = 200.0e3;
        $capacity = 2500.0;
        $step = ($stefan * $latent) / $capacity;
        $wax = new Substance(0.24, 900.0, $capacity, 52.0, 52.1, $latent);
        $heat = new Conduction(
            new Grid([new Slab('wax', $wax, 0.012, celsius: 52.0, cells: 240)]),
            Surrounding::held(52.0 + $step),
            Surrounding::none(),
        );
        $heat->until(90.0);
        // λ exp(λ²) erf(λ) = Ste / √π, by halving.
        [$low, $high] = [0.0, 3.0];
        for ($n = 0; $n < 60; ++$n) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] =
                $middle * exp($middle ** 2) * Erf::of($middle) < $stefan / sqrt(\M_PI)
                    ? [$middle, $high]
                    : [$low, $middle];
        }
        $front = 2.0 * $low * sqrt((0.24 / (900.0 * $capacity)) * 90.0);
        self::assertEqualsWithDelta($front, $heat->melted('wax'), 0.02 * $front);
        self::assertBalanced($heat);
    }

    /** A body that is as warm inside as outside cools exponentially. Within 0.2 % of the difference. */
    public function testAThinMetalBoxCools(): void
    {
        $metal = new Substance(237.0, 2702.0, 903.0);
        $heat = new Conduction(
            new Grid([new Slab('tag', $metal, 0.002, celsius: 180.0, cells: 1)]),
            Surrounding::steady(20.0, 15.0),
            Surrounding::none(),
        );
        foreach ([20.0, 80.0, 240.0] as $seconds) {
            $heat->until($seconds);
            self::assertEqualsWithDelta(
                20.0 + 160.0 * exp((-15.0 * $seconds) / ($metal->capacity * 0.002)),
                $heat->temperatures()[0],
                0.32,
            );
        }
        self::assertBalanced($heat);
    }

    /**
     * A plate that heats up alone: dT/dt = P/C until its thermostat throttles it, and then it stays near its setting.
     */
    public function testAPlateHeatsUpAndIsKeptThere(): void
    {
        $plate = Surrounding::plate(200.0, 0.001, 50000.0, 20000.0, 20.0);
        $heat = new Conduction(new Grid([new Slab('base', self::wood(), 0.018)]), $plate, Surrounding::none());
        $heat->until(200.0);
        self::assertEqualsWithDelta(20.0 + (20000.0 / 50000.0) * 200.0, $heat->above(), 0.3);
        $heat->until(900.0);
        self::assertEqualsWithDelta(200.0, $heat->above(), 3.0);
        self::assertBalanced($heat);
    }

    /** A plate put down on something cold gives up heat, and comes back by its power. */
    public function testAPlateDropsWhenItCloses(): void
    {
        $heat = new Conduction(
            new Grid([
                new Slab('cloth', new Substance(0.08, 450.0, 1300.0), 0.0006, 500.0),
                new Slab('base', self::wood(), 0.018),
            ]),
            Surrounding::plate(204.0, 500.0, 30000.0, 15000.0, 204.0, 10.0),
            Surrounding::steady(20.0, 8.0),
        );
        $least = 204.0;
        $heat->until(120.0, static function (Conduction $now) use (&$least): bool {
            $least = min($least, $now->above());

            return true;
        });
        self::assertLessThan(203.0, $least);
        self::assertGreaterThan($least, $heat->above());
        self::assertBalanced($heat);
    }

    /** Smooth and without melting: halving the cells leaves a quarter of the error. */
    public function testItConvergesAtSecondOrderInSpace(): void
    {
        $wood = self::wood();
        $errors = [];
        foreach ([8, 16, 32] as $cells) {
            $errors[] = self::errorOfAWave($wood, $cells, 2.0e-6);
        }
        self::assertEqualsWithDelta(4.0, $errors[0] / $errors[1], 0.5);
        self::assertEqualsWithDelta(4.0, $errors[1] / $errors[2], 0.6);
    }

    /** A cosine between two walls that nothing passes dies away as exp(−α(π/L)²t). */
    private static function errorOfAWave(Substance $of, int $cells, float $tolerance): float
    {
        $long = 0.02;
        // The mean of the wave over each cell.
        $slabs = array_map(
            static fn(int $i): Slab => new Slab(
                's' . $i,
                $of,
                $long / $cells,
                celsius: 50.0 +
                    ((30.0 * $cells) / \M_PI) * (sin((\M_PI * ($i + 1)) / $cells) - sin((\M_PI * $i) / $cells)),
                cells: 1,
            ),
            range(0, $cells - 1),
        );
        $heat = new Conduction(new Grid($slabs), Surrounding::none(), Surrounding::none(), $tolerance);
        $seconds = 150.0;
        $heat->until($seconds);
        $fade = exp((-$of->conductivity / $of->capacity) * (\M_PI / $long) ** 2 * $seconds);
        $error = 0.0;
        foreach ($heat->temperatures() as $i => $celsius) {
            $mean = ($cells / \M_PI) * (sin((\M_PI * ($i + 1)) / $cells) - sin((\M_PI * $i) / $cells));
            $error = max($error, abs($celsius - 50.0 - 30.0 * $mean * $fade));
        }

        return $error;
    }

    /** Melting converges too, if not at second order. */
    public function testMeltingConverges(): void
    {
        $depth = static function (int $cells): float {
            $wax = new Substance(0.24, 900.0, 2500.0, 52.0, 58.0, 200.0e3);
            $heat = new Conduction(
                new Grid([new Slab('wax', $wax, 0.01, cells: $cells)]),
                Surrounding::steady(105.0, 70.0),
                Surrounding::none(),
                0.01,
            );
            $heat->until(180.0);

            return $heat->melted('wax');
        };
        [$coarse, $middle, $fine] = [$depth(25), $depth(100), $depth(400)];
        self::assertLessThan(abs($coarse - $fine), abs($middle - $fine));
        self::assertLessThan(0.02 * $fine, abs($middle - $fine));
    }

    /** The grid's own cells are as good as ten times as many. */
    public function testTheGridsOwnCellsAreFineEnough(): void
    {
        $at = static function (int $each): float {
            $cloth = new Substance(0.08, 450.0, 1300.0);
            $paper = new Substance(0.18, 930.0, 1340.0);
            $slabs = [
                new Slab('paper', $paper, 0.0001, 500.0, cells: $each),
                new Slab('film', $paper, 0.0002, 500.0, cells: $each),
                new Slab('cloth', $cloth, 0.0006, 400.0, cells: $each),
                new Slab('base', self::wood(), 0.018, cells: 10 * $each),
            ];
            $heat = new Conduction(new Grid($slabs), Surrounding::steady(200.0, 500.0), Surrounding::steady(20.0, 8.0));
            $heat->until(15.0);
            self::assertBalanced($heat);

            return $heat->lowerFace('film');
        };
        self::assertEqualsWithDelta($at(40), $at(0), 0.6);
    }

    /** A mass above that is not heated: its heat goes into the stack, none is lost. */
    public function testAWarmSpoonGivesItsHeatAway(): void
    {
        $heat = new Conduction(
            new Grid([new Slab('wax', new Substance(0.24, 900.0, 2500.0, 52.0, 58.0, 200.0e3), 0.03)]),
            Surrounding::mass(180.0, 400.0, 8000.0, 12.0, 20.0),
            Surrounding::steady(20.0, 8.0),
        );
        $heat->until(30.0);
        self::assertLessThan(130.0, $heat->above());
        self::assertGreaterThan(0.0001, $heat->melted('wax'));
        self::assertBalanced($heat);
        $heat->surround(Surrounding::steady(20.0, 10.0));
        $heat->until(900.0);
        self::assertLessThan(1.0e-5, $heat->melted('wax'), 'it sets again');
    }

    /** @return iterable<string, array{callable(): mixed}> */
    public static function impossible(): iterable
    {
        $wood = self::wood();
        yield 'a layer of no thickness' => [static fn() => new Slab('x', $wood, 0.0)];
        yield 'a negative one' => [static fn() => new Slab('x', $wood, -0.001)];
        yield 'negative conductivity' => [static fn() => new Substance(-0.1, 600.0, 1000.0)];
        yield 'no density' => [static fn() => new Substance(0.1, 0.0, 1000.0)];
        yield 'liquid before it begins to melt' => [
            static fn() => new Substance(0.1, 600.0, 1000.0, 58.0, 52.0, 1000.0),
        ];
        yield 'a contact that lets nothing through' => [static fn() => new Slab('x', $wood, 0.001, 0.0)];
        yield 'layers thicker than the candle' => [
            static fn() => new Grid([new Slab('x', $wood, 0.05)], Form::Cylinder, 0.03),
        ];
    }

    /** @param callable(): mixed $make */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefused(callable $make): void
    {
        $this->expectException(ImpossibleModel::class);
        $make();
    }

    public function testAHundredLayersAndTenThousandSeconds(): void
    {
        $slabs = array_map(static fn(int $i): Slab => new Slab('s' . $i, self::wood(), 0.0005, 600.0), range(0, 99));
        $heat = new Conduction(new Grid($slabs), Surrounding::steady(180.0, 500.0), Surrounding::none());
        $heat->until(0.0);
        self::assertSame(0, $heat->accepted);
        $heat->until(10000.0);
        self::assertGreaterThan(40.0, $heat->lowerFace('s99'));
        self::assertBalanced($heat);
    }
}
