<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;

/** Whether the picture is good enough for its size, and fits where it goes. */
final readonly class PictureChecks
{
    /** So far the ends of a full wrap may overlap at the seam, in mm (assumed: what a person still lays flat). */
    private const ENDS_OVERLAP_MM = 5.0;

    public function __construct(
        private Brief $brief,
        private Outfit $outfit,
        private Placing $placing,
        private PlaceChecks $place,
    ) {}

    /** @return list<Check> */
    public function checks(): array
    {
        if (null === $this->placing->placed) {
            $named = $this->brief->transfer->artworkName;

            return [
                Check::found(
                    'picture.there',
                    Stage::Print,
                    Severity::Missing,
                    'picture',
                    Phrase::of(
                        null === $named
                            ? 'There is no picture yet.'
                            : sprintf('The picture “%s” is not in this shop.', Phrase::plain($named)),
                    ),
                    Phrase::of('Choose a PNG, JPEG, WebP, HEIC, SVG or PDF file.'),
                ),
            ];
        }
        $checks = null === $this->brief->picture ? [] : [$this->sharpness()];
        array_push($checks, ...$this->file());
        array_push($checks, ...$this->printArea($this->placing->placed));
        array_push($checks, ...$this->background());
        $place = $this->place;
        array_push($checks, ...$place->wraps());
        array_push($checks, ...$this->bend());
        array_push($checks, ...$place->checks());
        array_push($checks, ...$this->usualHeight());

        return $checks;
    }

    /** @return list<Check> of a file that was not taken as it is: a font that is not here, other pages */
    private function file(): array
    {
        return null === $this->brief->picture?->note
            ? []
            : [
                Check::found(
                    'picture.file',
                    Stage::Print,
                    Severity::Note,
                    'picture',
                    Phrase::of(Phrase::plain($this->brief->picture->note)),
                    Phrase::of('Look at the picture before you print.'),
                ),
            ];
    }

    /**
     * Whether it is as large as the area that can be printed, and lies in it.
     *
     * @return list<Check>
     */
    private function printArea(Rect $placed): array
    {
        $area = $this->area();
        $size = $placed->size;
        $checks = [];
        if ($this->coversItsPiece($placed)) {
            $checks[] = Check::pass(
                'picture.print-area',
                Stage::Print,
                'picture',
                Phrase::of('The picture covers the whole piece, as it should.'),
            );
        } elseif ($size->fitsIn($area->size)) {
            $checks[] = Check::pass(
                'picture.print-area',
                Stage::Print,
                'picture',
                Phrase::of('The picture fits the print area.'),
            );
            $checks[] = $this->liesInside($placed, $area);
        } else {
            $checks[] = Check::found(
                'picture.print-area',
                Stage::Print,
                Severity::Stop,
                'picture',
                Phrase::of(
                    sprintf(
                        null === $this->placing->size->diameterMm
                            ? 'The picture is {picture}. The print area of this %s is only {area}.'
                            : 'The picture is {picture}. The print area round this %s is only {area}.',
                        $this->brief->kind->label,
                    ),
                    ['picture' => Quantity::size($size), 'area' => Quantity::size($area->size)],
                ),
                Phrase::of('Make the picture smaller, or use a larger piece.'),
                Finding::resizeTo(
                    min($area->size->widthMm, ($area->size->heightMm * $size->widthMm) / $size->heightMm),
                    'Make it {width} wide',
                ),
            );
        }

        return $checks;
    }

    private function liesInside(Rect $placed, Rect $area): Check
    {
        return $this->turnedIn($placed)->within($area)
            ? Check::pass('place.print-area', Stage::Print, 'place', Phrase::of('It lies inside the print area.'))
            : Check::found(
                'place.print-area',
                Stage::Print,
                Severity::Warn,
                'place',
                Phrase::of(
                    null === $this->placing->size->diameterMm
                        ? 'The picture goes outside the print area. Near an edge or a seam the heat is uneven.'
                        : 'The picture goes outside the print area, towards the rim, the foot or the handle.',
                ),
                Phrase::of('Move the picture towards the middle.'),
                new Fix(Phrase::of('Centre it, {drop} down', ['drop' => Quantity::length($area->yMm)]), [
                    'right' => '0 mm',
                    'below' => round($area->yMm, 1) . ' mm',
                ]),
            );
    }

    /** @return list<Check> */
    private function background(): array
    {
        $checks = [];
        if (
            null !== $this->brief->picture &&
            null === $this->brief->picture->traits &&
            !$this->brief->picture->hasTransparency &&
            null !== $this->placing->dpi &&
            true === $this->outfit->medium?->clear
        ) {
            $checks[] = Check::found(
                'picture.background',
                Stage::Print,
                Severity::Note,
                'picture',
                Phrase::of(
                    'This picture has no clear background. The whole rectangle goes onto the piece, white parts ' .
                        'as clear film.',
                ),
                Phrase::of('Cut close to the picture, or use one with a clear background.'),
            );
        }

        return $checks;
    }

    /** @return list<Check> */
    private function bend(): array
    {
        $area = $this->placing->size->printArea;
        $size = $this->placing->placed->size ?? $area->size;
        $checks = [];
        if (null === $this->placing->bend && null !== $this->placing->size->taper?->apexMm()) {
            $checks[] = Check::found(
                'picture.bend',
                Stage::Print,
                Severity::Impossible,
                'picture',
                Phrase::of('The picture is too large to be bent for this wall.'),
                Phrase::of('Make it smaller.'),
                Finding::resizeTo(
                    min($area->size->widthMm, ($area->size->heightMm * $size->widthMm) / $size->heightMm),
                    'Make it {width} wide',
                ),
            );
        }

        return $checks;
    }

    /** The print area; of what is printed all the way round, with a little for the ends to overlap. */
    private function area(): Rect
    {
        $area = $this->placing->size->printArea;

        return $this->goesRound()
            ? Rect::at(
                $area->xMm - self::ENDS_OVERLAP_MM / 2.0,
                $area->yMm,
                Size::mm($area->size->widthMm + self::ENDS_OVERLAP_MM, $area->size->heightMm),
            )
            : $area;
    }

    /** A round piece without a handle or anything else in the way can be printed all round. */
    private function goesRound(): bool
    {
        $size = $this->placing->size;

        return null !== $size->diameterMm && $size->printArea->size->widthMm >= $size->widthMm - 1.0;
    }

    /** What is put to the back of a round piece lies behind its seam, and not beyond an edge. */
    private function turnedIn(Rect $placed): Rect
    {
        $round = $this->placing->size->widthMm;
        $middle = $placed->xMm + $placed->size->widthMm / 2.0;

        return $this->goesRound()
            ? Rect::at(
                min(
                    max(-$round / 2.0, $placed->xMm - round($middle / $round) * $round),
                    $round / 2.0 - $placed->size->widthMm,
                ),
                $placed->yMm,
                $placed->size,
            )
            : $placed;
    }

    /** What covers a traced piece is printed beyond its edge all round. */
    private function coversItsPiece(Rect $placed): bool
    {
        $edge = $this->placing->size->edge;

        return null !== $edge && $edge->box()->within($placed->grown(0.5));
    }

    /** @return list<Check> */
    private function usualHeight(): array
    {
        $placed = $this->placing->placed ?? $this->placing->size->printArea;
        $size = $placed->size;
        $checks = [];
        $usual = $this->brief->route->making->usualHeight;
        $area = $this->area();
        $width = null === $usual ? 0.0 : ($usual->mm * $size->widthMm) / $size->heightMm;
        // What is much wider than high cannot be as high as a picture usually is.
        $fits = null !== $usual && Size::mm($width, $usual->mm)->fitsIn($area->size);
        if (null !== $usual && $fits && abs($size->heightMm - $usual->mm) > 1.0) {
            $below = max($area->yMm, min($placed->yMm, $area->bottom() - $usual->mm));
            $checks[] = Check::found(
                'picture.usual-height',
                Stage::Print,
                Severity::Note,
                'picture',
                Phrase::of('On an ordinary mug a picture is usually {usual} high. This one is {height}.', [
                    'usual' => Quantity::length($usual->mm),
                    'height' => Quantity::length($size->heightMm),
                ]),
                Phrase::of('Keep this height, or use the usual one.'),
                new Fix(
                    Phrase::of('{usual} high', ['usual' => Quantity::length($usual->mm)]),
                    ['height' => $usual->mm . ' mm'] +
                        (abs($below - $placed->yMm) < 0.01 ? [] : ['below' => round($below, 1) . ' mm']),
                ),
            );
        }

        return $checks;
    }

    private function sharpness(): Check
    {
        $dpi = $this->placing->dpi;
        $limits = $this->brief->route->making->artwork;
        if (null === $dpi) {
            return Check::pass(
                'picture.resolution',
                Stage::Print,
                'picture',
                Phrase::of('It is drawn as lines, so it is sharp at any size.'),
            );
        }
        if ($dpi >= $limits->dpiGood) {
            return Check::pass(
                'picture.resolution',
                Stage::Print,
                'picture',
                Phrase::of('Sharp enough: {dpi}.', ['dpi' => Quantity::resolution($dpi)]),
            );
        }
        $broken = $dpi < $limits->dpiLeast;
        $limit = $broken ? $limits->dpiLeast : $limits->dpiGood;
        $picture = $this->brief->picture;

        return Check::found(
            'picture.resolution',
            Stage::Print,
            $broken ? Severity::Stop : Severity::Warn,
            'picture',
            Phrase::of(
                $broken
                    ? 'The picture has too few pixels for this size: {dpi}. Below {limit} people see squares.'
                    : 'The picture has too few pixels for this size: {dpi}. Below {limit} edges look soft.',
                [
                    'dpi' => Quantity::resolution($dpi),
                    'limit' => Quantity::resolution($limit),
                ],
            ),
            Phrase::of('Make it smaller, or use a picture with more pixels. This one is sharp up to {width} wide.', [
                'width' => Quantity::length($picture?->widestAt($limits->dpiGood) ?? 0.0),
            ]),
            Finding::resizeTo($picture?->widestAt($limit) ?? 0.0, 'Make it {width} wide'),
        );
    }
}
