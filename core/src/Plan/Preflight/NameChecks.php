<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Job\NamedPiece;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;

/** What stands against names that differ from piece to piece, and against a job that a customer has approved. */
final readonly class NameChecks
{
    public function __construct(private Brief $brief) {}

    /** @return list<Check> */
    public function checks(): array
    {
        return [...$this->names(), ...$this->approval()];
    }

    /** @return list<Check> */
    private function names(): array
    {
        $job = $this->brief->job;
        $hasRoom = static fn(Transfer $one): bool => true === $one->made?->recipe->hasOwn();
        if ($hasRoom($this->brief->transfer) && null === $job->series) {
            return [
                Check::found(
                    'names.list',
                    Stage::Print,
                    Severity::Missing,
                    'quantity',
                    Phrase::of('The picture has room for names. There are no names yet.'),
                    Phrase::of('Write the list of names, or remove the room for them.'),
                ),
            ];
        }
        $anywhere = [] !== array_filter($job->transfers, $hasRoom);
        $pictured =
            null !== $job->series &&
            [] === array_filter($job->series->pieces, static fn(NamedPiece $one): bool => null === $one->picture);
        if (null !== $job->series && !$anywhere && !$pictured && $this->isFirst()) {
            return [
                Check::found(
                    'names.room',
                    Stage::Print,
                    Severity::Missing,
                    'picture',
                    Phrase::of('Each piece has a name. No picture has room for it.'),
                    Phrase::of('Put room for each piece’s name on a picture.'),
                ),
            ];
        }

        return [];
    }

    /** @return list<Check> */
    private function approval(): array
    {
        $approval = $this->brief->job->approval;

        return match (true) {
            null === $approval || !$this->isFirst() => [],
            $approval->holdsFor($this->brief->job) => [
                Check::pass('proof.approved', Stage::Print, 'picture', Phrase::of('The customer has approved it.')),
            ],
            default => [
                Check::found(
                    'proof.changed',
                    Stage::Print,
                    Severity::Stop,
                    'picture',
                    Phrase::of('The job was changed after the customer approved it.'),
                    Phrase::of('Show a new proof, or take the change back.'),
                ),
            ],
        };
    }

    private function isFirst(): bool
    {
        return $this->brief->transfer === $this->brief->job->transfers[0];
    }
}
