<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Log\PressSetting;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\BenchState;
use Wubbin\Core\Run\EventType;
use Wubbin\Core\Run\Mark;
use Wubbin\Session\LearnedTimes;
use Wubbin\Session\StoredDefect;
use Wubbin\Session\StoredEntry;
use Wubbin\Session\StoredEvent;
use Wubbin\Session\StoredPiece;

/** Writes pieces into the logbook as they are judged at the bench, with what was really done. */
final readonly class LogWriter
{
    public function __construct(private EntityManagerInterface $entities, private LearnedTimes $times) {}

    /** @param list<Mark> $marks */
    public function write(
        StoredPiece $piece,
        BenchState $state,
        array $marks,
        string $note,
        ?string $photo = null,
        ?string $photoBefore = null,
    ): void {
        $this->forget($piece);
        $run = $piece->run;
        $transfers = Record::of($run->document)->records('transfers');
        $facts = $transfers[0]->recordOrNull('facts') ?? Record::of([]);
        $text = static fn(string $key): string => $facts->stringOrNull($key) ?? '';
        $entry = new StoredEntry(
            self::source($piece),
            $piece->judged ?? '',
            $run->job,
            $run->name,
            $piece->number,
            $piece->outcome ?? throw new \LogicException('It is judged.'),
            $marks,
            $note,
            $text('route'),
            $text('medium'),
            $text('printer'),
            $text('heat'),
            $text('blank'),
            ['facts' => $this->document($run->document), 'plan' => $run->plan] + $this->taken($piece, $state),
            PressSetting::of($facts)->key(),
        );
        $entry->run = $run->id;
        $entry->photo = $photo;
        $entry->photoBefore = $photoBefore;
        [$entry->pressC, $entry->probeC] = $this->hottest($piece);
        $this->entities->persist($entry);
        $this->times->learn($this->byHand($piece, $state));
        foreach (array_unique(array_map(static fn(Mark $mark): string => $mark->defect->value, $marks)) as $defect) {
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
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private function document(array $document): array
    {
        /** @var list<array{facts?: array<string, mixed>, route: string}> $transfers */
        $transfers = $document['transfers'];

        // Plans that were frozen earlier tell no more than their route.
        return $transfers[0]['facts'] ?? ['route' => $transfers[0]['route']];
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
            if (null !== $step->piece && $step->piece !== $piece->number) {
                continue;
            }
            $lane = $state->lane($position);
            $taken = $lane->taken[$position] ?? ($lane->hands[$position] ?? null);
            $steps[] = [
                'step' => $step->stepId,
                'kind' => $step->kind->value,
                'planned' => $step->seconds,
                'taken' => null === $taken ? null : round($taken, 1),
            ];
            if (isset($lane->skipped[$position])) {
                $skipped[] = ['step' => $step->stepId, 'reason' => $lane->skipped[$position]];
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

    /**
     * @return list<array{kind: string, planned: float,
     *     taken: float|null}> what hands did with this piece and no clock ran for
     */
    private function byHand(StoredPiece $piece, BenchState $state): array
    {
        $hands = [];
        foreach ($state->lanes[$piece->number]->hands as $position => $taken) {
            $step = $piece->run->sequence()->steps[$position];
            $hands[] = ['kind' => $step->kind->value, 'planned' => $step->seconds, 'taken' => $taken];
        }

        return $hands;
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
        return array_values(
            $piece->run->events->filter(static fn(StoredEvent $event): bool => $event->piece === $piece)->toArray(),
        );
    }
}
