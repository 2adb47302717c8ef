<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Archive\PrintedSheet;

/** A sheet that is ready to be fetched. */
#[OA\Schema]
final readonly class SheetView
{
    private function __construct(
        public string $id,
        public string $plan,
        #[OA\Property(format: 'date-time')] public string $at,
        public string $url,
    ) {}

    public static function of(PrintedSheet $sheet): self
    {
        return new self($sheet->id, $sheet->plan, $sheet->at, '/api/sheets/' . $sheet->id . '.pdf');
    }
}
