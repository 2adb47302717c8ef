<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Tests\Orchard;

/** Which way a sheet reads, in every sentence of a plan. Common practice, no source. */
final class ReadingTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function routes(): iterable
    {
        foreach (array_keys(Orchard::catalogue()->routes) as $route) {
            yield $route => [$route];
        }
    }

    /** What is mirrored reads backwards on its face, and so the right way round through its back. */
    #[DataProvider('routes')]
    public function testThroughItsBackItReadsTheOtherWay(string $route): void
    {
        $plan = Orchard::plan(Orchard::jobOf($route));
        $mirrored = $plan->arrangement->stack->mirrored();
        foreach ($plan->steps as $step) {
            $this->says($step, 'through its back it reads', $mirrored ? 'the right way round' : 'backwards');
            $this->says($step, 'it must read', $mirrored ? 'backwards' : 'the right way round');
        }
    }

    #[TestWith(['multi-film'])]
    #[TestWith(['liner-wood'])]
    public function testItIsToldWhereTheSheetLetsYouSeeThrough(string $route): void
    {
        $cues = implode(
            ' ',
            array_map(static fn(Step $step): string => $step->cue->text, Orchard::plan(Orchard::jobOf($route))->steps),
        );
        self::assertStringContainsString('Through its back it reads the right way round.', $cues);
    }

    private function says(Step $step, string $about, string $wanted): void
    {
        foreach ((array) preg_split('/(?<=[.:])\s/', $step->cue->text) as $sentence) {
            $said = mb_strtolower((string) $sentence);
            if (str_starts_with($said, $about)) {
                self::assertSame($about . ' ' . $wanted . '.', $said);
            }
        }
        $this->addToAssertionCount(1);
    }
}
