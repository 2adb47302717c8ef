<?php

declare(strict_types=1);

namespace Wubbin\Core\Advice;

use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\Verdict;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;

/** What speaks for a route and against it, each with a grade from 0 to 3. */
final readonly class Criteria
{
    /** Hands-on minutes for one piece up to which a route gets three, two and one point (assumed). */
    private const EASY_MINUTES = [6.0, 10.0, 18.0];

    /**
     * @param list<Verdict> $verdicts
     * @param array{good: int, started: int}|null $runs
     *
     * @return list<Criterion>
     */
    public static function forRoute(Route $route, array $verdicts, Plan $plan, Wish $wish, ?array $runs): array
    {
        $worst = max(
            0,
            ...array_map(
                static fn(Verdict $v): int => match ($v->fit) {
                    Fit::Good => 0,
                    Fit::Risky => 2,
                    default => 3,
                },
                $verdicts,
            ),
        );
        $criteria = [
            new Criterion(
                'fit',
                'Suits the piece',
                max(0, 3 - $worst),
                Phrase::of(['suits it', 'suits it', 'may disappoint', 'does not suit it'][$worst]),
                Provenance::commonPractice(),
            ),
        ];
        array_push($criteria, ...self::wished($route, $wish));
        $criteria[] = new Criterion(
            'cost',
            'Cost of the sheet',
            max(0, min(3, 4 - $route->character->cost)),
            Phrase::of([1 => 'cheap', 2 => 'fair', 3 => 'dear'][$route->character->cost] ?? 'dear'),
            $route->character->costProvenance,
        );
        $hands = Duration::seconds((float) Work::forPieces($plan, 1, new Places())->handsS());
        $minutes = $hands->seconds / 60.0;
        $effort = 3 - count(array_filter(self::EASY_MINUTES, static fn(float $limit): bool => $minutes > $limit));
        $criteria[] = new Criterion(
            'effort',
            'Effort',
            max(0, $effort),
            Phrase::of('{hands} of work a piece', ['hands' => Quantity::duration($hands)]),
            Provenance::computed(),
        );
        $started = $runs['started'] ?? 0;
        $share = 0 === $started ? null : ($runs['good'] ?? 0) / $started;
        $criteria[] = new Criterion(
            'success',
            'Your own pieces',
            null === $share ? null : max(0, min(3, (int) round(3.0 * $share))),
            Phrase::of(
                null === $share
                    ? 'no pieces of yours yet'
                    : sprintf('%d of %d good at the first try', $runs['good'] ?? 0, $started),
            ),
            Provenance::computed(),
        );

        return $criteria;
    }

    /** @return list<Criterion> */
    private static function wished(Route $route, Wish $wish): array
    {
        $criteria = [];
        if (null !== $wish->use) {
            $grade = $route->character->holds->upTo($wish->use);
            $criteria[] = new Criterion(
                'use',
                'Holds up: ' . $wish->use->label(),
                $grade,
                Phrase::of(['does not hold up', 'holds up badly', 'holds up for some time', 'holds up well'][$grade]),
                $route->character->holds->provenance,
            );
        }
        if (null !== $wish->look) {
            $gives = in_array($wish->look, $route->character->looks, true);
            $criteria[] = new Criterion(
                'look',
                'Look: ' . $wish->look->label(),
                $gives ? 3 : 0,
                Phrase::of($gives ? 'gives this look' : 'does not give this look'),
                Provenance::commonPractice(),
            );
        }

        return $criteria;
    }
}
