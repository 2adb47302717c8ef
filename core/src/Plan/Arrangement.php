<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\KeptWhole;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\CarrierWay;
use Wubbin\Core\Route\LayerRule;
use Wubbin\Core\Route\Technology;
use Wubbin\Core\Sheet\Carrier;
use Wubbin\Core\Sheet\Loading;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Sheet\Tiling;
use Wubbin\Core\Stack\Stack;

/** What follows from where the picture lies: stack, sheet, carrier and places of the iron. The last stage. */
final readonly class Arrangement
{
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

    public function __construct(private Brief $brief, private Outfit $outfit, private Placing $placing)
    {
        $this->circumstances = $this->findCircumstances();
        $this->stack = $this->findStack();
        $this->carrier = $this->findCarrier();
        $this->loading = $this->findLoading();
        $this->sheet = $this->laySheet();
        $this->tiling = null === $this->sheet ? $this->tile() : null;
        $this->coverage =
            null === $placing->placed || null === $outfit->heat
                ? null
                : IronCoverage::forPicture($placing->placed->size, $outfit->heat, $brief->catalogue->heat->coverage);
    }

    /** Seconds that a figure comes to for this picture. */
    public function seconds(string $figure): float
    {
        $it = $this->outfit->ways->figures[$figure];
        if (null !== $it->restOf) {
            [$least, $fromMm, $of] = $it->restOf;
            $side =
                null === $this->placing->placed
                    ? 0.0
                    : max($this->placing->placed->size->widthMm, $this->placing->placed->size->heightMm);

            return $side < $fromMm || null === $this->coverage
                ? 0.0
                : max(0.0, $least - count($this->coverage->places) * $this->seconds($of));
        }

        return $it->secondsFor($this->placing->placed?->size->areaMm2());
    }

    private function findStack(): Stack
    {
        return new Stack(
            array_map(
                fn(LayerRule $rule) => StackLayers::layer($rule, $this->brief, $this->outfit),
                array_values(
                    array_filter(
                        $this->brief->route->stacking->layers,
                        fn(LayerRule $rule): bool => $rule->when->holds($this->circumstances),
                    ),
                ),
            ),
            Condition::SeenThrough === $this->brief->job->blank->condition,
        );
    }

    private function findLoading(): ?Loading
    {
        return null === $this->outfit->medium || null === $this->outfit->marking?->printer
            ? null
            : Loading::forPrinter(
                $this->outfit->marking->printer,
                $this->outfit->medium,
                $this->outfit->printSide($this->outfit->medium),
                $this->carrier,
            );
    }

    /** @return array<string, string> */
    private function findCircumstances(): array
    {
        $yes = static fn(bool $is): string => $is ? 'yes' : 'no';
        $circumstances = Outfit::circumstances($this->brief, $this->outfit->heatKind) + [
            'hollow' => $yes($this->brief->kind->hollow),
            'condition' => $this->brief->job->blank->condition->value,
            'finish' => $this->brief->finish->value,
            'hand' => $yes($this->outfit->byHand),
            'flimsy' => $yes($this->outfit->medium->flimsy ?? false),
            'medium' => $this->outfit->medium->like ?? '',
            'toner' => $yes(Technology::Laser === $this->outfit->marking?->technology),
            'holes' => $yes([] !== $this->holeDots()),
            // More than half of the way round cannot be heated in one front.
            'wraps' => $yes(
                null !== $this->placing->size->diameterMm &&
                    null !== $this->placing->placed &&
                    $this->placing->placed->size->widthMm > $this->placing->size->widthMm / 2.0,
            ),
        ];
        foreach ($this->outfit->ways->options as $matter => $option) {
            $circumstances['school.' . $matter] = $option->id;
        }

        return $circumstances;
    }

    private function laySheet(): ?SheetLayout
    {
        if (null === $this->outfit->medium || null === $this->outfit->marking || null === $this->placing->placed) {
            return null;
        }

        return SheetLayout::fit(
            $this->placing->bend->box ?? $this->placing->placed->size,
            $this->outfit->medium->paper->size(),
            $this->outfit->marking->marginMm,
            $this->outfit->trim(),
            $this->stack->mirrored(),
            $this->brief->sheetLabel(),
            'none' !== ($this->outfit->ways->options['guide']->id ?? ''),
            $this->placing->trimLine?->lines() ?? [],
            $this->holeDots(),
            $this->carrier->zones ?? [],
            $this->brief->route->making->everyDot,
        );
    }

    /** The picture over several sheets: of the largest that this printer takes, where several are on the shelf. */
    private function tile(): ?Tiling
    {
        $overlap = $this->outfit->ways->figures['overlap'] ?? null;
        if (
            null === $this->outfit->medium ||
            null === $this->outfit->marking ||
            null === $this->placing->placed ||
            null === $overlap ||
            null !== $this->placing->bend
        ) {
            return null;
        }
        $size = $this->placing->placed->size;
        $own = $this->brief->transfer->made?->own($this->placing->placed);
        $busy = $this->brief->picture?->traits?->busy;

        return Tiling::forPicture(
            $size,
            $this->outfit->medium->paper->size(),
            $this->outfit->marking->marginMm,
            Length::mm($overlap->value),
            $this->stack->mirrored(),
            $this->brief->sheetLabel(),
            [
                ...array_map(static fn(KeptWhole $one): Rect => $one->on($size), $this->brief->transfer->whole),
                // A join through a name is seen on every piece.
                ...null === $own ? [] : [$own->room],
            ],
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
        if (true !== $this->outfit->medium?->flimsy || null === $this->outfit->marking?->printer) {
            return null;
        }
        $way =
            $this->brief->catalogue->sheets->carriers[
                $this->outfit->ways->options[CarrierWay::MATTER]->id ?? CarrierWay::UNDISPUTED
            ];
        $beyond = $this->outfit->ways->figures[CarrierWay::MATTER] ?? null;

        // The figure of the recipe is that of the usual way; others have their own.
        return Carrier::forSheet(
            $way,
            $this->outfit->medium->paper->size(),
            $this->brief->job->quantity,
            $way->cornersCut ? $beyond?->value : null,
        );
    }

    /**
     * @return list<array{float,
     *     float}> middles of the holes that the picture covers, in mm from the upper left corner of what is printed
     */
    private function holeDots(): array
    {
        $placed = $this->placing->placed;
        $dots = [];
        foreach ($this->placing->size->zonesOn($this->brief->transfer->sideId) as $zone) {
            [$x, $y] = $zone->middle();
            if ($zone->hole && null !== $placed?->overlap($zone->rect)) {
                $dots[] =
                    null === $this->placing->bend
                        ? [$x - $placed->xMm, $y - $placed->yMm]
                        : $this->placing->bend->point($x - $placed->xMm, $y - $placed->yMm);
            }
        }

        return $dots;
    }
}
