<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use OpenApi\Attributes as OA;

/** A picture as the page needs it. Width and height are of the visible part, in pixels or user units. */
#[OA\Schema]
final readonly class ArtworkView
{
    private function __construct(
        public string $sha256,
        public string $name,
        #[OA\Property(enum: ['raster', 'vector'])] public string $kind,
        public float $width,
        public float $height,
        #[
            OA\Property(
                type: 'string',
                nullable: true,
                description: 'The picture that this one was made of by taking its background away',
            ),
        ]
        public ?string $made_of,
        #[
            OA\Property(type: 'string', nullable: true, description: 'What of the file was not taken'),
        ]
        public ?string $note,
    ) {}

    public static function of(Artwork $artwork): self
    {
        $picture = $artwork->picture();

        return new self(
            $picture->sha256,
            $picture->name,
            $picture->kind->value,
            $picture->width,
            $picture->height,
            $picture->origin?->sha256,
            $artwork->note(),
        );
    }
}
