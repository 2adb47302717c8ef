<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;

/** A picture with what is to be done to it, small, and where it would lie on the piece. */
#[OA\Schema]
final readonly class ReadyLook
{
    /**
     * @param list<ReadyWords> $words
     * @param list<FaceView> $faces
     */
    public function __construct(
        #[OA\Property(description: 'A PNG as a data address')] public string $image,
        public PlacedBox $placed,
        #[
            OA\Property(
                oneOf: [new OA\Schema(ref: PlacedBox::class), new OA\Schema(type: 'null')],
                description: 'Where each piece has its own name',
            ),
        ]
        public ?PlacedBox $own,
        #[
            OA\Property(description: 'Of the picture before all steps, in mm: their lengths hold for it'),
        ]
        public float $width_mm,
        #[OA\Property(description: 'Of the picture before all steps')] public float $height_mm,
        #[OA\Property(description: 'How many times as large the print is as its steps say')] public float $scale,
        #[
            OA\Property(type: 'number', nullable: true, description: 'The way round the piece, in mm of the steps'),
        ]
        public ?float $around_mm,
        #[
            OA\Property(description: 'By what the finest line lacks to be held by the route, in mm; 0 for nothing'),
        ]
        public float $lack_mm,
        #[OA\Property(description: 'Black or coloured, of the picture’s area, 0 to 1')] public float $inked,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReadyWords::class))] public array $words,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FaceView::class))] public array $faces,
    ) {}
}
