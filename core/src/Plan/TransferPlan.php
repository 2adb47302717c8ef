<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Blank\Zone;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Caution;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\SchoolOption;
use Wubbin\Core\Sheet\Carrier;
use Wubbin\Core\Sheet\Loading;
use Wubbin\Core\Sheet\SettingsCard;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\Tiling;
use Wubbin\Core\Stack\Layer;
use Wubbin\Core\Stack\Stack;

/** Everything that follows for one picture of a job, from the shelf and the house. Computed, never edited. */
final readonly class TransferPlan implements \JsonSerializable
{
    /**
     * @param list<Decision> $decisions
     * @param list<Check> $checks
     * @param list<Step> $steps
     * @param list<string> $cautions those that stand on the ticket rather than at a step
     * @param BlankSize $size the blank, seen from the side that the picture is on
     * @param string $name the picture's own, among those of the job
     * @param bool $withThePrevious it is pressed in one go with the picture before it
     * @param string $label what stands on its sheet
     * @param array<string, string|float|array<string, string|float>|null> $chosen ids of things, options of schools,
     *                                                                             and figures
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $side,
        private string $sideId,
        public bool $withThePrevious,
        public string $routeId,
        public ?HeatKind $heat,
        public array $decisions,
        public array $checks,
        public array $steps,
        public array $cautions,
        public Stack $stack,
        public BlankSize $size,
        public string $from,
        public ?Rect $placed,
        public ?Bend $bend,
        public ?Medium $medium,
        public ?Marking $marking,
        public ?SheetLayout $sheet,
        public ?Tiling $tiling,
        public ?Carrier $carrier,
        public ?Loading $loading,
        public ?SettingsCard $driver,
        public ?HeatCase $heatCase,
        public ?string $heatId,
        private ?float $paceMmS,
        public ?IronCoverage $coverage,
        public ?Size $plate,
        public ?string $artwork,
        public ?Look $look,
        public Facts $facts,
        public ?string $heatLabel,
        public ?float $heatC,
        public string $peelWord,
        public ?string $coverId,
        private array $chosen,
    ) {}

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
        $cautions = array_filter(
            $setup->catalogue->cautions,
            static fn(Caution $caution): bool => [] !==
                array_intersect($caution->at, [Caution::TICKET_BLANK, Caution::TICKET_ARTWORK]) &&
                $caution->concerns($setup->route->id, $setup->heat?->kind, $setup->kind->id, $setup->size->forChild()),
        );
        $steps = WorkSteps::of($setup);

        return new self(
            $name,
            $setup->sheetLabel(),
            $setup->side,
            $setup->transfer->sideId,
            $withThePrevious,
            $setup->route->id,
            $setup->heat?->kind,
            Ticket::forSetup($setup, $steps, $shares),
            Preflight::forSetup($setup, $along),
            $steps,
            array_values(array_map(static fn(Caution $caution): string => $caution->text, $cautions)),
            $setup->stack,
            $setup->size,
            $setup->size->from ?? $setup->kind->from,
            $setup->placed,
            $setup->bend,
            $setup->medium,
            $setup->marking,
            $setup->sheet,
            $setup->tiling,
            $setup->carrier,
            $setup->loading,
            self::driver($setup),
            HeatCases::of($setup),
            $setup->heat?->id,
            $setup->ways->figures['pace']->value ?? null,
            $setup->coverage,
            $setup->heat?->plate,
            $setup->picture?->sha256,
            $setup->look,
            Facts::of($setup),
            $setup->heat?->label,
            $setup->temperature()?->celsius,
            $setup->peel->word,
            $setup->cover?->id,
            self::chosen($setup),
        );
    }

    /** @return array<string, string|float|array<string, string|float>|null> */
    private static function chosen(Setup $setup): array
    {
        return [
            'route' => $setup->route->id,
            'blank' => $setup->kind->id,
            'size' => $setup->size->id,
            'material' => $setup->material->id,
            'condition' => $setup->job->blank->condition->value,
            'side' => $setup->side,
            'medium' => $setup->medium?->id,
            'marking' => $setup->marking?->id,
            'heat' => $setup->heat?->id,
            'celsius' => $setup->temperature()?->celsius,
            'dots' => null === $setup->setting->dots ? null : (float) $setup->setting->dots,
            'pressure' => $setup->setting->pressure,
            'base' => $setup->base?->id,
            'guard' => $setup->guard?->id,
            'cover' => $setup->cover?->id,
            'finish' => $setup->transfer->finish->value,
            'peel' => $setup->peel->word,
            'recipe' => $setup->recipe?->id,
            'figures' => array_map(static fn(Figure $figure): float => $figure->value, $setup->ways->figures),
            'schools' => array_map(static fn(SchoolOption $option): string => $option->id, $setup->ways->options),
        ];
    }

    /** It lies on a sheet, or in parts on several. */
    public function laidOut(): bool
    {
        return null !== $this->sheet || null !== $this->tiling;
    }

    private static function driver(Setup $setup): ?SettingsCard
    {
        return null === $setup->loading || null === $setup->marking || null === $setup->medium
            ? null
            : SettingsCard::fromRule(
                $setup->route->driver,
                Words::in($setup->route->driver->paper, $setup)->text,
                $setup->marking,
                $setup->medium,
                $setup->loading,
                $setup->stack->mirrored(),
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
            $this->chosen,
            array_map(static fn(Step $step): array => $step->content(), $this->steps),
            array_map(
                static fn(Layer $layer): array => [$layer->role->value, $layer->printedFace?->value],
                $this->stack->layers,
            ),
            $this->placed,
            $this->bend?->toQuery(),
            $this->artwork,
            $this->sheet?->page,
            $this->sheet?->picture,
            $this->sheet?->cut,
            $this->sheet?->mirrored,
            $this->tiling?->tiles,
            $this->coverage?->places,
        ];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'name' => $this->name,
            'label' => $this->label,
            'side' => $this->side,
            'route' => $this->routeId,
            'heat' => $this->heat?->value,
            'printable' => $this->printable(),
            'ready' => $this->ready(),
            'decisions' => $this->decisions,
            'checks' => $this->checks,
            'cautions' => $this->cautions,
            'stack' => ['layers' => $this->stack->layers, 'mirrored' => $this->stack->mirrored()],
            'blank' => $this->blank(),
            'placed' => null === $this->placed ? null : self::rect($this->placed),
            // On the drawing, turned about the apex from where it stands in the middle.
            'bent' =>
                null === $this->bend || null === $this->placed
                    ? null
                    : [
                        'box' => self::rect($this->bend->boxAbout(0.0, $this->placed->yMm)),
                        'radius_mm' => $this->bend->radiusMm(),
                        'edge' => $this->bend->edge(0.0),
                        'query' => $this->bend->toQuery(),
                    ],
            'sheet' => $this->sheet,
            'tiling' => $this->tiling,
            'carrier' => $this->carrier,
            'loading' => $this->loading,
            'driver' => $this->driver,
            'coverage' => $this->heated(),
            'artwork' => $this->artwork,
            'look' => $this->look,
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
            'drawing' => $this->size->drawing,
            'print_area' => self::rect($this->size->printArea),
            'print_area_line' => $this->size->areaLine(),
            'zones' => array_map(
                static fn(Zone $zone): array => ['label' => $zone->label, 'hole' => $zone->hole] +
                    self::rect($zone->rect),
                $this->size->zonesOn($this->sideId),
            ),
            'width_mm' => $this->size->widthMm,
            'height_mm' => $this->size->heightMm,
            'diameter_mm' => $this->size->diameterMm,
            'from' => $this->from,
            'views' => null === $this->size->diameterMm ? [] : Cylinder::across($this->size->diameterMm)->views(),
            'overscan_mm' => $this->size->edge->overscanMm ?? 0.0,
            'taper' =>
                null === $this->size->taper
                    ? null
                    : [
                        'rim_mm' => $this->size->taper->roundAt(0.0),
                        'foot_mm' => $this->size->taper->roundAt($this->size->heightMm),
                        'standing_mm' => $this->size->taper->heightMm,
                        'apex_mm' => $this->size->taper->apexMm(),
                    ],
        ];
    }

    /** @return array<string, mixed>|null how the plate goes over the picture */
    private function heated(): ?array
    {
        return null === $this->coverage || null === $this->plate
            ? null
            : [
                'plate_width_mm' => $this->plate->widthMm,
                'plate_length_mm' => $this->plate->heightMm,
                'places' => $this->coverage->places,
                'shift_mm' => $this->coverage->shiftMm,
                'sweep_mm' => $this->coverage->sweepMm(),
                'sweep_s' => null === $this->paceMmS ? null : $this->coverage->sweepMm() / $this->paceMmS,
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
