<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\Record;

/** That somebody has seen how the pieces will look, and wants them so. */
final readonly class Approval
{
    /**
     * @param string $by the person's name as they gave it
     * @param string $day as YYYY-MM-DD
     * @param string $proof id of what was shown
     * @param string $of what of the job was shown, as {@see fingerprint()} tells it
     */
    public function __construct(public string $by, public string $day, public string $proof, public string $of) {}

    public static function fromRecord(Record $record): self
    {
        return new self($record->name('by'), $record->string('day'), $record->string('proof'), $record->string('of'));
    }

    /** @return array{by: string, day: string, proof: string, of: string} */
    public function toRecord(): array
    {
        return ['by' => $this->by, 'day' => $this->day, 'proof' => $this->proof, 'of' => $this->of];
    }

    /** The job is still as it was shown. */
    public function holdsFor(Job $job): bool
    {
        return self::fingerprint($job) === $this->of;
    }

    /**
     * Of all that a customer sees: piece, pictures and where they lie, names, how many. The way it is made is the
     * shop's own affair.
     */
    public static function fingerprint(Job $job): string
    {
        $file = JobFile::write($job);
        $seen = [array_intersect_key($file, ['blank' => 1, 'quantity' => 1, 'breakdown' => 1, 'series' => 1])];
        foreach ($job->transfers as $transfer) {
            $seen[] = [
                $transfer->sideId,
                $transfer->artwork,
                array_map(static fn(float $mm): float => round($mm, 2), [
                    $transfer->placement->sideMm,
                    $transfer->placement->rightMm,
                    $transfer->placement->belowMm,
                ]),
                $transfer->made?->recipe->toRecord(),
                $transfer->finish->value,
            ];
        }

        return substr(hash('sha256', json_encode($seen, \JSON_THROW_ON_ERROR)), 0, 16);
    }
}
