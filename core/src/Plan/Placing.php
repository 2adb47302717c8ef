<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\Medium;

/** Where the picture lies and how: the third stage of a transfer's plan. */
final readonly class Placing
{
    /** The blank as it is where the picture lies. */
    public BlankSize $size;
    /** The picture on the blank; the size template where it is drawn by hand. */
    public ?Rect $placed;
    /** How it is bent on its sheet, where the piece tapers. */
    public ?Bend $bend;
    public ?float $dpi;
    /** Null where there is no picture, or nobody has looked at its pixels. */
    public ?Look $look;
    /** What its sheet is cut along; null where there is no picture. */
    public ?TrimLine $trimLine;

    public function __construct(Brief $brief, private Outfit $outfit)
    {
        $picture = $brief->picture;
        $this->placed = null === $picture && !$outfit->byHand ? null : $brief->transfer->placement->rectOf($picture);
        $this->size = $brief->blankSize->levelWith($this->placed);
        $this->bend = null === $this->placed ? null : $this->size->taper?->bend($this->placed);
        $this->dpi = null === $this->placed ? null : $picture?->effectiveDpi($this->placed->size);
        $this->look =
            null === $picture?->traits || null === $this->placed
                ? null
                : Look::of(
                    $picture,
                    $picture->traits,
                    $this->placed->size,
                    $outfit->trim()->mm,
                    $brief->transfer->onSheet->cut,
                    $brief->job->blank,
                    $brief->route,
                    $brief->finish,
                    $outfit->marking,
                );
        $hinge = $outfit->ways->figures['hinge'] ?? null;
        $this->trimLine =
            null === $this->placed
                ? null
                : new TrimLine($this->placed, $this->bend, $this->look, $outfit->trim()->mm, $hinge?->value);
    }

    /**
     * Over a piece whose outline was traced: the line that nothing is printed beyond, its edge with the overscan.
     *
     * @return list<array{float, float}> in mm from the picture's upper left corner as it reads; empty for no such line
     */
    public function printedWithin(): array
    {
        $edge = $this->size->edge;
        $placed = $this->placed;

        return null === $edge || null === $placed || null !== $this->bend
            ? []
            : array_map(
                static fn(array $point): array => [$point[0] - $placed->xMm, $point[1] - $placed->yMm],
                $edge->beyond(),
            );
    }

    /** The widest this picture can be on a sheet of this medium, in mm; 0 without anything to print it. */
    public function widestOn(Medium $medium): float
    {
        if (null === $this->placed || null === $this->outfit->marking) {
            return 0.0;
        }
        $tab = Length::mm($this->outfit->ways->figures['hinge']->value ?? 0.0);

        return (new WidestPicture(
            $this->placed->size,
            $this->bend,
            $this->outfit->trim(),
            $tab,
            $this->outfit->marking->marginMm,
        ))->on($medium);
    }
}
