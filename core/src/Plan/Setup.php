<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\KeptWhole;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\CarrierWay;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Finish;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\LayerRule;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\PeelRule;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\Setting;
use Wubbin\Core\Route\Support;
use Wubbin\Core\Sheet\Carrier;
use Wubbin\Core\Sheet\Loading;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\Tiling;
use Wubbin\Core\Stack\Stack;

/**
 * One transfer of a job with its names turned into things: what was chosen, or else the first on the shelf that suits;
 * and what follows from it by geometry. Ticket, checks and steps all read from here.
 */
final readonly class Setup
{
    public Route $route;
    public BlankKind $kind;
    public BlankSize $size;
    public Material $material;
    /** The side of the blank, in words. */
    public string $side;
    public Tone $tone;
    public Finish $finish;
    public PeelRule $peel;
    public Ways $ways;
    public ?Marking $marking;
    public ?Medium $medium;
    public ?HeatSource $heat;
    /** The house's recipe that its figures come from. */
    public ?Recipe $recipe;
    /** Of the heat source at hand; or of the usual one, where there is none. */
    public Setting $setting;
    public ?Support $base;
    public ?Support $guard;
    public ?Support $cover;
    /** The picture on the blank; the size template where it is drawn by hand. */
    public ?Rect $placed;
    /** How it is bent on its sheet, where the piece tapers. */
    public ?Bend $bend;
    public ?float $dpi;
    /** Null where there is no picture, or nobody has looked at its pixels. */
    public ?Look $look;
    /** @var array<string, string> what steps and layers may depend on */
    public array $circumstances;
    public Stack $stack;
    public ?SheetLayout $sheet;
    /** Where it is larger than a sheet, and this route's prints may be joined. */
    public ?Tiling $tiling;
    /** What a flimsy sheet is fixed on for the printer. */
    public ?Carrier $carrier;
    /** Null where nothing is printed. */
    public ?Loading $loading;
    public ?IronCoverage $coverage;

    /** @throws BadRecord when the job names a blank, material, route or school that Wubbin does not have */
    public function __construct(
        public Job $job,
        public Transfer $transfer,
        public Shelf $shelf,
        public ?Picture $picture,
        public Catalogue $catalogue,
        public House $house,
    ) {
        $this->route = Known::of($catalogue->routes, $transfer->routeId, 'route');
        $this->kind = Known::of($catalogue->blanks, $job->blank->kindId, 'blank.kind');
        $this->side = Known::of($this->kind->sides, $transfer->sideId, 'side');
        $size = Known::of($this->kind->sizes, $job->blank->sizeId, 'blank.size')->seenFrom($transfer->sideId);
        $this->material = Known::of(
            array_intersect_key($catalogue->materials, array_flip($this->kind->materials)),
            $job->blank->materialId,
            'blank.material',
        );
        $conditions = array_column($this->kind->conditions, null, 'value');
        Known::of($conditions, $job->blank->condition->value, 'blank.condition');
        $this->tone = $catalogue->tones->toneOf($job->blank->colour);
        $this->finish = $this->route->finish($transfer->finish);
        $ways = Ways::forRoute($this->route, $catalogue, $transfer->choices, $house);
        $choosing = new Choosing($this->route, $transfer, $shelf, $picture, $catalogue);
        $this->medium = $choosing->medium($ways);
        $this->heat = $choosing->heat($ways);
        $this->recipe = $house->recipeFor($this->route->id, $transfer->choices, $this->medium, $this->heat);
        $this->ways = $ways->figuresBy($this->recipe);
        $this->peel =
            null === $this->recipe?->peel
                ? $this->route->finishes[$this->finish->value]
                : $this->recipe->peel->from($this->recipe->provenance());
        $this->marking = $choosing->marking($this->medium);
        $byHand = $this->marking?->byHand() ?? $this->route->byHand;
        $this->placed = null === $picture && !$byHand ? null : $transfer->placement->rectOf($picture);
        $this->size = $size->levelWith($this->placed);
        $this->bend = null === $this->placed ? null : $size->taper?->bend($this->placed);
        $this->dpi = null === $this->placed ? null : $picture?->effectiveDpi($this->placed->size);

        $this->look = $this->findLook();
        $this->setting = $this->settingOf($this->heat->kind ?? ($this->ways->heat()[0] ?? HeatKind::Iron));
        $this->base = $choosing->base();
        $this->guard = $choosing->guard($this->kind->hollow);
        $this->cover = $choosing->cover($this->ways);

        $this->circumstances = $this->findCircumstances($byHand);
        $this->stack = $this->findStack();
        $this->carrier = $this->findCarrier();
        $this->loading = $this->findLoading();
        $this->sheet = $this->laySheet();
        $this->tiling = null === $this->sheet ? $this->tile() : null;
        $this->coverage =
            null === $this->placed || null === $this->heat
                ? null
                : IronCoverage::forPicture($this->placed->size, $this->heat, $catalogue->coverage);
    }

    /** “Shirt M”, “Ordinary mug”: the size says what it is unless it is only a letter. */
    public function blankName(): string
    {
        return Shape::Garment === $this->kind->shape
            ? ucfirst($this->kind->label) . ' ' . $this->size->label
            : ucfirst($this->size->label);
    }

    /** What stands on its sheet: the job, and the side where it has several pictures. */
    public function sheetLabel(): string
    {
        return $this->job->name . (1 === count($this->job->transfers) ? '' : ' · ' . $this->side);
    }

    /** How far outside the picture it is cut. */
    public function trim(): Length
    {
        return Length::mm(isset($this->ways->figures['trim']) ? $this->ways->figures['trim']->value : 0.0);
    }

    /** What its sheet is cut along; null where there is no picture. */
    private function trimLine(): ?TrimLine
    {
        $hinge = $this->ways->figures['hinge'] ?? null;

        return null === $this->placed
            ? null
            : new TrimLine($this->placed, $this->bend, $this->look, $this->trim()->mm, $hinge?->value);
    }

    /** How long the line is that its sheet is cut along, in mm. */
    public function trimLength(): float
    {
        return $this->trimLine()?->length() ?? 0.0;
    }

    /** The temperature that the heat source is set to, where it is told; of an iron by its dots. */
    public function temperature(): ?Temperature
    {
        return $this->setting->temperature ??
            (null === $this->setting->dots ? null : $this->catalogue->dotTemperature($this->setting->dots));
    }

    /** Seconds that a figure comes to for this picture. */
    public function seconds(string $figure): float
    {
        $it = $this->ways->figures[$figure];
        if (null !== $it->restOf) {
            [$least, $fromMm, $of] = $it->restOf;
            $side = null === $this->placed ? 0.0 : max($this->placed->size->widthMm, $this->placed->size->heightMm);

            return $side < $fromMm || null === $this->coverage
                ? 0.0
                : max(0.0, $least - count($this->coverage->places) * $this->seconds($of));
        }

        return $it->secondsFor($this->placed?->size->areaMm2());
    }

    /** The widest this picture can be on a sheet of this medium, in mm; 0 without anything to print it. */
    public function widestOn(Medium $medium): float
    {
        if (null === $this->placed || null === $this->marking) {
            return 0.0;
        }
        $tab = Length::mm($this->ways->figures['hinge']->value ?? 0.0);

        return (new WidestPicture($this->placed->size, $this->bend, $this->trim(), $tab, $this->marking->marginMm))->on(
            $medium,
        );
    }

    private function findLook(): ?Look
    {
        return null === $this->picture?->traits || null === $this->placed
            ? null
            : Look::fromTraits(
                $this->picture->traits,
                $this->placed->size->widthMm,
                $this->trim()->mm,
                $this->job->blank,
                $this->route,
                $this->finish,
            );
    }

    private function findStack(): Stack
    {
        return new Stack(
            array_map(
                fn(LayerRule $rule) => StackLayers::layer($rule, $this),
                array_values(
                    array_filter(
                        $this->route->layers,
                        fn(LayerRule $rule): bool => $rule->when->holds($this->circumstances),
                    ),
                ),
            ),
            Condition::SeenThrough === $this->job->blank->condition,
        );
    }

    private function findLoading(): ?Loading
    {
        return null === $this->medium || null === $this->marking?->printer
            ? null
            : Loading::forPrinter(
                $this->marking->printer,
                $this->medium,
                $this->printSide($this->medium),
                $this->carrier,
            );
    }

    private function settingOf(HeatKind $kind): Setting
    {
        $setting = $this->route->settings[$kind->value];
        $recipe = $this->recipe;

        return null === $recipe || (null === $recipe->temperature && null === $recipe->pressure)
            ? $setting
            : $setting->at($recipe->temperature, $recipe->pressure, $recipe->provenance());
    }

    /** @return array<string, string> */
    private function findCircumstances(bool $byHand): array
    {
        $yes = static fn(bool $is): string => $is ? 'yes' : 'no';
        $circumstances = [
            'blank' => $this->kind->id,
            'hollow' => $yes($this->kind->hollow),
            'cloth' => $yes($this->material->surface->isCloth()),
            'condition' => $this->job->blank->condition->value,
            'finish' => $this->finish->value,
            'hand' => $yes($byHand),
            'flimsy' => $yes($this->medium->flimsy ?? false),
            'medium' => $this->medium->like ?? '',
            'heat' => $this->heat->kind->value ?? '',
            // More than half of the way round cannot be heated in one front.
            'wraps' => $yes(
                null !== $this->size->diameterMm &&
                    null !== $this->placed &&
                    $this->placed->size->widthMm > $this->size->widthMm / 2.0,
            ),
        ];
        foreach ($this->ways->options as $matter => $option) {
            $circumstances['school.' . $matter] = $option->id;
        }

        return $circumstances;
    }

    private function laySheet(): ?SheetLayout
    {
        if (null === $this->medium || null === $this->marking || null === $this->placed) {
            return null;
        }

        return SheetLayout::fit(
            $this->bend->box ?? $this->placed->size,
            $this->medium->paper->size(),
            $this->marking->marginMm,
            $this->trim(),
            $this->stack->mirrored(),
            $this->sheetLabel(),
            'none' !== ($this->ways->options['guide']->id ?? ''),
            $this->trimLine()?->lines() ?? [],
            $this->holeDots(),
            $this->carrier->zones ?? [],
            $this->route->everyDot,
        );
    }

    /** The picture over several sheets: of the largest that this printer takes, where several are on the shelf. */
    private function tile(): ?Tiling
    {
        $overlap = $this->ways->figures['overlap'] ?? null;
        if (
            null === $this->medium ||
            null === $this->marking ||
            null === $this->placed ||
            null === $overlap ||
            null !== $this->bend
        ) {
            return null;
        }
        $size = $this->placed->size;
        $busy = $this->picture?->traits?->busy;

        return Tiling::forPicture(
            $size,
            $this->medium->paper->size(),
            $this->marking->marginMm,
            Length::mm($overlap->value),
            $this->stack->mirrored(),
            $this->sheetLabel(),
            array_map(static fn(KeptWhole $one): Rect => $one->on($size), $this->transfer->whole),
            static fn(bool $across, float $from, float $to): float => null === $busy
                ? 0.0
                : $busy->between(
                    $across,
                    $from / ($across ? $size->widthMm : $size->heightMm),
                    $to / ($across ? $size->widthMm : $size->heightMm),
                ),
        );
    }

    private function findCarrier(): ?Carrier
    {
        if (true !== $this->medium?->flimsy || null === $this->marking?->printer) {
            return null;
        }
        $way = $this->catalogue->carriers[$this->ways->options[CarrierWay::MATTER]->id ?? CarrierWay::UNDISPUTED];
        $beyond = $this->ways->figures[CarrierWay::MATTER] ?? null;

        // The figure of the recipe is that of the usual way; others have their own.
        return Carrier::forSheet(
            $way,
            $this->medium->paper->size(),
            $this->job->quantity,
            $way->cornersCut ? $beyond?->value : null,
        );
    }

    /** Which side of the sheet takes the print, by the house's recipe or the sheet itself. */
    public function printSide(Medium $medium): string
    {
        return $this->recipe->printSide ?? $medium->printSide;
    }

    /**
     * @return list<array{float,
     *     float}> middles of the holes that the picture covers, in mm from the upper left corner of what is printed
     */
    private function holeDots(): array
    {
        $placed = $this->placed;
        $dots = [];
        foreach ($this->size->zonesOn($this->transfer->sideId) as $zone) {
            [$x, $y] = $zone->middle();
            if ($zone->hole && null !== $placed?->overlap($zone->rect)) {
                $dots[] =
                    null === $this->bend
                        ? [$x - $placed->xMm, $y - $placed->yMm]
                        : $this->bend->point($x - $placed->xMm, $y - $placed->yMm);
            }
        }

        return $dots;
    }
}
