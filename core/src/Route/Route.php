<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Artwork\ArtworkLimits;
use Wubbin\Core\Blank\Fibre;
use Wubbin\Core\Blank\ToneScale;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** One complete way from picture to blank. */
final readonly class Route
{
    /**
     * @param list<string>    $media    ids of the media it works with
     * @param list<Fibre>     $fibres   it bonds to
     * @param list<LayerRule> $layers   from the heat down to the base
     * @param list<Caution>   $cautions
     */
    private function __construct(
        public string $id,
        public string $label,
        public array $media,
        public array $fibres,
        public array $layers,
        public Provenance $layersProvenance,
        public IronRecipe $recipe,
        public ArtworkLimits $artwork,
        public ToneScale $tones,
        public HandTimes $times,
        public array $cautions,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->strings('media'),
            array_map(static fn (string $fibre): Fibre => Fibre::from($fibre), $record->strings('fibres')),
            array_map(LayerRule::fromRecord(...), $record->records('layers')),
            Provenance::fromRecord($record->record('layers_provenance')),
            IronRecipe::fromRecord($record->record('recipe')),
            ArtworkLimits::fromRecord($record->record('artwork')),
            ToneScale::fromRecord($record->record('tone')),
            HandTimes::fromRecord($record->record('times')),
            array_map(Caution::fromRecord(...), $record->records('cautions')),
        );
    }
}
