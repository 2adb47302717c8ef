<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\ColourWord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Route\Catalogue;

/** The blanks that jobs want, by what they are, size and colour, as they are taken from the shelf. */
final readonly class PickList
{
    /**
     * @param list<array{Job, int}> $jobs with how many pieces are left to make
     *
     * @return list<array{what: string, size: string, colour: string, pieces: int}> alike ones together, in the order
     *                                                                              of the catalogue’s sizes
     */
    public static function of(array $jobs, Catalogue $catalogue): array
    {
        $rows = [];
        foreach ($jobs as [$job, $left]) {
            $kind = $catalogue->blanks[$job->blank->kindId] ?? null;
            if (null === $kind || $left < 1) {
                continue;
            }
            foreach (self::shares($job, $left) as [$sizeId, $colour, $pieces]) {
                $at = 0;
                $label = $sizeId;
                foreach ($kind->sizes as $n => $size) {
                    if ($size->id === $sizeId) {
                        [$at, $label] = [(int) $n, $size->label];
                    }
                }
                $word = ColourWord::of($colour);
                $key = sprintf('%s %03d %s %s', $kind->label, $at, $label, $colour->toHex());
                $rows[$key] = [
                    'what' => ucfirst($kind->label),
                    'size' => $label,
                    'colour' => $word,
                    'pieces' => $pieces + ($rows[$key]['pieces'] ?? 0),
                ];
            }
        }
        ksort($rows, \SORT_STRING);

        return array_values(array_filter($rows, static fn(array $row): bool => $row['pieces'] > 0));
    }

    /**
     * What is left of each size and colour, in the proportion that the job has.
     *
     * @return list<array{string, Colour, int}>
     */
    private static function shares(Job $job, int $left): array
    {
        if ([] === $job->breakdown) {
            return [[$job->blank->sizeId, $job->blank->colour, $left]];
        }
        $exact = [];
        foreach ($job->breakdown as $n => $share) {
            $exact['share ' . $n] = ($left * $share->quantity) / $job->quantity;
        }
        $counts = array_values(Money::apportioned($exact));

        return array_map(
            static fn(Share $share, int $count): array => [
                $share->sizeId,
                $share->colour ?? $job->blank->colour,
                $count,
            ],
            $job->breakdown,
            $counts,
        );
    }
}
