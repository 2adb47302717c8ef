<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Diagnosis;
use Wubbin\Core\Log\Doctor;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\FromRun;
use Wubbin\Core\Log\OwnWordsReader;
use Wubbin\Core\Log\Place;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Mark;
use Wubbin\Session\StoredEntry;

/** Asks the doctor about a piece of the logbook. */
final readonly class Consultation
{
    private const MOST = 6;

    public function __construct(private Catalogue $catalogue) {}

    /** @return list<Diagnosis> of all that is marked on it, the likeliest first, each cause once */
    public function of(StoredEntry $entry): array
    {
        $route = $this->catalogue->routes[$entry->route] ?? null;
        if (null === $route) {
            return [];
        }
        $marks = [];
        foreach ($entry->marks as $one) {
            $mark = Mark::fromRecord(Record::of($one));
            $marks[$mark->defect->value][] = $mark;
        }
        if ($entry->failed) {
            $marks[Defect::Crack->value] ??= [Mark::forDefect(Defect::Crack)];
        }
        $done = $this->done($entry);
        $found = [];
        foreach ($marks as $defect => $some) {
            foreach (
                (new Doctor($this->catalogue))->diagnose(
                    new Complaint($route, Defect::from($defect), Place::of(...$some), $done),
                )
                as $diagnosis
            ) {
                $found[$diagnosis->cause] ??= $diagnosis;
            }
        }
        usort($found, static fn(Diagnosis $one, Diagnosis $other): int => $other->score <=> $one->score);

        return array_slice($found, 0, self::MOST);
    }

    /**
     * What was done with a piece: what the bench saw, beyond that what a person wrote of it, and else what was planned.
     */
    public function done(StoredEntry $entry): Done
    {
        $done = Record::of($entry->done);

        return FromRun::seen($done, $entry->washes, $entry->pressC)
            ->over(OwnWordsReader::builtIn()->done($entry->note))
            ->over(FromRun::planned($done));
    }
}
