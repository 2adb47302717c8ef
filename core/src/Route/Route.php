<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Artwork\ArtworkLimits;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** One complete way from picture to blank, as the reference data has it. */
final readonly class Route
{
    public const BASE_HARD = 'hard';

    /**
     * @param bool $opaque its ground hides the colour of the blank
     * @param list<string> $media ids of the media it works with
     * @param list<HeatKind> $heat kinds it may use, the usual one first
     * @param string|null $base `hard`, `pad`, or null where the work lies on nothing
     * @param bool $guard colour can go through to the back of a hollow blank
     * @param list<string> $covers ids in the order they are preferred
     * @param list<Surface> $surfaces it takes on
     * @param array<string, Verdict> $refuses by surface
     * @param array<string, string> $notBlanks why a kind of blank cannot be, by its id
     * @param array<string, Verdict> $tones by tone; a tone that is not named is fine
     * @param array<string, string> $materialNotes by material
     * @param list<LookWanted> $looks it can give
     * @param string $beneath what becomes of it when another picture is heated over it
     * @param array<string, PeelRule> $finishes by finish, the usual one first
     * @param array<string, Setting> $settings by kind of heat
     * @param array<string, Figure> $figures
     * @param list<LayerRule> $layers from the heat down to the base
     * @param list<StepRule> $steps in the order of work
     * @param string|null $need what the heat model asks for, by its name there
     * @param string|null $tape that fixes its sheet on the blank, by the heat model's name
     * @param bool $everyDot whatever is printed near the picture is transferred too
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $noun,
        public bool $byHand,
        public bool $opaque,
        public AppearanceRule $appearance,
        public array $media,
        public array $heat,
        public ?string $base,
        public bool $guard,
        public array $covers,
        private array $surfaces,
        private array $refuses,
        private array $notBlanks,
        private array $tones,
        private ?Verdict $rough,
        public array $materialNotes,
        public array $looks,
        public string $beneath,
        public Provenance $beneathProvenance,
        public Holds $holds,
        public int $cost,
        public Provenance $costProvenance,
        public ArtworkLimits $artwork,
        public ?Length $usualHeight,
        public array $finishes,
        public array $settings,
        public array $figures,
        public array $layers,
        public Provenance $layersProvenance,
        public array $steps,
        public DriverRule $driver,
        public bool $everyDot,
        public ?string $need,
        public ?string $tape,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $given = $record->record('figures');
        $common = Provenance::fromRecord($given->record('provenance'));
        $figures = [];
        foreach ($record->recordMap('figures') as $id => $figure) {
            if ('provenance' !== $id) {
                $figures[$id] = Figure::fromRecord($id, $figure, $common);
            }
        }
        $base = $record->string('base');
        $beneath = $record->record('beneath');
        $cost = $record->record('cost');
        $height = $record->recordOrNull('picture')?->numberOrNull('height_mm');

        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->string('noun'),
            $record->has('by_hand') && $record->boolean('by_hand'),
            $record->has('opaque') && $record->boolean('opaque'),
            $record->has('appearance')
                ? AppearanceRule::fromRecord($record->record('appearance'))
                : AppearanceRule::none(),
            $record->strings('media'),
            array_map(HeatKind::from(...), $record->strings('heat')),
            'none' === $base ? null : $base,
            $record->boolean('guard'),
            $record->strings('cover'),
            array_map(Surface::from(...), $record->strings('surfaces')),
            array_map(Verdict::fromRecord(...), $record->recordMap('refuses')),
            $record->recordOrNull('blanks')?->stringMap() ?? [],
            array_map(Verdict::fromRecord(...), $record->recordMap('tones')),
            $record->has('rough') ? Verdict::fromRecord($record->record('rough')) : null,
            $record->recordOrNull('materials')?->stringMap() ?? [],
            array_map(LookWanted::from(...), $record->strings('looks')),
            $beneath->string('why'),
            Provenance::fromRecord($beneath->record('provenance')),
            Holds::fromRecord($record->record('holds')),
            $cost->integer('level'),
            Provenance::fromRecord($cost->record('provenance')),
            ArtworkLimits::fromRecord($record->record('artwork')),
            null === $height ? null : Length::mm($height),
            array_map(PeelRule::fromRecord(...), $record->recordMap('finishes')),
            array_map(Setting::fromRecord(...), $record->recordMap('setting')),
            $figures,
            array_map(LayerRule::fromRecord(...), $record->records('layers')),
            Provenance::fromRecord($record->record('layers_provenance')),
            array_map(StepRule::fromRecord(...), $record->records('steps')),
            $record->has('driver') ? DriverRule::fromRecord($record->record('driver')) : DriverRule::none(),
            $record->has('every_dot') && $record->boolean('every_dot'),
            $record->stringOrNull('need'),
            $record->stringOrNull('tape'),
        );
    }

    /** Whether it takes on what the blank is made of, and on a blank of this kind at all. */
    public function verdictOnSurface(string $blankKindId, Material $material): Verdict
    {
        $not = $this->notBlanks[$blankKindId] ?? null;

        return match (true) {
            null !== $not => new Verdict(Fit::Impossible, $not),
            in_array($material->surface, $this->surfaces, true) => new Verdict(
                Fit::Good,
                sprintf('%s takes the %s.', ucfirst($material->label), $this->noun),
            ),
            default => $this->refuses[$material->surface->value] ??
                new Verdict(Fit::Bad, sprintf('%s is not made for %s.', ucfirst($this->label), $material->label)),
        };
    }

    public function verdictOnTone(Tone $tone): Verdict
    {
        return $this->tones[$tone->value] ??
            new Verdict(Fit::Good, 'The colour of the blank does not stand in its way.');
    }

    public function verdictOnCondition(Condition $condition): Verdict
    {
        return Condition::Rough === $condition && null !== $this->rough
            ? $this->rough
            : new Verdict(Fit::Good, 'The surface is fit for it.');
    }

    /** The finish that a job gets: the wanted one where this route can give it, or else its usual one. */
    public function finish(Finish $wanted): Finish
    {
        return isset($this->finishes[$wanted->value])
            ? $wanted
            : Finish::from((string) array_key_first($this->finishes));
    }

    /** Whether a source can be set as this route wants it. */
    public function isReachedBy(HeatSource $source): bool
    {
        $setting = $this->settings[$source->kind->value] ?? null;

        return null === $setting ||
            ((null === $setting->dots || $source->dots >= $setting->dots) &&
                (null === $setting->temperature ||
                    null === $source->to ||
                    $setting->temperature->celsius <= $source->to->celsius));
    }
}
