<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sweep;

use Wubbin\Core\Job\Job;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Tests\Orchard;

/** Applies every fix that a plan offers: it removes what offered it, and brings nothing that is worse. */
final class Fixes
{
    /** @return array{int, list<string>} how many were tried, and what is wrong with them, in words */
    public static function of(Job $job): array
    {
        $plan = Orchard::plan($job);
        $before = self::severities($plan->checks);
        [$tried, $wrong] = [0, []];
        foreach ($plan->checks as $check) {
            if (null === $check->fix) {
                continue;
            }
            ++$tried;
            $after = self::severities(Orchard::plan(Orchard::edit($job, $check->fix->changes))->checks);
            $of = $check->id . ' with ' . json_encode([$check->fix->changes, $job->blank, $job->transfers[0]->routeId]);
            $own = self::weight($check->severity);
            if (($after[$check->id] ?? 0) >= $own) {
                $wrong[] = $of . ' stays';
            }
            // Where it lies is not looked at while it is larger than all there is to lie on.
            $hidden = ($before['picture.print-area'] ?? 0) > 0 ? ['place.print-area' => 0] : [];
            foreach (array_diff_key($after, $hidden) as $id => $weight) {
                if ($weight >= max(2, $own) && $weight > ($before[$id] ?? 0)) {
                    $wrong[] = $of . ' brings ' . $id;
                }
            }
        }

        return [$tried, $wrong];
    }

    /**
     * @param list<Check> $checks
     *
     * @return array<string, int> by id
     */
    private static function severities(array $checks): array
    {
        $all = [];
        foreach ($checks as $check) {
            $all[$check->id] = self::weight($check->severity);
        }

        return $all;
    }

    private static function weight(Severity $severity): int
    {
        return match ($severity) {
            Severity::Pass => 0,
            Severity::Note => 1,
            Severity::Warn => 2,
            default => 3,
        };
    }
}
