<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Advice;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Advice\Advisor;
use Wubbin\Core\Advice\Criterion;
use Wubbin\Core\Advice\RouteAdvice;
use Wubbin\Core\Advice\Standing;
use Wubbin\Core\Advice\Wish;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\LookWanted;
use Wubbin\Core\Route\UseWanted;
use Wubbin\Core\Tests\Orchard;

final class AdvisorTest extends TestCase
{
    public function testAWhiteShirtToBeWashedGoesOnFilm(): void
    {
        $advice = self::advise(Orchard::job(), wish: new Wish(UseWanted::Washed));
        self::assertContains($advice[0]->routeId, ['light-film', 'multi-film', 'dark-film']);
        self::assertSame(Standing::Works, $advice[0]->standing);
        self::assertSame(Standing::Cannot, self::of($advice, 'tissue-wax')->standing);
    }

    public function testADarkShirtIsSentToOpaqueFilm(): void
    {
        $advice = self::advise(Orchard::jobOf('dark-film'), wish: new Wish(UseWanted::Washed));
        self::assertSame('dark-film', $advice[0]->routeId);
        $clear = self::of($advice, 'light-film');
        self::assertSame(Standing::Cannot, $clear->standing);
        self::assertStringContainsString('no white ink', $clear->against[0]->text);
        self::assertSame('dark-film', $clear->instead);
    }

    /** A press does what an iron does, in a fraction of the hands' time: the advisor takes it, and says both times. */
    public function testAPressIsTakenWhereItLeavesHandsLessToDo(): void
    {
        $film = self::of(self::advise(Orchard::job()), 'light-film');
        self::assertContains($film->changes['heat'] ?? '', ['press-flat', 'press-large']);
        self::assertMatchesRegularExpression(
            '/In your .*press it takes \{press\} of work\. With an iron it takes \{iron\}/',
            implode(' ', array_map(static fn(Phrase $one): string => $one->text, $film->for)),
        );
        $taken = Orchard::plan(Orchard::edit(Orchard::job(), $film->changes));
        self::assertSame(HeatKind::FlatPress, $taken->outfit->heatKind);
        $plain = self::of(self::advise(Orchard::job(), self::shelf(['heat' => [self::iron()]])), 'light-film');
        self::assertArrayNotHasKey('heat', $plain->changes);
    }

    /** A mug wants a mug press, whatever flat one there is; nylon a patch of cotton. */
    public function testWhatIsMissingIsThatForThisPiece(): void
    {
        $press = ['id' => 'p', 'label' => 'press', 'kind' => 'flat-press', 'plate_width_mm' => 380];
        $shelf = self::shelf(['heat' => [$press + ['plate_length_mm' => 380, 'from_c' => 80, 'to_c' => 220]]]);
        $mug = Orchard::edit(Orchard::job(), ['kind' => 'mug', 'material' => 'coated-ceramic', 'width' => '80 mm']);
        self::assertContains('mug press', self::of(self::advise($mug, $shelf), 'sublimation')->missing);
        $apron = Orchard::jobOf('sublimation');
        self::assertNotContains('flat press', self::of(self::advise($apron, $shelf), 'sublimation')->missing);
        $jacket = self::of(self::advise(Orchard::edit(Orchard::job(), ['kind' => 'jacket'])), 'light-film');
        self::assertStringContainsString('patch of cotton', $jacket->against[1]->text);
    }

    /** A route whose plan stops does not work, and what would mend it is told. */
    #[TestWith(['width', '330 mm', 'light-film'])]
    #[TestWith(['width', '400 mm', 'dark-film'])]
    public function testItJudgesByThePlansOwnChecks(string $field, string $typed, string $route): void
    {
        $job = Orchard::edit(Orchard::job(), [$field => $typed, 'route' => $route]);
        $stops = array_filter(
            Orchard::plan($job)->checks,
            static fn(Check $check): bool => Severity::Stop === $check->severity,
        );
        self::assertNotSame([], $stops);
        $advice = self::of(self::advise($job), $route);
        self::assertSame(Standing::Change, $advice->standing);
        $stop = array_values($stops)[0];
        self::assertStringContainsString($stop->message->text, $advice->against[0]->text);
        self::assertStringContainsString($stop->mend->text ?? '?', $advice->against[0]->text);
    }

    /** Every route of every blank: what works has no stop in its plan, and what has one does not work. */
    public function testItAgreesWithThePlan(): void
    {
        foreach (array_keys(Orchard::catalogue()->routes) as $from) {
            $job = Orchard::jobOf($from);
            foreach (self::advise($job) as $advice) {
                $plan = Orchard::plan(Orchard::edit($job, ['route' => $advice->routeId] + $advice->changes));
                $stops = array_filter(
                    $plan->checks,
                    static fn(Check $check): bool => in_array(
                        $check->severity,
                        [Severity::Stop, Severity::Impossible],
                        true,
                    ),
                );
                if (Standing::Works === $advice->standing) {
                    self::assertSame([], array_column($stops, 'id'), $from . ' by ' . $advice->routeId);
                }
                if (Standing::Change === $advice->standing) {
                    self::assertNotSame([], $stops, $from . ' by ' . $advice->routeId);
                }
            }
        }
    }

    public function testWhatIsMissingIsNamedAndOneThingComesBeforeMany(): void
    {
        $shelf = self::shelf(['media' => ['film-clear-a4'], 'markings' => ['laser-mono'], 'heat' => [self::iron()]]);
        $advice = self::advise(Orchard::job(), $shelf);
        $film = self::of($advice, 'light-film');
        self::assertSame(Standing::Buy, $film->standing);
        self::assertSame(['inkjet with dye ink'], $film->missing);
        self::assertSame(['label liner, Letter'], self::of($advice, 'liner-fabric')->missing);
        $buy = array_values(array_filter($advice, static fn(RouteAdvice $a): bool => Standing::Buy === $a->standing));
        $counts = array_map(static fn(RouteAdvice $a): int => count($a->missing), $buy);
        $sorted = $counts;
        sort($sorted);
        self::assertSame($sorted, $counts);
    }

    public function testAnEmptyShelfStillSaysWhatToBuy(): void
    {
        $advice = self::advise(Orchard::job(), Shelf::nothing());
        self::assertSame(
            ['clear iron-on film, A4', 'inkjet with dye ink', 'iron'],
            self::of($advice, 'light-film')->missing,
        );
    }

    public function testAnIronThatStaysLukewarmIsNamed(): void
    {
        $shelf = self::shelf([
            'media' => ['film-clear-a4'],
            'markings' => ['inkjet-dye'],
            'heat' => [['dots' => 2] + self::iron()],
        ]);
        self::assertSame(
            ['iron that gets hotter'],
            self::of(self::advise(Orchard::job(), $shelf), 'light-film')->missing,
        );
    }

    public function testAShopWithoutADryerIsOfferedTheWayItCanGo(): void
    {
        $shelf = self::shelf([
            'media' => ['tissue-a4'],
            'markings' => ['inkjet-dye'],
            'covers' => ['parchment'],
            'heat' => [['id' => 'g', 'label' => 'gun', 'kind' => 'gun', 'from_c' => 200, 'to_c' => 500]],
        ]);
        $tissue = self::of(self::advise(Orchard::jobOf('tissue-wax'), $shelf), 'tissue-wax');
        self::assertSame(Standing::Works, $tissue->standing);
        self::assertSame(['route' => 'tissue-wax', 'school.candle-heat' => 'gun'], $tissue->changes);
        self::assertTrue(
            Orchard::plan(Orchard::edit(Orchard::jobOf('tissue-wax'), $tissue->changes), shelf: $shelf)->ready(),
        );
    }

    public function testPointsAreTheSumOfWhatIsShown(): void
    {
        foreach (self::advise(Orchard::job(), wish: new Wish(UseWanted::Hung, LookWanted::Matte)) as $advice) {
            self::assertSame(
                ['fit', 'use', 'look', 'cost', 'effort', 'success'],
                array_map(static fn(Criterion $c): string => $c->id, $advice->criteria),
            );
            self::assertSame(
                array_sum(array_map(static fn(Criterion $c): int => $c->points ?? 0, $advice->criteria)),
                $advice->points(),
            );
        }
    }

    public function testOwnRunsCountOnceThereAreAny(): void
    {
        self::assertNull(self::success([]));
        self::assertSame(3, self::success(['light-film' => ['good' => 9, 'started' => 10]]));
        self::assertSame(0, self::success(['light-film' => ['good' => 0, 'started' => 10]]));
    }

    public function testAWornLookIsAskedForAndGiven(): void
    {
        $advice = self::advise(Orchard::jobOf('liner-fabric'), wish: new Wish(null, LookWanted::Worn));
        self::assertSame('liner-fabric', $advice[0]->routeId);
    }

    /** Every route is somewhere, and its decisions can be set beside another's. */
    public function testTwoRoutesCanBeCompared(): void
    {
        $advice = self::advise(Orchard::job());
        self::assertCount(12, $advice);
        foreach ($advice as $one) {
            self::assertContains('mirrored', array_map(static fn($d): string => $d->id, $one->decisions));
            self::assertGreaterThan(0.0, $one->oneSeconds);
        }
    }

    /**
     * @param array<string, array{good: int, started: int}> $runs
     *
     * @return list<RouteAdvice>
     */
    private static function advise(Job $job, ?Shelf $shelf = null, Wish $wish = new Wish(), array $runs = []): array
    {
        $catalogue = Orchard::catalogue();

        return (new Advisor($catalogue, new Planner($catalogue)))->advise(
            $job,
            $job->transfers[0],
            $shelf ?? Orchard::shelf(),
            Orchard::picture(),
            new House(),
            $wish,
            $runs,
        );
    }

    /** @param array<string, array{good: int, started: int}> $runs */
    private static function success(array $runs): ?int
    {
        $criteria = self::of(self::advise(Orchard::job(), runs: $runs), 'light-film')->criteria;

        return array_values(array_filter($criteria, static fn(Criterion $c): bool => 'success' === $c->id))[0]->points;
    }

    /** @param list<RouteAdvice> $advice */
    private static function of(array $advice, string $route): RouteAdvice
    {
        foreach ($advice as $one) {
            if ($one->routeId === $route) {
                return $one;
            }
        }
        throw new \OutOfBoundsException($route);
    }

    /** @param array<string, mixed> $record */
    private static function shelf(array $record): Shelf
    {
        return Shelf::fromRecord(Record::of($record), Orchard::catalogue());
    }

    /** @return array<string, mixed> */
    private static function iron(): array
    {
        return [
            'id' => 'i',
            'label' => 'iron',
            'kind' => 'iron',
            'plate_width_mm' => 115,
            'plate_length_mm' => 210,
            'dots' => 3,
            'steam' => false,
        ];
    }
}
