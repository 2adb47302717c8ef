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
     * @param list<array<string, mixed>> $lines
     * @param list<Cheaper> $cheaper
     */
    private function __construct(
        public string $name,
        public int $pieces,
        #[OA\Property(description: 'ISO 4217 code')] public string $currency,
        #[OA\Property(description: 'Of its minor unit')] public int $digits,
        #[OA\Property(description: 'Of all pieces')] public int $total,
        #[OA\Property(type: 'number', description: 'Of one, with parts of the minor unit')] public float $each,
        #[OA\Property(description: 'Everything in it has a price')] public bool $whole,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'label', 'minor', 'each', 'how', 'wanted'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(
                            property: 'minor',
                            type: 'integer',
                            nullable: true,
                            description: 'Its part of the whole; null where nobody knows the price',
                        ),
                        new OA\Property(property: 'each', type: 'number', nullable: true),
                        new OA\Property(property: 'how', type: 'string'),
                        new OA\Property(
                            property: 'wanted',
                            type: 'string',
                            nullable: true,
                            description: 'The item or rate that has no price yet',
                        ),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $lines,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['kind', 'how', 'each', 'saved'],
                    properties: [
                        new OA\Property(property: 'kind', type: 'string', enum: ['fill', 'batch', 'losses', 'route']),
                        new OA\Property(property: 'how', type: 'string'),
                        new OA\Property(property: 'each', type: 'number'),
                        new OA\Property(property: 'saved', type: 'number'),
                    ],
                    type: 'object',
                ),
            ),
        ]
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
            array_map(static fn(CostLine $line): array => $line->of($sheet->pieces), $sheet->lines),
            $cheaper,
            $sheet->success,
        );
    }
}
