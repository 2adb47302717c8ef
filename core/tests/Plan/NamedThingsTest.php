<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Stack\Layer;
use Wubbin\Core\Tests\Orchard;

/** What ticket, stack, questions and steps name is the same thing. */
final class NamedThingsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function jobs(): iterable
    {
        foreach (array_keys(Orchard::catalogue()->routes) as $route) {
            yield $route => [$route, []];
        }
        yield 'dark film by an iron' => ['dark-film', ['choices' => ['things' => ['heat' => 'iron-household']]]];
        yield 'dark film in a press' => ['dark-film', ['choices' => ['things' => ['heat' => 'press-flat']]]];
        yield 'card in sublimation, as a person wants it' => [
            'sublimation',
            ['choices' => ['things' => ['guard' => 'card']]],
        ];
    }

    /** @param array<string, mixed> $over */
    #[DataProvider('jobs')]
    public function testEverybodyNamesTheSame(string $route, array $over): void
    {
        $plan = Orchard::plan(Orchard::jobOf($route, $over));
        $supports = Orchard::catalogue()->supports;
        $stack = implode(
            ' · ',
            array_map(static fn(Layer $one): string => $one->label ?? '', $plan->arrangement->stack->layers),
        );
        foreach (['base' => $plan->outfit->base, 'guard' => $plan->outfit->guard] as $line => $thing) {
            foreach ($supports->{$line . 's'} as $other) {
                $said = self::said($plan, $line) . ' ' . $stack;
                if ($other->label === $thing?->label) {
                    self::assertStringContainsStringIgnoringCase($other->label, $said, $line);
                } elseif (!str_contains($thing->label ?? '', $other->label)) {
                    self::assertStringNotContainsStringIgnoringCase(
                        'guard' === $line ? $other->label . ' inside' : 'on the ' . $other->label,
                        $said,
                        $line,
                    );
                }
            }
        }
    }

    /** Common practice, no source: a press has a pad of its own, and sublimation wants uncoated kraft inside. */
    public function testSublimationOnClothLiesOnThePressPadWithKraftInside(): void
    {
        $shirt = ['kind' => 'shirt', 'size' => 'M', 'material' => 'polyester'];
        $plan = Orchard::plan(Orchard::jobOf('sublimation', ['blank' => $shirt]));
        self::assertSame(['press-pad', 'kraft'], [$plan->outfit->base?->id, $plan->outfit->guard?->id]);
        $because = Orchard::decision($plan, 'base');
        self::assertSame('Press pad', $because->value->text);
        self::assertStringContainsString('own pad', $because->because->text);
    }

    private static function said(TransferPlan $plan, string $line): string
    {
        $decisions = array_filter($plan->decisions, static fn(Decision $one): bool => $one->id === $line);

        return implode(' ', [
            ...array_map(static fn(Decision $one): string => $one->value->text, $decisions),
            ...array_map(
                static fn(Step $step): string => $step->title->text .
                    ' ' .
                    $step->cue->text .
                    ' ' .
                    implode(' ', $step->questions->first),
                $plan->steps,
            ),
        ]);
    }
}
