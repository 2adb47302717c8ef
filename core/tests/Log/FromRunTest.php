<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Log;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\FromRun;
use Wubbin\Core\Measure\Record;

final class FromRunTest extends TestCase
{
    /** @param list<array{string, string, float, float|null}> $steps id, kind, planned and taken seconds */
    private static function told(array $steps, string $peel = 'warm', string ...$skipped): Record
    {
        return Record::of([
            'facts' => [
                'route' => 'light-film',
                'dwell_s' => 18.0,
                'peel' => $peel,
                'base' => 'hard',
                'mirrored' => 'file',
                'guard' => true,
            ],
            'steps' => array_map(
                static fn(array $step): array => array_combine(['step', 'kind', 'planned', 'taken'], $step),
                $steps,
            ),
            'skipped' => array_map(
                static fn(string $step): array => ['step' => $step, 'reason' => 'Done before'],
                $skipped,
            ),
            'peeks' => 1,
        ]);
    }

    public function testTheShortestPlaceCountsAndTheEdgesAreNoPlace(): void
    {
        $done = FromRun::seen(
            self::told([
                ['heat-1', 'heat', 18.0, 19.0],
                ['heat-2', 'heat', 18.0, 11.5],
                ['heat-edges', 'heat', 6.0, 4.0],
            ]),
            null,
            null,
        );
        self::assertSame(11.5, $done->number(Done::DWELL));
        self::assertSame(1.0, $done->number(Done::PEEKS));
    }

    /** How long it cooled tells how warm it was peeled. */
    #[TestWith([70.0, 'warm'])]
    #[TestWith([30.0, 'hot'])]
    #[TestWith([400.0, 'cold'])]
    public function testHowItWasPeeled(float $cooled, string $peeled): void
    {
        self::assertSame(
            $peeled,
            FromRun::seen(self::told([['cool', 'cool', 70.0, $cooled]]), null, null)->word(Done::PEELED),
        );
    }

    public function testCoolingThatWasLeftOutIsAHotPeel(): void
    {
        self::assertSame(
            'hot',
            FromRun::seen(self::told([['cool', 'cool', 300.0, null]], 'cold', 'cool'), null, null)->word(Done::PEELED),
        );
        self::assertNull(FromRun::seen(self::told([]), null, null)->word(Done::PEELED), 'nobody saw it');
    }

    public function testCleaningThatWasLeftOutIsKnown(): void
    {
        self::assertTrue(
            FromRun::seen(self::told([['clean', 'clean', 90.0, null]], 'cold', 'clean'), null, null)->no(Done::CLEANED),
        );
    }

    public function testWhatWasSeenOutranksWhatWasPlanned(): void
    {
        $run = self::told([['cool', 'cool', 70.0, 10.0], ['dry', 'dry', 1800.0, 60.0]]);
        $done = FromRun::seen($run, 3, 195.0)->over(FromRun::planned($run));
        self::assertSame(
            ['hot', 'warm', 60.0, 195.0, 3.0],
            [
                $done->word(Done::PEELED),
                $done->word(Done::PEEL_ASKED),
                $done->number(Done::DRIED),
                $done->number(Done::CELSIUS),
                $done->number(Done::WASHES),
            ],
        );
        self::assertSame('file', $done->word(Done::MIRRORED));
        self::assertNull(
            FromRun::planned(Record::of(['facts' => ['mirrored' => 'none']]))->word(Done::MIRRORED),
            'nothing had to be',
        );
    }
}
