<?php

declare(strict_types=1);

namespace Wubbin\Today;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\StepKind;
use Wubbin\Day\Agenda;
use Wubbin\Run\HandView;
use Wubbin\Storage\Instant;

/** What waits for nobody's hands just now: clocks of sessions, and printed sheets that dry. */
final readonly class Waiting
{
    /**
     * @param list<HandView> $hands
     *
     * @return list<WaitingThing> what is over first in front
     */
    public static function of(Agenda $agenda, array $hands, \DateTimeImmutable $now): array
    {
        $waiting = [];
        foreach ($hands as $hand) {
            $kind = Record::of($hand->step)->enum('kind', StepKind::class);
            if (null !== $hand->since && $hand->running && $kind->waits()) {
                $waiting[] = new WaitingThing(
                    $hand->run . ' ' . $hand->position,
                    $hand->name,
                    $kind->label(),
                    $hand->count,
                    Instant::read($hand->since)->getTimestamp() + (int) ceil($hand->seconds - $hand->before),
                    $hand->run,
                );
            }
        }
        foreach ($agenda->day->activities as $id => $activity) {
            $until = ($activity->began ?? 0) + $activity->seconds;
            if (null !== $activity->began && !str_contains($id, ' run ') && $until > $now->getTimestamp()) {
                $waiting[] = new WaitingThing(
                    $id,
                    $agenda->names[$activity->group] ?? '',
                    $activity->label,
                    $activity->room,
                    $until,
                    null,
                );
            }
        }
        usort($waiting, static fn(WaitingThing $one, WaitingThing $other): int => $one->until <=> $other->until);

        return self::together($waiting);
    }

    /**
     * What waits of one job till the same minute is one thing.
     *
     * @param list<WaitingThing> $waiting
     *
     * @return list<WaitingThing>
     */
    private static function together(array $waiting): array
    {
        $all = [];
        foreach ($waiting as $one) {
            $key = implode(' ', [$one->name, $one->what, intdiv($one->until, 60), $one->run ?? '']);
            $all[$key] = new WaitingThing(
                $all[$key]->id ?? $one->id,
                $one->name,
                $one->what,
                $one->count + ($all[$key]->count ?? 0),
                $one->until,
                $one->run,
            );
        }

        return array_values($all);
    }
}
