<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Tests\Orchard;

/**
 * What rules a route out, blank by sheet by marking by heat, written out by hand from the trade's own words (common
 * practice, no source) in fixtures/exclusions.csv.
 *
 * `yes` it goes; `warn` some like it so; `no` a stop; `never` it cannot be; `harms` it would damage the printer.
 */
final class ExclusionsTest extends TestCase
{
    private const CHECKS = ['blank.surface', 'blank.tone', 'blank.rough', 'marking.medium', 'heat.there', 'heat.hot'];

    /** @return iterable<string, array{array<string, string>}> */
    public static function rows(): iterable
    {
        $lines = array_map(
            static fn(string|false $line): array => explode(',', (string) $line),
            (array) file(dirname(__DIR__) . '/fixtures/exclusions.csv', \FILE_IGNORE_NEW_LINES),
        );
        $head = array_shift($lines) ?? [];
        foreach ($lines as $line) {
            $row = array_combine($head, $line);
            yield implode(' ', $line) => [$row];
        }
    }

    public function testThereAreEnough(): void
    {
        self::assertGreaterThanOrEqual(60, iterator_count(self::rows()));
    }

    /** @param array<string, string> $row */
    #[DataProvider('rows')]
    public function testWhatGoesAndWhatDoesNot(array $row): void
    {
        $plan = Orchard::plan(
            Orchard::job([
                'blank' => [
                    'kind' => $row['kind'],
                    'size' => (string) array_key_first(Orchard::catalogue()->blanks[$row['kind']]->sizes),
                    'material' => $row['material'],
                    'colour' => $row['colour'],
                    'condition' => $row['condition'],
                ],
                'placement' => ['side_mm' => 40, 'below_mm' => 15],
                'route' => $row['route'],
                'choices' => [
                    'things' => ['medium' => $row['medium'], 'marking' => $row['marking'], 'heat' => $row['heat']],
                    'schools' => [],
                    'figures' => [],
                ],
            ]),
        );
        $found = array_filter(
            $plan->checks,
            static fn(Check $c): bool => in_array($c->id, self::CHECKS, true) &&
                !in_array($c->severity, [Severity::Pass, Severity::Note], true),
        );
        $severities = array_map(static fn(Check $c): Severity => $c->severity, $found);
        $said = implode(' ', array_map(static fn(Check $c): string => $c->id . ' ' . $c->severity->value, $found));
        match ($row['verdict']) {
            'yes' => self::assertSame('', $said),
            'warn' => self::assertSame('blank.tone warn', $said),
            'harms' => self::assertSame(Severity::Impossible, Orchard::check($plan, 'marking.medium')?->severity),
            'never' => self::assertSame(Severity::Impossible, Orchard::check($plan, 'blank.surface')?->severity),
            'no' => self::assertTrue(self::stops($plan, $severities), $said),
            default => self::fail('Unknown verdict.'),
        };
        if ('yes' !== $row['verdict']) {
            foreach ($found as $check) {
                self::assertNotNull($check->mend, 'a way on');
            }
        }
    }

    /** @param array<Severity> $severities */
    private static function stops(TransferPlan $plan, array $severities): bool
    {
        return !$plan->ready() &&
            [] !== array_filter($severities, static fn(Severity $s): bool => Severity::Warn !== $s);
    }
}
