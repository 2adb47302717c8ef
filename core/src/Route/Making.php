<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Artwork\ArtworkLimits;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Record;

/** How a route gets its picture onto a sheet, and what the picture must be for it. */
final readonly class Making
{
    /**
     * @param bool $byHand drawn, not printed
     * @param bool $everyDot whatever is printed near the picture is transferred too
     * @param list<string> $media ids of the media it works with
     */
    private function __construct(
        public bool $byHand,
        public bool $everyDot,
        public array $media,
        public DriverRule $driver,
        public ArtworkLimits $artwork,
        public ?Length $usualHeight,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $height = $record->recordOrNull('picture')?->numberOrNull('height_mm');

        return new self(
            $record->has('by_hand') && $record->boolean('by_hand'),
            $record->has('every_dot') && $record->boolean('every_dot'),
            $record->strings('media'),
            $record->has('driver') ? DriverRule::fromRecord($record->record('driver')) : DriverRule::none(),
            ArtworkLimits::fromRecord($record->record('artwork')),
            null === $height ? null : Length::mm($height),
        );
    }
}
