<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Advice;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Advice\Advisor;
use Wubbin\Core\Advice\OneMore;
use Wubbin\Core\Advice\OpenWay;
use Wubbin\Core\Advice\Possible;
use Wubbin\Core\Advice\RouteAdvice;
use Wubbin\Core\Advice\Standing;
use Wubbin\Core\Advice\Wish;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Owning;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\UseWanted;
use Wubbin\Core\Tests\Orchard;

final class PossibleTest extends TestCase
{
    public function testAnIronAnInkjetAndFilmMakeCloth(): void
    {
        $open = self::of(['iron' => 'three', 'inkjet' => 'dye', 'film-clear' => 'a4'])->open;
        self::assertContains('shirt light-film', self::names($open));
        self::assertNotContains('mug laser-ceramic', self::names($open));
        self::assertSame(
            ['light-film'],
            array_values(array_unique(array_map(static fn(OpenWay $w): string => $w->route->id, $open))),
        );
    }

    public function testOneThingMoreIsTold(): void
    {
        $more = self::of(['laser-mono' => 'mono', 'iron' => 'three'])->oneMore;
        $liner = array_values(
            array_filter(
                $more,
                static fn(OneMore $one): bool => 'liner' === $one->want->owned(Orchard::catalogue())?->id,
            ),
        )[0];
        self::assertContains('wood board liner-wood', self::names($liner->opens));
        $film = Orchard::catalogue()->owned['film-clear'];
        self::assertSame([8, 20], $film->priceIn(Currency::of('EUR')));
        self::assertNull($film->priceIn(Currency::of('JPY')), 'what it costs there nobody knows');
    }

    /** Things that do not go together: a laser, and film that melts in it. */
    public function testALaserAndIronOnFilmOpenNothing(): void
    {
        $possible = self::of(['iron' => 'three', 'laser-mono' => 'mono', 'film-clear' => 'a4']);
        self::assertSame([], $possible->open);
        self::assertStringContainsString('melts the film', $possible->clashes[0]);
        self::assertContains(
            'inkjet',
            array_map(static fn(OneMore $o): ?string => $o->want->owned(Orchard::catalogue())?->id, $possible->oneMore),
        );
    }

    /** A candle with a wick is burned; an LED candle is not, whatever it is made of. Common practice, no source. */
    public function testOnlyACandleWithAWickIsBurned(): void
    {
        $open = self::of(['inkjet' => 'dye', 'tissue' => 'a4', 'dryer' => 'full'])->open;
        $burned = array_filter($open, static fn(OpenWay $way): bool => in_array(UseWanted::Burned, $way->uses(), true));
        self::assertContains('LED candle tissue-wax', self::names($open));
        self::assertSame(
            ['pillar candle'],
            array_values(array_unique(array_map(static fn(OpenWay $w): string => $w->blank->label, $burned))),
        );
    }

    public function testNothingOwnedOpensNothing(): void
    {
        $possible = self::of([]);
        self::assertSame([[], []], [$possible->open, $possible->clashes]);
    }

    /**
     * It says what the advisor says of each job: a way that is open there needs nothing, and one thing more is one.
     *
     * @param array<string, string> $taps
     */
    #[
        TestWith([
            ['iron' => 'three', 'inkjet' => 'dye', 'film-clear' => 'a4', 'film-release' => 'letter', 'gun' => 'large'],
        ]),
    ]
    #[
        TestWith([
            [
                'iron' => 'two',
                'laser-mono' => 'mono',
                'liner' => 'letter',
                'dryer' => 'full',
                'tissue' => 'a4',
                'spoon' => 'cold',
                'plain' => 'a4',
            ],
        ]),
    ]
    #[
        TestWith([
            [
                'mug-press' => 'ordinary',
                'laser-colour' => 'colour',
                'ceramic-laser' => 'a4',
                'sublimation-inkjet' => 'filled',
                'sublimation-paper' => 'a4',
                'flat-press' => 'square',
            ],
        ]),
    ]
    public function testItAgreesWithTheAdvisor(array $taps): void
    {
        $shelf = self::shelf($taps);
        $possible = Possible::with($shelf, Orchard::catalogue());
        $said = [
            'open' => $possible->open,
            'one' => array_merge(...array_map(static fn(OneMore $o): array => $o->opens, $possible->oneMore)),
        ];
        foreach ($said as $what => $ways) {
            foreach (self::some($ways, 12) as $way) {
                $advice = self::advice($way, $shelf);
                self::assertSame('open' === $what ? 0 : 1, count($advice->missing), self::names([$way])[0]);
                self::assertNotSame(Standing::Cannot, $advice->standing, self::names([$way])[0]);
            }
        }
    }

    private static function advice(OpenWay $way, Shelf $shelf): RouteAdvice
    {
        $catalogue = Orchard::catalogue();
        $job = Orchard::edit(Orchard::job(), [
            'kind' => $way->blank->id,
            'material' => $way->materials[0]->id,
            'artwork' => '',
            'colour' => '#ffffff',
        ]);
        $advice = (new Advisor($catalogue, new Planner($catalogue)))->advise(
            $job,
            $job->transfers[0],
            $shelf,
            null,
            new House(),
            new Wish(),
        );

        return array_values(
            array_filter($advice, static fn(RouteAdvice $one): bool => $one->routeId === $way->route->id),
        )[0];
    }

    /**
     * @param list<OpenWay> $ways
     *
     * @return list<OpenWay>
     */
    private static function some(array $ways, int $many): array
    {
        return array_slice((new \Random\Randomizer(new \Random\Engine\Mt19937(22)))->shuffleArray($ways), 0, $many);
    }

    /** @param array<string, string> $taps */
    private static function of(array $taps): Possible
    {
        return Possible::with(self::shelf($taps), Orchard::catalogue());
    }

    /** @param array<string, string> $taps */
    private static function shelf(array $taps): Shelf
    {
        $record = Shelf::nothing()->toRecord();
        foreach ($taps as $thing => $answer) {
            $record = Owning::set($record, Orchard::catalogue()->owned[$thing], [$answer], Orchard::catalogue());
        }

        return Shelf::fromRecord(Record::of($record), Orchard::catalogue());
    }

    /**
     * @param list<OpenWay> $ways
     *
     * @return list<string>
     */
    private static function names(array $ways): array
    {
        return array_map(static fn(OpenWay $way): string => $way->blank->label . ' ' . $way->route->id, $ways);
    }
}
