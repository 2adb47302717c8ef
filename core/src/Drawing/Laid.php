<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Face;

/** A cut-out sheet where it lies on the drawing of its piece: bent, and turned about the apex, where that tapers. */
final readonly class Laid
{
    /**
     * @param Rect $box of the picture
     * @param non-empty-list<array{float, float}> $edge of the picture
     * @param list<non-empty-list<array{float, float}>> $cut what the sheet was cut along
     * @param Face|null $printed which way its printed face looks
     */
    private function __construct(
        public Rect $box,
        public array $edge,
        public array $cut,
        public ?Printed $picture,
        public ?Face $printed,
    ) {}

    /** @return self|null null where nothing has a place on the piece yet */
    public static function of(TransferPlan $plan): ?self
    {
        $placed = $plan->placing->placed;
        if (null === $placed) {
            return null;
        }
        $bend = $plan->placing->bend;
        $box = null === $bend ? $placed : $bend->boxAbout(0.0, $placed->yMm);
        [$turn, $about] = self::turned($plan, $placed);
        $lines = $plan->placing->trimLine?->lines() ?? [];
        $around = Rect::at(0.0, 0.0, $placed->size)
            ->grown($plan->outfit->trim()->mm)
            ->corners();
        $edge = $bend?->edge(0.0) ?? Rect::at(0.0, 0.0, $placed->size)->corners();
        $artwork = $plan->artwork();

        return new self(
            $box,
            self::onPiece($edge, $box, $about, $turn),
            array_map(
                static fn(array $loop): array => self::onPiece($loop, $box, $about, $turn),
                [] === $lines ? [$around] : $lines,
            ),
            null === $artwork
                ? null
                : new Printed($box, $artwork, false, 1.0, $bend?->toQuery(), rad2deg($turn), $about),
            self::face($plan),
        );
    }

    /** What all of it takes up, with the sheet round the picture. */
    public function extent(): Rect
    {
        return Extent::of([...$this->edge, ...array_merge(...$this->cut)]);
    }

    private static function face(TransferPlan $plan): ?Face
    {
        foreach ($plan->arrangement->stack->layers as $layer) {
            if (null !== $layer->printedFace) {
                return $layer->printedFace;
            }
        }

        return null;
    }

    /** @return array{float, array{float, float}} by how much, in radians, and about what */
    private static function turned(TransferPlan $plan, Rect $placed): array
    {
        $taper = $plan->placing->size->taper;
        $apex = $taper?->apexMm();
        if (null === $taper || null === $apex) {
            return [0.0, [0.0, 0.0]];
        }
        $radius = $taper->radiusAt($placed->yMm + $placed->size->heightMm / 2.0);
        $middle = $placed->xMm + $placed->size->widthMm / 2.0;

        return [$radius > 0.0 ? ($middle / $radius) * $taper->lean() : 0.0, [0.0, $apex]];
    }

    /**
     * Places of the box, turned with it.
     *
     * @param non-empty-list<array{float, float}> $points in mm from its upper left corner
     * @param array{float, float} $about
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function onPiece(array $points, Rect $box, array $about, float $turn): array
    {
        return array_map(static function (array $p) use ($box, $about, $turn): array {
            [$x, $y] = [$box->xMm + $p[0] - $about[0], $box->yMm + $p[1] - $about[1]];

            return [$about[0] + $x * cos($turn) - $y * sin($turn), $about[1] + $x * sin($turn) + $y * cos($turn)];
        }, $points);
    }
}
