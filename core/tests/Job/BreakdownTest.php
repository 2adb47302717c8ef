<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Breakdown;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Job\Share;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\SharePlan;
use Wubbin\Core\Tests\Orchard;

final class BreakdownTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{int, string, ?string, ?float}>}> */
    public static function texts(): iterable
    {
        yield 'sizes' => ['6 S, 10 M, 6 L', [[6, 'S', null, null], [10, 'M', null, null], [6, 'L', null, null]]];
        yield 'with a colour' => ['2 XL navy', [[2, 'XL', '#1d2b45', null]]];
        yield 'with a colour of two words' => ['2 XL ash grey', [[2, 'XL', '#e3e6e8', null]]];
        yield 'with a width' => ['2 2XL 260 mm', [[2, '2XL', null, 260.0]]];
        yield 'with both, and an inch' => ['3 M sky blue 9 1/2 in', [[3, 'M', '#bcd6e6', 241.3]]];
        yield 'with a decimal comma' => ['3 M 21,6 cm, 1 S', [[3, 'M', null, 216.0], [1, 'S', null, null]]];
        yield 'written otherwise' => [
            "6x S; 10 × m\n1 child 5–6 years",
            [[6, 'S', null, null], [10, 'M', null, null], [1, 'child-5', null, null]],
        ];
        yield 'digits of a colour' => ['1 M #123456', [[1, 'M', '#123456', null]]];
        yield 'nothing' => ['  ', []];
    }

    /** @param list<array{int, string, ?string, ?float}> $expected */
    #[DataProvider('texts')]
    public function testItIsReadAsPeopleWriteIt(string $typed, array $expected): void
    {
        $shares = Orchard::edited(['breakdown' => $typed])->breakdown;
        self::assertEquals(
            $expected,
            array_map(
                static fn(Share $s): array => [
                    $s->quantity,
                    $s->sizeId,
                    $s->colour?->toHex(),
                    null === $s->widthMm ? null : round($s->widthMm, 6),
                ],
                $shares,
            ),
        );
        $kind = Orchard::catalogue()->blanks['shirt'];
        self::assertEqualsWithDelta(
            $shares,
            Orchard::edited(['breakdown' => Breakdown::write($shares, $kind, Orchard::catalogue())])->breakdown,
            0.05,
            'written and read again',
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function mistakes(): iterable
    {
        yield 'no number' => ['S', 'begin with how many'];
        yield 'none' => ['0 S', 'whole number'];
        yield 'too many' => ['20000 S', 'whole number'];
        yield 'no such size' => ['3 XXS', 'a size that there is'];
        yield 'no such colour' => ['3 M mauve', 'neither a colour nor a width'];
        yield 'no such width' => ['3 M navy 1 mm', 'from 5 mm'];
        yield 'one of several' => ['3 M, 2 Q', '“2 Q”'];
    }

    #[DataProvider('mistakes')]
    public function testWhatCannotBeReadIsNamed(string $typed, string $message): void
    {
        try {
            Orchard::edited(['breakdown' => $typed]);
            self::fail('It was let through.');
        } catch (RefusedEdit $e) {
            self::assertStringContainsString($message, $e->problems['breakdown']);
        }
    }

    public function testTheQuantityIsWhatTheyAddUpTo(): void
    {
        self::assertSame(24, Orchard::edited(['breakdown' => '6 S, 10 M, 6 L, 2 XL'])->quantity);
        self::assertSame(
            [],
            Orchard::edit(Orchard::edited(['breakdown' => '6 S, 10 M']), ['quantity' => '5'])->breakdown,
        );
        self::assertSame([], Orchard::edit(Orchard::edited(['breakdown' => '6 S']), ['kind' => 'mug'])->breakdown);
    }

    public function testAJobWithSharesSurvivesItsFile(): void
    {
        $job = Orchard::edited(['breakdown' => '6 S navy 200 mm, 10 M']);
        self::assertEquals(
            $job,
            JobFile::read(Record::of(json_decode((string) json_encode(JobFile::write($job)), true))),
        );
    }

    public function testEachShareHasAPlanOfItsOwn(): void
    {
        $plan = Orchard::whole(Orchard::edited(['breakdown' => '6 S 120 mm, 10 M, 2 L']));
        self::assertSame(
            ['S 120 mm', 'M', 'L'],
            array_map(static fn(SharePlan $s): string => $s->label, $plan->shares),
        );
        self::assertSame(
            [120.0, 240.0, 240.0],
            array_map(
                static fn(SharePlan $s): float => $s->plan->transfers[0]->placing->placed->size->widthMm ?? 0.0,
                $plan->shares,
            ),
        );
        self::assertCount(3, array_unique(array_map(static fn(SharePlan $s): string => $s->plan->id(), $plan->shares)));
        self::assertTrue($plan->ready());
        self::assertSame(
            '18: 6 × S 120 mm, 10 × M, 2 × L',
            (new UnitFormat())->phrase(Orchard::decision($plan->transfers[0], 'quantity')->value),
        );
    }

    public function testWhatStandsAgainstOneOfThemIsTold(): void
    {
        $plan = Orchard::plan(Orchard::edited(['breakdown' => '10 M, 2 child 5–6 years, 1 M black']));
        self::assertSame(Severity::Stop, Orchard::check($plan, 'share.child-5-6-years')?->severity);
        self::assertStringContainsString('no white ink', Orchard::check($plan, 'share.m-black')->message->text ?? '');
        self::assertFalse($plan->ready());
    }

    public function testASizeThatTheBlankDoesNotHaveIsRefusedWhenPlanned(): void
    {
        $this->expectException(\Wubbin\Core\Measure\BadRecord::class);
        Orchard::plan(Orchard::job(['breakdown' => [['quantity' => 1, 'size' => 'XXS']]]));
    }
}
