<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\DBAL\Connection;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\NamedPiece;
use Wubbin\Core\Job\Series;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;

/**
 * Which pieces of a series are still to be made, and which still want a print. Pieces are known by what is written of
 * them, so that a list may be put in another order meanwhile; two of the same name are as good as each other.
 */
final readonly class NamesLeft
{
    public function __construct(private Connection $database, private Catalogue $catalogue) {}

    /** @return list<string> what is written of each piece of the series, in the order of the list */
    public function labels(Job $job): array
    {
        $kind = $this->catalogue->blanks[$job->blank->kindId] ?? null;

        return array_map(
            fn(NamedPiece $piece): string => $kind instanceof BlankKind
                ? mb_substr(Series::labelOf($piece, $kind, $this->catalogue), 0, StoredPiece::LONGEST_LABEL)
                : $piece->text,
            $job->series->pieces ?? [],
        );
    }

    /**
     * Pieces that are neither good nor at the bench.
     *
     * @return list<int> their places in the list, from 0
     */
    public function toMake(Job $job): array
    {
        return self::without($this->labels($job), $this->counted('made', $job->id));
    }

    /**
     * Pieces that are to be made and that no print lies there for.
     *
     * @param list<string> $plans ids that its sheets go by
     *
     * @return list<int> their places in the list, from 0
     */
    public function toPrint(Job $job, array $plans): array
    {
        $lying = [];
        foreach (
            $this->database->fetchAllAssociative('SELECT plan, labels FROM printed_sheet WHERE job = ?', [$job->id])
            as $sheet
        ) {
            if (in_array($sheet['plan'], $plans, true) && is_string($sheet['labels'])) {
                $labels = Record::of(['labels' => json_decode($sheet['labels'], true)])->strings('labels');
                foreach (array_count_values($labels) as $label => $count) {
                    $lying[$label] = $count + ($lying[$label] ?? 0);
                }
            }
        }
        foreach ($this->counted('begun', $job->id) as $label => $used) {
            $lying[$label] = max(0, ($lying[$label] ?? 0) - $used);
        }
        $labels = $this->labels($job);
        $left = $this->toMake($job);
        $wanted = self::without(array_map(static fn(int $at): string => $labels[$at], $left), $lying);

        return array_map(static fn(int $n): int => $left[$n], $wanted);
    }

    /**
     * Those of one share, or all.
     *
     * @param list<int> $places
     *
     * @return list<int>
     */
    public static function ofShare(Job $job, array $places, ?int $share): array
    {
        $own = $job->series?->ofShare(null === $share ? null : $job->breakdown[$share] ?? null, $job->blank) ?? [];

        return array_values(array_filter($places, static fn(int $at): bool => isset($own[$at])));
    }

    /** @return array<array-key, int> how many of each label */
    private function counted(string $which, string $job): array
    {
        $made = "AND (p.outcome = 'good' OR (p.outcome IS NULL AND r.finished IS NULL))";
        $counts = [];
        foreach (
            $this->database->fetchAllNumeric(
                'SELECT p.label, COUNT(*) FROM piece p JOIN run r ON p.run_id = r.id ' .
                    'WHERE r.job = ? AND p.label IS NOT NULL ' .
                    ('made' === $which ? $made : '') .
                    ' GROUP BY p.label',
                [$job],
            )
            as $row
        ) {
            [$label, $count] = $row;
            if (is_string($label) && is_numeric($count)) {
                $counts[$label] = (int) $count;
            }
        }

        return $counts;
    }

    /**
     * @param list<string> $labels
     * @param array<array-key, int> $gone how many of each are done
     *
     * @return list<int> places of those that are left
     */
    private static function without(array $labels, array $gone): array
    {
        $left = [];
        foreach ($labels as $at => $label) {
            if (($gone[$label] ?? 0) > 0) {
                --$gone[$label];
            } else {
                $left[] = $at;
            }
        }

        return $left;
    }
}
