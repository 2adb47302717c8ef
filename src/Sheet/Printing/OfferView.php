<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;
use Wubbin\Core\Sheet\PrinterOffer;

/** What a printer offers for the sheets of one paper, and what it does not. */
#[OA\Schema]
final readonly class OfferView
{
    /**
     * @param list<OfferedWord> $types
     * @param list<OfferedWord> $sources
     * @param list<int> $qualities
     * @param list<string> $lacks
     */
    public function __construct(
        #[OA\Property(description: 'Kinds of paper, in the printer’s words')] public array $types,
        #[OA\Property(description: 'Trays')] public array $sources,
        #[OA\Property(description: 'From 3, draft, to 5, high')] public array $qualities,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'string'),
                description: 'What it cannot do of what these sheets want',
            ),
        ]
        public array $lacks,
    ) {}

    /** @param list<string> $lacks */
    public static function of(PrinterOffer $offer, array $lacks): self
    {
        $word = static fn(string $id): OfferedWord => new OfferedWord($id, PrinterOffer::words($id));

        return new self(
            array_map($word, $offer->namedTypes()),
            array_map($word, $offer->namedSources()),
            $offer->qualities,
            $lacks,
        );
    }
}
