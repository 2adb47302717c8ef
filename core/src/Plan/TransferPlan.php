<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\CutRound;
use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Blank\Zone;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Ready\OwnWords;
use Wubbin\Core\Route\Caution;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\SchoolOption;
use Wubbin\Core\Sheet\SettingsCard;
use Wubbin\Core\Stack\Layer;

/** Everything that follows for one picture of a job, from the shelf and the house. Computed, never edited. */
final readonly class TransferPlan implements \JsonSerializable
{
    public Brief $brief;
    public Outfit $outfit;
    public Placing $placing;
    public Arrangement $arrangement;
    public ?HeatCase $heatCase;
    public Facts $facts;

    /**
     * @param string $name the picture's own, among those of the job
     * @param bool $withThePrevious it is pressed in one go with the picture before it
     * @param list<Decision> $decisions
     * @param list<Check> $checks
     * @param list<Step> $steps
     * @param list<string> $cautions those that stand on the ticket rather than at a step
     */
    private function __construct(
        private Setup $setup,
        public string $name,
        public bool $withThePrevious,
        public array $decisions,
        public array $checks,
        public array $steps,
        public array $cautions,
    ) {
        $this->brief = $setup->brief;
        $this->outfit = $setup->outfit;
        $this->placing = $setup->placing;
        $this->arrangement = $setup->arrangement;
        $this->heatCase = HeatCases::of($setup);
        $this->facts = Facts::of($setup);
    }

    /**
     * @param string $name the picture's own, among those of the job
     * @param list<Check> $along found by looking at all pictures of the job together
     * @param list<SharePlan> $shares that the pieces divide into
     */
    public static function fromSetup(
        Setup $setup,
        string $name,
        bool $withThePrevious,
        array $along,
        array $shares,
    ): self {
        $brief = $setup->brief;
        $cautions = array_filter(
            $brief->catalogue->cautions,
            static fn(Caution $caution): bool => [] !==
                array_intersect($caution->at, [Caution::TICKET_BLANK, Caution::TICKET_ARTWORK]) &&
                $caution->concerns(
                    $brief->route->id,
                    $setup->outfit->heatKind,
                    $brief->kind->id,
                    $setup->placing->size->forChild(),
                    $setup->outfit->peel->word,
                ),
        );
        $steps = WorkSteps::of($setup);

        return new self(
            $setup,
            $name,
            $withThePrevious,
            Ticket::forSetup($setup, $steps, $shares),
            Preflight::forSetup($setup, $along),
            $steps,
            array_values(array_map(static fn(Caution $caution): string => $caution->text, $cautions)),
        );
    }

    /** What stands on its sheet. */
    public function label(): string
    {
        return $this->brief->sheetLabel();
    }

    /** What distances on its blank are taken from, in words. */
    public function from(): string
    {
        return $this->placing->size->from ?? $this->brief->kind->from;
    }

    /** @return list<Phrase> how a finished piece is looked after */
    public function aftercare(): array
    {
        return $this->setup->aftercare();
    }

    /** The picture's digest; null where it is not known. */
    public function artwork(): ?string
    {
        return $this->brief->picture?->sha256;
    }

    /** @return array<string, string|float|array<string, string|float>|null> */
    private function chosen(): array
    {
        return [
            'route' => $this->brief->route->id,
            'blank' => $this->brief->kind->id,
            'size' => $this->placing->size->id,
            'material' => $this->brief->material->id,
            'condition' => $this->brief->job->blank->condition->value,
            'side' => $this->brief->side,
            'medium' => $this->outfit->medium?->id,
            'marking' => $this->outfit->marking?->id,
            'heat' => $this->outfit->heat?->id,
            'celsius' => $this->outfit->temperature?->celsius,
            'dots' => null === $this->outfit->setting->dots ? null : (float) $this->outfit->setting->dots,
            'pressure' => $this->outfit->setting->pressure,
            'base' => $this->outfit->base?->id,
            'guard' => $this->outfit->guard?->id,
            'cover' => $this->outfit->cover?->id,
            'finish' => $this->brief->transfer->finish->value,
            'peel' => $this->outfit->peel->word,
            'recipe' => $this->outfit->recipe?->id,
            'figures' => array_map(static fn(Figure $figure): float => $figure->value, $this->outfit->ways->figures),
            'schools' => array_map(
                static fn(SchoolOption $option): string => $option->id,
                $this->outfit->ways->options,
            ),
        ];
    }

    /** It lies on a sheet, or in parts on several. */
    public function laidOut(): bool
    {
        return null !== $this->arrangement->sheet || null !== $this->arrangement->tiling;
    }

    public function driver(): ?SettingsCard
    {
        return null === $this->arrangement->loading || null === $this->outfit->marking || null === $this->outfit->medium
            ? null
            : SettingsCard::fromRule(
                $this->brief->route->making->driver,
                Words::in($this->brief->route->making->driver->paper, $this->setup)->text,
                $this->outfit->marking,
                $this->outfit->medium,
                $this->arrangement->loading,
                $this->arrangement->stack->mirrored(),
            );
    }

    /** A sheet may go to the printer: it can be laid out, and no check of its stage stands against it. */
    public function printable(): bool
    {
        return $this->laidOut() && [] === $this->blocking(Stage::Print);
    }

    /** It may be done. */
    public function ready(): bool
    {
        return $this->laidOut() &&
            [] === array_filter($this->checks, static fn(Check $check): bool => $check->blocks());
    }

    /**
     * What makes it another plan: what is chosen, figures and geometry. What things are called, how a sentence runs and
     * what else could have been chosen does not; nor how many pieces there are.
     *
     * @return list<mixed>
     */
    public function content(): array
    {
        return [
            // Sheets from before a picture could have one to itself keep their standing.
            $this->chosen() +
            ($this->brief->transfer->onSheet->alone ? ['alone' => 'yes'] : []) +
            (CutRound::Outline === $this->brief->transfer->onSheet->cut
                ? []
                : ['cut' => $this->brief->transfer->onSheet->cut->value]),
            array_map(static fn(Step $step): array => $step->content(), $this->steps),
            array_map(
                static fn(Layer $layer): array => [$layer->role->value, $layer->printedFace?->value],
                $this->arrangement->stack->layers,
            ),
            $this->placing->placed,
            $this->placing->bend?->toQuery(),
            $this->artwork(),
            $this->arrangement->sheet?->page,
            $this->arrangement->sheet?->picture,
            $this->arrangement->sheet?->cut,
            $this->arrangement->sheet?->mirrored,
            $this->arrangement->tiling?->tiles,
            $this->arrangement->coverage?->places,
            // Sheets from before pieces could have names keep their standing.
            ...null === $this->ownWords() ? [] : [$this->ownWords(), $this->brief->job->series?->toRecords()],
        ];
    }

    /** Where each piece has its own words on the print, and how they look; null where they are all alike. */
    public function ownWords(): ?OwnWords
    {
        $placed = $this->placing->placed;

        return null === $placed || null === $this->brief->job->series
            ? null
            : $this->brief->transfer->made?->own($placed);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'name' => $this->name,
            'label' => $this->label(),
            'side' => $this->brief->side,
            'route' => $this->brief->route->id,
            'heat' => $this->outfit->heat?->kind?->value,
            'printable' => $this->printable(),
            'ready' => $this->ready(),
            'decisions' => $this->decisions,
            'checks' => $this->checks,
            'cautions' => $this->cautions,
            'stack' => [
                'layers' => $this->arrangement->stack->layers,
                'mirrored' => $this->arrangement->stack->mirrored(),
            ],
            'blank' => $this->blank(),
            'placed' => null === $this->placing->placed ? null : self::rect($this->placing->placed),
            // On the drawing, turned about the apex from where it stands in the middle.
            'bent' =>
                null === $this->placing->bend || null === $this->placing->placed
                    ? null
                    : [
                        'box' => self::rect($this->placing->bend->boxAbout(0.0, $this->placing->placed->yMm)),
                        'radius_mm' => $this->placing->bend->radiusMm(),
                        'edge' => $this->placing->bend->edge(0.0),
                        'query' => $this->placing->bend->toQuery(),
                    ],
            'sheet' => $this->arrangement->sheet,
            'tiling' => $this->arrangement->tiling,
            'carrier' => $this->arrangement->carrier,
            'loading' => $this->arrangement->loading,
            'driver' => $this->driver(),
            'coverage' => $this->heated(),
            'artwork' => $this->artwork(),
            'look' => $this->placing->look,
            'facts' => $this->facts,
        ];
    }

    /** @return array{x_mm: float, y_mm: float, width_mm: float, height_mm: float} */
    private static function rect(Rect $r): array
    {
        return [
            'x_mm' => $r->xMm,
            'y_mm' => $r->yMm,
            'width_mm' => $r->size->widthMm,
            'height_mm' => $r->size->heightMm,
        ];
    }

    /** @return array<string, mixed> */
    private function blank(): array
    {
        return [
            'drawing' => $this->placing->size->drawing,
            'print_area' => self::rect($this->placing->size->printArea),
            'print_area_line' => $this->placing->size->areaLine(),
            'zones' => array_map(
                static fn(Zone $zone): array => ['label' => $zone->label, 'hole' => $zone->hole] +
                    self::rect($zone->rect),
                $this->placing->size->zonesOn($this->brief->transfer->sideId),
            ),
            'width_mm' => $this->placing->size->widthMm,
            'height_mm' => $this->placing->size->heightMm,
            'diameter_mm' => $this->placing->size->diameterMm,
            'from' => $this->from(),
            'views' =>
                null === $this->placing->size->diameterMm
                    ? []
                    : Cylinder::across($this->placing->size->diameterMm)->views(),
            'overscan_mm' => $this->placing->size->edge->overscanMm ?? 0.0,
            'taper' =>
                null === $this->placing->size->taper
                    ? null
                    : [
                        'rim_mm' => $this->placing->size->taper->roundAt(0.0),
                        'foot_mm' => $this->placing->size->taper->roundAt($this->placing->size->heightMm),
                        'standing_mm' => $this->placing->size->taper->heightMm,
                        'apex_mm' => $this->placing->size->taper->apexMm(),
                    ],
        ];
    }

    /** @return array<string, mixed>|null where the plate is set down, or hot air held */
    private function heated(): ?array
    {
        // How fast it is swept is told where it is swept; who stands it down counts seconds.
        $swept = 'keep-moving' === ($this->outfit->ways->options['iron-move']->id ?? null);
        $pace = $swept ? $this->outfit->ways->figures['pace'] ?? null : null;

        $coverage = $this->arrangement->coverage;
        $plate = $this->outfit->heat->plate ?? $coverage?->pressing;

        return null === $coverage || null === $plate
            ? null
            : [
                'plate_width_mm' => $plate->widthMm,
                'plate_length_mm' => $plate->heightMm,
                'places' => $coverage->places,
                'shift_mm' => $coverage->shiftMm,
                'sweep_mm' => $coverage->sweepMm(),
                'sweep_s' => null === $pace ? null : $coverage->sweepMm() / $pace->value,
            ];
    }

    /** @return list<Check> */
    private function blocking(Stage $stage): array
    {
        return array_values(
            array_filter($this->checks, static fn(Check $check): bool => $check->stage === $stage && $check->blocks()),
        );
    }
}
