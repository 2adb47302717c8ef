<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;
use Wubbin\Archive\PrintedSheet;

/** A sheet that was made, with its pages in the groups that they are printed in. */
#[OA\Schema]
final readonly class MadeSheet
{
    /**
     * @param list<PageGroup> $groups
     */
    private function __construct(
        public string $id,
        public string $job,
        public string $plan,
        #[OA\Property(format: 'date-time')] public string $at,
        public string $url,
        public string $label,
        public array $groups,
    ) {}

    /** What two labels begin with alike, part by part; the first where that is nothing. */
    private static function inCommon(string $one, string $other): string
    {
        $parts = array_intersect_assoc(explode(' · ', $one), explode(' · ', $other));
        $same = array_filter(
            $parts,
            static fn(int $at): bool => $at ===
                count(array_filter(array_keys($parts), static fn(int $before): bool => $before < $at)),
            \ARRAY_FILTER_USE_KEY,
        );

        return [] === $same ? $one : implode(' · ', $same);
    }

    public static function of(PrintedSheet $sheet): self
    {
        $groups = [];
        $pages = $sheet->pages();
        foreach ($pages as $i => $page) {
            $key = implode(' ', [
                $page->medium,
                $page->marking,
                $page->mirrored ? 'mirrored' : '',
                $page->guides ? 'guides' : '',
            ]);
            $before = $groups[$key] ?? null;
            $groups[$key] = new PageGroup(
                medium: $page->medium,
                marking: $page->marking,
                mirrored: $page->mirrored,
                in_driver: $page->inDriver,
                fold_leads: $page->foldLeads,
                pages: [...$before->pages ?? [], $i + 1],
                label: self::inCommon($before->label ?? $page->label, $page->label),
            );
        }

        return new self(
            $sheet->id,
            $sheet->job,
            $sheet->plan,
            $sheet->at,
            '/api/sheets/' . $sheet->id . '.pdf',
            $pages[0]->label ?? '',
            array_values($groups),
        );
    }
}
