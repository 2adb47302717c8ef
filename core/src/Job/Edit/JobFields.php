<?php

declare(strict_types=1);

namespace Wubbin\Core\Job\Edit;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Breakdown;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Series;
use Wubbin\Core\Job\Share;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\UseWanted;

/** What a job is called, how many it is of, and which pictures it has. */
final readonly class JobFields
{
    /** @return array<string, \Closure(Draft, string): Job> */
    public static function edits(): array
    {
        return [
            'name' => static fn(Draft $draft, string $typed): Job => $draft->job->with(name: JobFile::name($typed)),
            'note' => static fn(Draft $draft, string $typed): Job => $draft->job->with(note: JobFile::note($typed)),
            'due' => static fn(Draft $draft, string $typed): Job => $draft->job->dueOn(
                JobFile::due('' === $typed ? null : Digits::ascii($typed)),
            ),
            'use' => static fn(Draft $draft, string $typed): Job => $draft->job->usedAs(
                '' === $typed ? null : UseWanted::tryFrom($typed) ?? throw BadRecord::at('use', Draft::NOT_OFFERED),
            ),
            'quantity' => self::quantity(...),
            'series' => static fn(Draft $draft, string $typed): Job => $draft->job->named(
                Series::parse(
                    $typed,
                    $draft->kind(),
                    $draft->catalogue,
                    array_combine(
                        array_map(
                            static fn(Picture $one): string => mb_strtolower($one->name),
                            array_values($draft->pictures),
                        ),
                        array_keys($draft->pictures),
                    ),
                ),
            ),
            'breakdown' => self::breakdown(...),
            'transfer' => static fn(Draft $draft, string $typed): Job => $draft->job->with(
                transfers: $draft->places()->rearranged($draft->at, $typed),
            ),
            'transfers' => static fn(Draft $draft, string $typed): Job => $draft->job->with(
                transfers: JobFile::transfers(Record::of(json_decode($typed, true), 'transfers')->each()),
            ),
        ];
    }

    private static function quantity(Draft $draft, string $typed): Job
    {
        self::refuseNamed($draft, 'quantity');

        return $draft->job->with(
            quantity: JobFile::quantity(PlainNumber::whole($typed, Job::MOST_PIECES) ?? 0),
            breakdown: [],
        );
    }

    /** @throws BadRecord where each piece has its name: there are as many as names */
    private static function refuseNamed(Draft $draft, string $field): void
    {
        if (null !== $draft->job->series) {
            throw BadRecord::at($field, 'Each piece has a name. Change the list of names.');
        }
    }

    /** The quantity is what the shares add up to; emptied, all pieces are alike again. */
    private static function breakdown(Draft $draft, string $typed): Job
    {
        self::refuseNamed($draft, 'breakdown');
        $shares = Breakdown::parse($typed, $draft->kind(), $draft->catalogue, $draft->parser);
        $all = array_sum(array_map(static fn(Share $share): int => $share->quantity, $shares));

        return $draft->job->with(quantity: [] === $shares ? null : JobFile::quantity($all), breakdown: $shares);
    }
}
