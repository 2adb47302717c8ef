<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** Something that is measured of a blank. */
#[OA\Schema]
final readonly class MeasureOption
{
    private const LABELS = [
        'chest_mm' => 'Across the chest',
        'length_mm' => 'Collar to hem',
        'width_mm' => 'Width',
        'height_mm' => 'Height',
        'diameter_mm' => 'Across (8 cm), or 25 cm round',
        'rim_diameter_mm' => 'At the rim: across, or … round',
        'foot_diameter_mm' => 'At the foot: across, or … round',
        'print_width_mm' => 'Print area, width',
        'print_height_mm' => 'Print area, height',
        'print_drop_mm' => 'Print area, below the collar',
        'margin_mm' => 'Distance from the edges',
        'top_mm' => 'Distance from the rim',
        'foot_mm' => 'Distance from the foot',
        'handle_mm' => 'Room for the handle',
    ];

    private function __construct(
        public string $id,
        public string $label,
        #[OA\Property(description: 'Otherwise it is that of the model where nothing is typed')] public bool $needed,
        public float $usual_mm,
    ) {}

    public static function forMeasure(string $name, bool $needed, float $usualMm): self
    {
        return new self(str_replace('_mm', '', $name), self::LABELS[$name], $needed, $usualMm);
    }
}
