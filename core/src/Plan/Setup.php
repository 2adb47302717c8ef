<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\ShirtSize;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\Base;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\DryingSchool;
use Wubbin\Core\Route\Guard;
use Wubbin\Core\Route\Hatch;
use Wubbin\Core\Route\Iron;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\LayerRule;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\PeelRule;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Stack\Layer;
use Wubbin\Core\Stack\Stack;

/**
 * A job with its names turned into things: what was chosen, or else the first on the shelf that suits; and what follows
 * from it by geometry. Ticket, checks and steps all read from here.
 */
final readonly class Setup
{
    public Route $route;
    public ShirtSize $size;
    public Material $material;
    public Tone $tone;
    public DryingSchool $drying;
    public PeelRule $peel;
    public ?Marking $marking;
    public ?Medium $medium;
    public ?Iron $iron;
    public ?Base $base;
    public ?Guard $guard;
    /** The picture on the shirt. */
    public ?Rect $placed;
    public ?float $dpi;
    public Stack $stack;
    public ?SheetLayout $sheet;
    public ?IronCoverage $coverage;

    /** @throws BadRecord when the job names a size, material, route or school that Wubbin does not have */
    public function __construct(public Job $job, public Shelf $shelf, public ?Picture $picture, public Catalogue $catalogue)
    {
        $this->route = self::known($catalogue->routes, $job->routeId, 'route');
        $this->size = self::known($catalogue->shirtSizes, $job->shirt->sizeId, 'blank.size');
        $this->material = self::known($catalogue->materials, $job->shirt->materialId, 'blank.material');
        $this->tone = $this->route->tones->toneOf($job->shirt->colour);
        $this->drying = self::known($catalogue->drying, $job->choices->drying ?? array_key_first($catalogue->drying) ?? '', 'choices.drying');
        $this->peel = $this->route->recipe->peelFor($job->finish);

        $this->placed = null === $picture ? null : $job->placement->rectOf($picture);
        $this->dpi = null === $this->placed ? null : $picture?->effectiveDpi($this->placed->size);

        $this->marking = $this->chooseMarking();
        $this->medium = $this->chooseMedium();
        $this->iron = $this->chooseIron();
        $this->base = self::choose($shelf->bases, $job->choices->base, static fn (Base $base): bool => $base->hard);
        $this->guard = self::choose($shelf->guards, $job->choices->guard, static fn (Guard $guard): bool => true);

        $this->stack = new Stack(array_map($this->layer(...), $this->route->layers));
        $this->sheet = $this->laySheet();
        $this->coverage = null === $this->placed || null === $this->iron
            ? null
            : IronCoverage::of($this->placed->size, $this->iron, $catalogue->coverage);
    }

    /**
     * Seconds the iron goes once more round the edges, so that a chest-size picture gets its least time in all.
     */
    public function edgeRound(): Duration
    {
        $recipe = $this->route->recipe;
        if (null === $this->coverage || null === $this->placed || max($this->placed->size->widthMm, $this->placed->size->heightMm) < $recipe->chestPictureFrom->mm) {
            return Duration::seconds(0.0);
        }

        return Duration::seconds(max(0.0, $recipe->chestPictureLeast->seconds - $this->pressed()->seconds));
    }

    /** Seconds under the iron, all places together, without the round along the edges. */
    public function pressed(): Duration
    {
        return $this->route->recipe->perArea->times(null === $this->coverage ? 0 : count($this->coverage->places));
    }

    /** The widest this picture can be on a sheet of this medium, in mm; 0 without a picture or a printer. */
    public function widestOn(Medium $medium): float
    {
        return null === $this->picture || null === $this->marking
            ? 0.0
            : SheetLayout::widest($this->picture->aspect(), $medium->paper->size(), $this->marking->marginMm, $this->route->recipe->trimMargin);
    }

    private function chooseMarking(): ?Marking
    {
        $prints = array_merge(...array_map(fn (string $id): array => $this->catalogue->media[$id]->markings, $this->route->media));

        return self::choose($this->shelf->markings, $this->job->choices->marking, static fn (Marking $m): bool => in_array($m->id, $prints, true));
    }

    private function chooseMedium(): ?Medium
    {
        $usable = array_intersect_key($this->shelf->media, array_flip($this->route->media));

        return self::choose($usable, $this->job->choices->medium, fn (Medium $medium): bool => null === $this->placed || $this->placed->size->widthMm <= $this->widestOn($medium) + 0.01);
    }

    private function chooseIron(): ?Iron
    {
        return self::choose($this->shelf->irons, $this->job->choices->iron, fn (Iron $iron): bool => $iron->dots >= $this->route->recipe->dots);
    }

    private function laySheet(): ?SheetLayout
    {
        if (null === $this->medium || null === $this->marking || null === $this->placed) {
            return null;
        }

        return SheetLayout::fit($this->placed->size, $this->medium->paper->size(), $this->marking->marginMm, $this->route->recipe->trimMargin, $this->stack->mirrored(), $this->job->name);
    }

    private function layer(LayerRule $rule): Layer
    {
        return match ($rule->role) {
            LayerRole::Heat => new Layer($rule->role, $this->iron?->label, Phrase::of(
                str_repeat('●', $this->route->recipe->dots).' {plate}, no steam',
                ['plate' => Quantity::temperature($this->catalogue->dotTemperature($this->route->recipe->dots))],
            ), 30.0, Hatch::Metal),
            LayerRole::Medium => new Layer($rule->role, 'film on its paper', null, $this->medium->thicknessMm ?? 0.2, Hatch::Film, $rule->printedFace),
            LayerRole::Guard => new Layer($rule->role, null === $this->guard ? null : $this->guard->label.' inside', null, $this->guard->thicknessMm ?? 0.5, Hatch::Plain),
            LayerRole::Base => new Layer($rule->role, $this->base?->label, null === $this->base ? null : Phrase::of($this->base->hard ? 'hard' : 'soft: the edges lift'), $this->base->thicknessMm ?? 18.0, $this->base->hatch ?? Hatch::Wood),
            LayerRole::Blank, LayerRole::Cloth => new Layer($rule->role, $rule->part, null, $rule->thicknessMm ?? 0.0, Hatch::Cloth),
        };
    }

    /**
     * What was asked for; where nothing was, the first that suits, or else the first there is.
     *
     * @template T
     *
     * @param array<string, T>  $things
     * @param callable(T): bool $suits
     *
     * @return T|null
     */
    private static function choose(array $things, ?string $asked, callable $suits): mixed
    {
        if (null !== $asked) {
            return $things[$asked] ?? null;
        }
        foreach ($things as $thing) {
            if ($suits($thing)) {
                return $thing;
            }
        }

        return array_values($things)[0] ?? null;
    }

    /**
     * @template T
     *
     * @param array<string, T> $things
     *
     * @return T
     */
    private static function known(array $things, string $id, string $field): mixed
    {
        return $things[$id] ?? throw BadRecord::at($field, sprintf('Wubbin knows no “%s” here; it knows %s.', mb_substr($id, 0, 40), implode(', ', array_keys($things))));
    }
}
