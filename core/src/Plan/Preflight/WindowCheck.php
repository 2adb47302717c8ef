<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\ImpossibleModel;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\HeatCases;
use Wubbin\Core\Plan\Setup;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;

/**
 * What the heat model says of a time, or of a temperature, that a person or a recipe has set. It comments on a figure
 * and never changes one. Wubbin's own figures lie in their windows, which a test proves, and need no computing here.
 */
final readonly class WindowCheck
{
    /** So far inside its window a time is offered, as a factor of the least. */
    private const INSIDE = 1.15;

    /** Times are offered in steps that a person can keep, in s: fine ones where all of it is short. */
    private const STEPS = [[30.0, 1.0], [120.0, 5.0], [\INF, 15.0]];

    /** @return list<Check> one where a figure was set and lies outside */
    public static function of(Setup $setup): array
    {
        $case = self::isSet($setup) ? HeatCases::of($setup) : null;
        if (null === $case || null === $case->recipeS) {
            return [];
        }
        try {
            $window = PressWindow::forCase($case, $setup->brief->catalogue->heat->parameters, Draw::middles(), false);
        } catch (ImpossibleModel) {
            return [];
        }

        return false === $window->holds($case->recipeS) ? [self::outside($case, $case->recipeS, $window, $setup)] : [];
    }

    private static function isSet(Setup $setup): bool
    {
        $time = HeatCases::time($setup);
        $own = [ProvenanceKind::Person, ProvenanceKind::Learned];

        return null !== $time &&
            (in_array($setup->outfit->ways->figures[$time]->provenance->kind, $own, true) ||
                in_array($setup->outfit->setting->provenance->kind, $own, true) ||
                null !== $setup->outfit->recipe);
    }

    private static function outside(HeatCase $case, float $seconds, PressWindow $window, Setup $setup): Check
    {
        $end = $seconds + ($window->countedFromS ?? 0.0);
        $early = $end < ($window->earliestS ?? \INF);
        $limit = ($early ? $window->earliestS : $window->latestS) ?? 0.0;
        $time = self::inside($window);
        $values = [
            'time' => Quantity::duration(Duration::seconds($seconds)),
            'limit' => Quantity::duration(
                Duration::seconds(max(1.0, $limit - ($window->countedFromS ?? 0.0)))->spoken(),
            ),
        ];

        return Check::found(
            'heat.window',
            Stage::Heat,
            Severity::Warn,
            'time',
            Phrase::of(
                $early
                    ? '{time} may be too short. Wubbin works out about {limit}.'
                    : sprintf('{time} may be too long. Wubbin works out that after about {limit} %s.', $window->spoilt),
                $values,
            ),
            Phrase::of('Set another time, or find yours with a test ladder.'),
            null === $time
                ? null
                : new Fix(Phrase::of('Set it to {time}', ['time' => Quantity::duration(Duration::seconds($time))]), [
                    'figure.' . HeatCases::time($setup) => $time . ' s',
                ]),
        );
    }

    /** A time that lies inside, as a person would set it; null where there is none. */
    private static function inside(PressWindow $window): ?float
    {
        $least = max(1.0, ($window->earliestS ?? \INF) - ($window->countedFromS ?? 0.0));
        foreach (self::STEPS as [$until, $step]) {
            $time = ceil((self::INSIDE * $least) / $step) * $step;
            if ($time <= $until && true === $window->holds($time)) {
                return $time;
            }
        }

        return null;
    }
}
