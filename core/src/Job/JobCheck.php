<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Job\Edit\Draft;
use Wubbin\Core\Measure\Id;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;

/**
 * Holds a job that comes in from elsewhere against what Wubbin knows. What is in the shop already is not held to it: it
 * opens, and its plan says what is wrong.
 */
final class JobCheck
{
    /** How checks are named: words joined by points and hyphens. */
    private const CHECK = '/^[a-z][a-z0-9]*(?:[.-][a-z0-9]+)*$/D';

    private const LONGEST_CHECK = 64;
    private const LONGEST_PICTURE = 200;

    /** @throws RefusedEdit naming every field that is wrong, as the job file has it */
    public static function hold(Job $job, Catalogue $catalogue): void
    {
        $problems = Id::holds($job->id) ? [] : ['id' => Id::RULE];
        $shared = array_sum(array_map(static fn(Share $share): int => $share->quantity, $job->breakdown));
        if ([] !== $job->breakdown && $shared !== $job->quantity) {
            $problems['breakdown'] = sprintf(
                'The sizes make %d pieces together, but the job has %d.',
                $shared,
                $job->quantity,
            );
        }
        foreach ($job->transfers as $at => $transfer) {
            foreach (self::transfer($transfer, $catalogue) as $field => $problem) {
                $problems[sprintf('transfers.%d.%s', $at, $field)] = $problem;
            }
        }
        if ([] !== $problems) {
            throw new RefusedEdit($problems);
        }
    }

    /** Whether a check can have this name. */
    public static function isCheck(string $name): bool
    {
        return strlen($name) <= self::LONGEST_CHECK && 1 === preg_match(self::CHECK, $name);
    }

    /** @return array<string, string> */
    private static function transfer(Transfer $transfer, Catalogue $catalogue): array
    {
        $problems = [];
        $route = $catalogue->routes[$transfer->routeId] ?? null;
        if (null === $route) {
            $problems['route'] = Draft::NOT_OFFERED;
        }
        if (mb_strlen($transfer->artworkName ?? '') > self::LONGEST_PICTURE) {
            $problems['artwork.name'] = sprintf('A picture’s name has up to %d characters.', self::LONGEST_PICTURE);
        }
        foreach ($transfer->choices->things as $thing => $id) {
            // Another shop's own papers are not known here: the plan says what is missing, once the name can be one.
            if (!in_array($thing, Choices::THINGS, true) || !Id::holds($id)) {
                $problems['choices.things.' . $thing] = Draft::NOT_OFFERED;
            }
        }
        foreach ($transfer->choices->schools as $matter => $option) {
            if (!isset($catalogue->schools[$matter]->options[$option])) {
                $problems['choices.schools.' . $matter] = Draft::NOT_OFFERED;
            }
        }
        foreach ($transfer->choices->figures as $name => $value) {
            $figure = $route?->figures[$name] ?? null;
            try {
                $figure?->replacedBy($value, Provenance::person());
            } catch (UnreadableQuantity $e) {
                $problems['choices.figures.' . $name] = $e->getMessage();
            }
            if (null === $figure) {
                $problems['choices.figures.' . $name] = 'This route has no such figure.';
            }
        }
        foreach ($transfer->overrides as $at => $override) {
            if (!self::isCheck($override->check)) {
                $problems[sprintf('overrides.%d.check', $at)] = 'There is no such check.';
            }
            if (mb_strlen($override->reason) > Override::LONGEST_REASON) {
                $problems[sprintf('overrides.%d.reason', $at)] = Override::TOO_LONG;
            }
        }

        return $problems;
    }
}
