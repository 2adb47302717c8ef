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
     * @param list<array{medium: string, marking: string, mirrored: bool, in_driver: bool, fold_leads: bool,
     *     pages: list<int>, label: string}> $groups
     */
    private function __construct(
        public string $id,
        public string $job,
        public string $plan,
        #[OA\Property(format: 'date-time')] public string $at,
        public string $url,
        public string $label,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['medium', 'marking', 'mirrored', 'in_driver', 'fold_leads', 'pages', 'label'],
                    properties: [
                        new OA\Property(property: 'medium', type: 'string'),
                        new OA\Property(property: 'marking', type: 'string'),
                        new OA\Property(property: 'mirrored', type: 'boolean'),
                        new OA\Property(property: 'in_driver', type: 'boolean', description: 'The driver mirrors it'),
                        new OA\Property(
                            property: 'fold_leads',
                            type: 'boolean',
                            description: 'Its carrier has a folded edge, which must go in first',
                        ),
                        new OA\Property(property: 'pages', type: 'array', items: new OA\Items(type: 'integer')),
                        new OA\Property(property: 'label', type: 'string'),
                    ],
                    type: 'object',
                ),
            ),
        ]
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
            $groups[$key] ??= [
                'medium' => $page->medium,
                'marking' => $page->marking,
                'mirrored' => $page->mirrored,
                'in_driver' => $page->inDriver,
                'fold_leads' => $page->foldLeads,
                'pages' => [],
                'label' => $page->label,
            ];
            $groups[$key]['pages'][] = $i + 1;
            $groups[$key]['label'] = self::inCommon($groups[$key]['label'], $page->label);
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
