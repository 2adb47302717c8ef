<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Log\HandSample;
use Wubbin\Core\Log\PressSetting;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\Event;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;
use Wubbin\Session\LearnedTimes;
use Wubbin\Session\StoredDefect;
use Wubbin\Session\StoredEntry;
use Wubbin\Session\StoredEvent;
use Wubbin\Session\StoredPiece;
use Wubbin\Session\StoredRun;

/** Writes pieces into the logbook as they are judged at the bench, with what was really done. */
final readonly class LogWriter
{
    public function __construct(private EntityManagerInterface $entities, private LearnedTimes $times) {}

    /** @param Event $judgement of it: a failure belongs to the picture that was at hand */
    public function write(
        StoredPiece $piece,
        BenchState $state,
        Event $judgement,
        string $note,
        ?string $photo = null,
        ?string $photoBefore = null,
    ): void {
        $this->forget($piece);
        $run = $piece->run;
        $transfers = Record::of($run->document)->records('transfers');
        $at = Outcome::Good === $piece->outcome ? 0 : $run->sequence()->steps[$judgement->position]->transfer;
        // Plans that were frozen earlier tell no more than their route.
        $facts =
            ($transfers[$at] ?? $transfers[0])->recordOrNull('facts') ??
            Record::of(['route' => $transfers[0]->string('route')]);
        $text = static fn(string $key): string => $facts->stringOrNull($key) ?? '';
        $entry = new StoredEntry(
            self::source($piece),
            $piece->judged ?? '',
            $run->job,
            mb_substr($run->name . (null === $piece->label ? '' : ' · ' . $piece->label), 0, 120),
            $piece->number,
            $piece->outcome ?? throw new \LogicException('It is judged.'),
            $judgement->marks,
            $note,
            $text('route'),
            $text('medium'),
            $text('printer'),
            $text('heat'),
            $text('blank'),
            ['facts' => $facts->raw(), 'plan' => $run->plan] + $this->taken($piece, $state),
            PressSetting::of($facts)->key(),
        );
        $entry->run = $run->id;
        $entry->photo = $photo;
        $entry->photoBefore = $photoBefore;
        [$entry->pressC, $entry->probeC] = $this->hottest($piece);
        $this->entities->persist($entry);
        foreach (
            array_unique(array_map(static fn(Mark $mark): string => $mark->defect->value, $judgement->marks))
            as $defect
        ) {
            $this->entities->persist(new StoredDefect($entry, $defect));
        }
    }

    /** Its judgement was a mistake. */
    public function forget(StoredPiece $piece): void
    {
        $this->entities
            ->getConnection()
            ->executeStatement('DELETE FROM log_entry WHERE source = ?', [self::source($piece)]);
    }

    private static function source(StoredPiece $piece): string
    {
        return 'piece-' . $piece->id;
    }

    /**
     * What hands took for what no clock ran for, as far as pieces of it are judged. Told anew for the whole session
     * each time, so that judging again teaches nothing twice, and what was undone is forgotten.
     */
    public function learn(StoredRun $run, BenchState $state): void
    {
        $judged = array_keys($state->outcomes());
        $samples = [];
        foreach ($state->hands as $position => $taken) {
            $step = $run->sequence()->steps[$position];
            $count = count($step->pieces);
            if (!$step->shared && $count > 0 && [] !== array_intersect($step->pieces, $judged)) {
                $samples[] = new HandSample($step->kind->value, $count, $taken, $step->seconds);
            }
        }
        $this->times->learn($run->id, $samples);
    }

    /**
     * What was done of each step of the piece and of those shared by the session, beside what was planned.
     *
     * @return array{steps: list<array{step: string, kind: string, planned: float, taken: float|null}>, peeks: int,
     *     again_s: float, skipped: list<array{step: string, reason: string}>}
     */
    private function taken(StoredPiece $piece, BenchState $state): array
    {
        $steps = $skipped = [];
        foreach ($piece->run->sequence()->steps as $position => $step) {
            if (!in_array($piece->number, $step->pieces, true)) {
                continue;
            }
            // Of what hands do to several one after the other each has its part.
            $part = $step->timed || $step->shared ? 1 : count($step->pieces);
            $taken = $state->taken[$position] ?? ($state->hands[$position] ?? null);
            $steps[] = [
                'step' => $step->stepId,
                'kind' => $step->kind->value,
                'planned' => round($step->seconds / $part, 1),
                'taken' => null === $taken ? null : round($taken / $part, 1),
            ];
            if (isset($state->skipped[$position])) {
                $skipped[] = ['step' => $step->stepId, 'reason' => $state->skipped[$position]];
            }
        }
        $own = $this->eventsOf($piece);

        return [
            'steps' => $steps,
            'peeks' => count(
                array_filter($own, static fn(StoredEvent $event): bool => EventType::Peeked === $event->type),
            ),
            'again_s' => array_sum(
                array_map(
                    static fn(StoredEvent $event): float => EventType::Again === $event->type
                        ? $event->event()->seconds
                        : 0.0,
                    $own,
                ),
            ),
            'skipped' => $skipped,
        ];
    }

    /** @return array{float|null, float|null} what press and probe showed at the most while this piece was at hand */
    private function hottest(StoredPiece $piece): array
    {
        $readings = array_filter(
            array_map(
                static fn(StoredEvent $event): mixed => $event->detail['reading'] ?? null,
                $this->eventsOf($piece),
            ),
            is_array(...),
        );
        $most = static fn(string $key): ?float => [] ===
        ($all = array_filter(array_column($readings, $key), is_numeric(...)))
            ? null
            : (float) max($all);

        return [$most('press_c'), $most('probe_c')];
    }

    /** @return list<StoredEvent> */
    private function eventsOf(StoredPiece $piece): array
    {
        $steps = $piece->run->sequence()->steps;

        return array_values(
            $piece->run->events
                ->filter(
                    static fn(StoredEvent $event): bool => $event->piece === $piece ||
                        (EventType::Judged !== $event->type &&
                            !$steps[$event->position]->shared &&
                            in_array($piece->number, $steps[$event->position]->pieces, true)),
                )
                ->toArray(),
        );
    }
}
