<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\Cheaper;
use Wubbin\Core\Cost\CostLine;
use Wubbin\Core\Cost\CostSheet;
use Wubbin\Core\Measure\Currency;

/** What good pieces cost and what that is made of. Money in minor units. */
#[OA\Schema]
final readonly class CostView
{
    /**
     * @param list<CostLineView> $lines
     * @param list<CheaperView> $cheaper
     */
    private function __construct(
        public string $name,
        public int $pieces,
        #[OA\Property(description: 'ISO 4217 code')] public string $currency,
        #[OA\Property(description: 'Of its minor unit')] public int $digits,
        #[OA\Property(description: 'Of all pieces')] public int $total,
        #[OA\Property(type: 'number', description: 'Of one, with parts of the minor unit')] public float $each,
        #[OA\Property(description: 'Everything in it has a price')] public bool $whole,
        public array $lines,
        public array $cheaper,
        #[
            OA\Property(
                type: 'number',
                nullable: true,
                description: 'Share of pieces that come out good at the first try; null where too few were made',
            ),
        ]
        public ?float $success,
    ) {}

    /** @param list<Cheaper> $cheaper */
    public static function fromSheet(string $name, CostSheet $sheet, array $cheaper, Currency $currency): self
    {
        return new self(
            $name,
            $sheet->pieces,
            $currency->code,
            $currency->digits,
            $sheet->total,
            $sheet->each(),
            $sheet->whole(),
            array_map(
                static fn(CostLine $line): CostLineView => CostLineView::fromLine($line, $sheet->pieces),
                $sheet->lines,
            ),
            array_map(CheaperView::of(...), $cheaper),
            $sheet->success,
        );
    }
}
