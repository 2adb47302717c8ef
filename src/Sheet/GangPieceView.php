<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Plan\GangPicture;

/** A picture that lies on the sheets, and how often. */
#[OA\Schema]
final readonly class GangPieceView
{
    /**
     * @param list<list<array{float, float}>> $lines
     */
    public function __construct(
        public string $id,
        public string $label,
        public int $count,
        public float $width_mm,
        public float $height_mm,
        #[
            OA\Property(description: 'The part of a sheet that one of them takes up, its share of the waste with it'),
        ]
        public float $share,
        #[OA\Property(description: 'It is not turned')] public bool $upright,
        #[OA\Property(description: 'Of a later job')] public bool $spare,
        public string $job,
        public ?string $artwork,
        #[OA\Property(description: 'Its bend as part of an address')] public ?string $bent,
        #[OA\Property(description: 'In the piece, as it lies unturned')] public PlacedRect $picture,
        public bool $mirrored,
        #[OA\Property(description: 'To cut along, in the piece; its box where there are none')] public array $lines,
    ) {}

    /** @param float $share of a sheet that one of them takes up */
    public static function fromPicture(GangPicture $picture, float $share, bool $upright, bool $spare): self
    {
        $transfer = $picture->transfer;
        $sheet = $transfer->arrangement->sheet ?? throw new \LogicException('What is ganged has a sheet of its own.');

        return new self(
            $picture->piece->id,
            $picture->piece->label,
            $picture->piece->count,
            $picture->piece->size->widthMm,
            $picture->piece->size->heightMm,
            $share,
            $upright,
            $spare,
            $picture->jobId,
            $transfer->artwork(),
            $transfer->placing->bend?->toQuery(),
            new PlacedRect(
                $sheet->picture->xMm - $sheet->cut->xMm,
                $sheet->picture->yMm - $sheet->cut->yMm,
                $sheet->picture->size->widthMm,
                $sheet->picture->size->heightMm,
            ),
            $sheet->mirrored,
            array_map(
                static fn(array $loop): array => array_map(
                    static fn(array $p): array => [
                        round($p[0] - $sheet->cut->xMm, 2),
                        round($p[1] - $sheet->cut->yMm, 2),
                    ],
                    $loop,
                ),
                $sheet->cutLines(),
            ),
        );
    }
}
