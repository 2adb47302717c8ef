<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;
use Wubbin\Core\Log\Diagnosis;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Deviation;
use Wubbin\Session\StepTime;
use Wubbin\Session\StoredEntry;
use Wubbin\Session\StoredLater;

/**
 * One piece of the logbook in full: how it came out, how it was made, how long things really took, and what the doctor
 * says.
 */
#[OA\Schema]
final readonly class LogDetail
{
    /**
     * @param array<string, mixed> $facts of the plan
     * @param list<StepTime> $times of the piece's own
     *                              steps and of those shared by the session
     * @param list<SkippedStep> $skipped
     * @param list<LaterLook> $later
     * @param list<Diagnosis> $diagnoses
     */
    private function __construct(
        public LogEntry $entry,
        #[OA\Property(type: 'object', additionalProperties: true)] public array $facts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepTime::class))] public array $times,
        public array $skipped,
        #[OA\Property(description: 'How often somebody looked under a corner')] public int $peeks,
        #[OA\Property(description: 'Seconds it was heated on')] public float $again_s,
        #[OA\Property(nullable: true, description: '°C that the press showed at the most')] public ?float $press_c,
        #[OA\Property(nullable: true, description: '°C that the probe showed at the most')] public ?float $probe_c,
        public array $later,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DiagnosisView::class))] public array $diagnoses,
    ) {}

    /**
     * @param list<StoredLater> $later
     * @param list<Diagnosis> $diagnoses
     */
    public static function fromEntry(StoredEntry $entry, array $later, array $diagnoses): self
    {
        $done = Record::of($entry->done);
        $records = static fn(string $key): array => $done->has($key) ? $done->records($key) : [];
        /** @var array<string, mixed> $facts */
        $facts = $entry->done['facts'] ?? [];

        return new self(
            LogEntry::of($entry),
            $facts,
            array_map(static function (Record $step): StepTime {
                $taken = $step->numberOrNull('taken');

                return new StepTime(
                    $step->string('step'),
                    $step->string('kind'),
                    $step->number('planned'),
                    $taken,
                    null === $taken ? null : Deviation::fromSeconds($step->number('planned'), $taken),
                );
            }, $records('steps')),
            array_map(
                static fn(Record $one): SkippedStep => new SkippedStep(
                    step: $one->string('step'),
                    reason: $one->string('reason'),
                ),
                $records('skipped'),
            ),
            $done->has('peeks') ? $done->integer('peeks') : 0,
            $done->numberOrNull('again_s') ?? 0.0,
            $entry->pressC,
            $entry->probeC,
            array_map(
                static fn(StoredLater $one): LaterLook => new LaterLook(
                    id: $one->id ?? 0,
                    at: $one->at,
                    washes: $one->washes,
                    good: $one->good,
                    note: $one->note,
                ),
                $later,
            ),
            $diagnoses,
        );
    }
}
