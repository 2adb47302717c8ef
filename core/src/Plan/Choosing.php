<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\Stacking;
use Wubbin\Core\Route\Support;
use Wubbin\Core\Sheet\SheetLayout;

/** What a transfer takes from the shelf: what was asked for, or else the first that suits. */
final readonly class Choosing
{
    public function __construct(private Brief $brief) {}

    public function medium(Ways $ways): ?Medium
    {
        $order = array_flip($this->mediaInOrder($ways));
        $usable = array_filter(
            $this->brief->shelf->media,
            static fn(Medium $medium): bool => isset($order[$medium->like]),
        );
        // The order of the shelf decides between sheets of one kind; the chosen way between kinds.
        $preferred = $ways->media();
        uasort(
            $usable,
            static fn(Medium $a, Medium $b): int => [] === $preferred ? 0 : $order[$a->like] <=> $order[$b->like],
        );
        $asked = $this->brief->transfer->choices->thing('medium');
        $size =
            null === $this->brief->picture ? null : $this->brief->transfer->placement->sizeOf($this->brief->picture);
        $margin = 5.0;
        $trim = Length::mm(isset($ways->figures['trim']) ? $ways->figures['trim']->value : 0.0);
        if (null !== $size && $this->isSplit($ways, $usable, $size, $margin, $trim)) {
            // What is split over several sheets wants large ones.
            uasort(
                $usable,
                fn(Medium $a, Medium $b): int => [$this->someoneTakes($b), $b->paper->size()->areaMm2()] <=> [
                    $this->someoneTakes($a),
                    $a->paper->size()->areaMm2(),
                ],
            );
        }

        return self::choose(
            $usable,
            $asked,
            static fn(Medium $medium): bool => null === $size || self::fits($size, $medium, $margin, $trim),
        );
    }

    /**
     * Whether the picture goes in parts: it may, and no sheet takes it whole.
     *
     * @param array<string, Medium> $usable
     */
    private function isSplit(Ways $ways, array $usable, Size $size, float $margin, Length $trim): bool
    {
        return isset($ways->figures['overlap']) &&
            [] === array_filter($usable, static fn(Medium $one): bool => self::fits($size, $one, $margin, $trim));
    }

    private static function fits(Size $size, Medium $medium, float $margin, Length $trim): bool
    {
        $aspect = $size->widthMm / $size->heightMm;

        return $size->widthMm <= SheetLayout::widest($aspect, $medium->paper->size(), $margin, $trim) + 0.01;
    }

    public function marking(?Medium $chosen): ?Marking
    {
        $media =
            null === $chosen
                ? array_map(
                    fn(string $id): Medium => $this->brief->catalogue->sheets->media[$id],
                    $this->brief->route->making->media,
                )
                : [$chosen];
        $takes = static function (Marking $marking) use ($media): bool {
            foreach ($media as $medium) {
                if (Fit::Good === $medium->verdictOn($marking)->fit) {
                    return true;
                }
            }

            return false;
        };
        // What is used as it is wants nothing of the shelf; it is meant where the sheet takes nothing else.
        $asked = $this->brief->transfer->choices->thing('marking');
        $unprinted = $this->brief->catalogue->sheets->markings[Marking::UNPRINTED];
        $meant = $asked === $unprinted->id || (null !== $chosen && [$unprinted->id] === $chosen->takes);
        $markings = $this->brief->shelf->markings + ($meant ? [$unprinted->id => $unprinted] : []);
        // By hand only where the route is drawn by hand, and there first; a printer otherwise.
        uasort(
            $markings,
            fn(Marking $a, Marking $b): int => ($a->byHand() !== $this->brief->route->making->byHand) <=>
                ($b->byHand() !== $this->brief->route->making->byHand),
        );

        return self::choose($markings, $asked, static fn(Marking $m): bool => $takes($m));
    }

    public function heat(Ways $ways): ?HeatSource
    {
        $kinds = $ways->heat();
        $usable = array_filter(
            $this->brief->shelf->heat,
            static fn(HeatSource $source): bool => in_array($source->kind, $kinds, true),
        );
        uasort(
            $usable,
            static fn(HeatSource $a, HeatSource $b): int => array_search($a->kind, $kinds, true) <=>
                array_search($b->kind, $kinds, true),
        );

        return self::choose(
            $usable,
            $this->brief->transfer->choices->thing('heat'),
            fn(HeatSource $source): bool => $this->brief->route->heating->isReachedBy($source),
        );
    }

    /** A press has its own pad; what is pressed otherwise lies on something of the shelf. */
    public function base(HeatKind $heat): ?Support
    {
        $asked = $this->brief->transfer->choices->thing('base');
        if (null === $asked && HeatKind::FlatPress === $heat) {
            $pads = array_filter(
                $this->brief->shelf->bases,
                static fn(Support $base): bool => Support::PRESS_PAD === $base->like,
            );

            return array_values($pads)[0] ?? $this->brief->catalogue->supports->bases[Support::PRESS_PAD];
        }

        if (null === $this->brief->route->stacking->base) {
            return null;
        }

        return self::choose(
            $this->brief->shelf->bases,
            $asked,
            fn(Support $base): bool => Stacking::BASE_HARD !== $this->brief->route->stacking->base || $base->hard,
        );
    }

    /** Where colour can go through to the other side. */
    public function guard(): ?Support
    {
        $order = $this->brief->route->stacking->guards;
        $fit = array_filter(
            $this->brief->shelf->guards,
            static fn(Support $guard): bool => [] === $order || in_array($guard->like, $order, true),
        );
        $asked = $this->brief->transfer->choices->thing('guard');

        return $this->brief->route->stacking->guard && $this->brief->kind->hollow
            ? self::choose(
                null === $asked ? $fit : $this->brief->shelf->guards,
                $asked,
                static fn(Support $guard): bool => true,
            )
            : null;
    }

    public function cover(Ways $ways): ?Support
    {
        $order = $ways->covers();
        if ([] === $order) {
            return null;
        }
        $usable = array_filter(
            $this->brief->shelf->covers,
            static fn(Support $cover): bool => in_array($cover->like, $order, true),
        );
        uasort(
            $usable,
            static fn(Support $a, Support $b): int => array_search($a->like, $order, true) <=>
                array_search($b->like, $order, true),
        );

        return self::choose(
            $usable,
            $this->brief->transfer->choices->thing('cover'),
            static fn(Support $cover): bool => true,
        );
    }

    /** @return list<string> ids of this route's media, those of the chosen way first */
    private function mediaInOrder(Ways $ways): array
    {
        return array_values(
            array_unique([
                ...array_intersect($ways->media(), $this->brief->route->making->media),
                ...$this->brief->route->making->media,
            ]),
        );
    }

    /** Whether a printer of the shelf takes sheets of this size, and may mark them. */
    private function someoneTakes(Medium $medium): bool
    {
        foreach ($this->brief->shelf->markings as $marking) {
            if (Fit::Good === $medium->verdictOn($marking)->fit && true === $marking->printer?->takes($medium->paper)) {
                return true;
            }
        }

        return false;
    }

    /**
     * What was asked for; where nothing was, the first that suits, or else the first there is.
     *
     * @template T
     *
     * @param array<string, T> $things
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
}
