<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Archive\PrintedSheet;

/** A sheet that is ready to be fetched. */
#[OA\Schema(required: ['id', 'plan', 'at', 'url'])]
final readonly class SheetView
{
    private function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $plan,
        #[OA\Property(format: 'date-time')] public string $at,
        #[OA\Property] public string $url,
    ) {}

    public static function of(PrintedSheet $sheet): self
    {
        return new self($sheet->id, $sheet->plan, $sheet->at, '/api/sheets/' . $sheet->id . '.pdf');
    }
}
