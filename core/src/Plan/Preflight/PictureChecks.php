<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Blank\Zone;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Setup;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\LayerRole;

/** Whether the picture is good enough for its size, and fits where it goes. */
final readonly class PictureChecks
{
    /** A wrap that leaves less of the way round open than this is a full one (assumed). */
    private const FULL_WRAP = 0.15;

    public function __construct(private Setup $setup) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $setup = $this->setup;
        if (null === $setup->placed) {
            $named = $setup->transfer->artworkName;

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
        $area = $setup->size->printArea;
        $size = $setup->placed->size;
        $checks = null === $setup->picture ? [] : [$this->sharpness()];
        if ($size->fitsIn($area->size)) {
            $checks[] = Check::pass(
                'picture.print-area',
                Stage::Print,
                'picture',
                Phrase::of('The picture fits the print area.'),
            );
            $checks[] = $setup->placed->within($area)
                ? Check::pass('place.print-area', Stage::Print, 'place', Phrase::of('It lies inside the print area.'))
                : Check::found(
                    'place.print-area',
                    Stage::Print,
                    Severity::Warn,
                    'place',
                    Phrase::of(
                        null === $setup->size->diameterMm
                            ? 'The picture reaches out of the print area: towards an edge or a seam the heat does ' .
                                'not reach evenly.'
                            : 'The picture reaches out of the print area: towards rim, foot or handle.',
                    ),
                    Phrase::of('Move it in.'),
                    new Fix(Phrase::of('Centre it, {drop} down', ['drop' => Quantity::length($area->yMm)]), [
                        'right' => '0 mm',
                        'below' => round($area->yMm, 1) . ' mm',
                    ]),
                );
        } else {
            $checks[] = Check::found(
                'picture.print-area',
                Stage::Print,
                Severity::Stop,
                'picture',
                Phrase::of(
                    (null === $setup->size->diameterMm
                        ? 'The picture, {picture}, is larger than'
                        : 'The wrap, {picture}, is longer or higher than') .
                        ' the print area of this ' .
                        $setup->kind->label .
                        ', {area}.',
                    ['picture' => Quantity::size($size), 'area' => Quantity::size($area->size)],
                ),
                Phrase::of('Make it smaller, or take a larger blank.'),
                Finding::resizeTo(
                    min($area->size->widthMm, ($area->size->heightMm * $size->widthMm) / $size->heightMm),
                    'Make it {width} wide',
                ),
            );
        }
        if (
            null !== $setup->picture &&
            null === $setup->picture->traits &&
            !$setup->picture->hasTransparency &&
            null !== $setup->dpi &&
            true === $setup->medium?->clear
        ) {
            $checks[] = Check::found(
                'picture.background',
                Stage::Print,
                Severity::Note,
                'picture',
                Phrase::of(
                    'This picture has no clear background: its whole rectangle is transferred, white parts as ' .
                        'clear film.',
                ),
                Phrase::of('Cut close, or use a picture with a transparent background.'),
            );
        }
        if (
            'yes' === $setup->circumstances['wraps'] &&
            LayerRole::Blank !== $setup->stack->seenByPrintedFace()?->role
        ) {
            $checks[] = Check::found(
                'place.wraps',
                Stage::Heat,
                Severity::Note,
                'place',
                Phrase::of('It goes more than half of the way round: one front cannot melt it all.'),
                Phrase::of('The steps wrap it anew for the back. Keep the subject within the middle quarter.'),
            );
        }
        if (null === $setup->bend && null !== $setup->size->taper?->apexMm()) {
            $checks[] = Check::found(
                'picture.bend',
                Stage::Print,
                Severity::Impossible,
                'picture',
                Phrase::of('It reaches so far down or round this wall that it cannot be bent for it.'),
                Phrase::of('Make it smaller.'),
                Finding::resizeTo(
                    min($area->size->widthMm, ($area->size->heightMm * $size->widthMm) / $size->heightMm),
                    'Make it {width} wide',
                ),
            );
        }
        array_push($checks, ...$this->round(), ...$this->keptClear(), ...$this->onItsPiece());
        $usual = $setup->route->usualHeight;
        if (null !== $usual && abs($size->heightMm - $usual->mm) > 1.0) {
            $checks[] = Check::found(
                'picture.usual-height',
                Stage::Print,
                Severity::Note,
                'picture',
                Phrase::of('An ordinary mug usually takes a picture {usual} high; this one is {height}.', [
                    'usual' => Quantity::length($usual->mm),
                    'height' => Quantity::length($size->heightMm),
                ]),
                Phrase::of('Leave it, or take the usual height.'),
                new Fix(Phrase::of('{usual} high', ['usual' => Quantity::length($usual->mm)]), [
                    'height' => $usual->mm . ' mm',
                ]),
            );
        }

        return $checks;
    }

    /** @return list<Check> of a picture on a round piece */
    private function round(): array
    {
        $diameter = $this->setup->size->diameterMm;
        $placed = $this->setup->placed;
        if (null === $diameter || null === $placed) {
            return [];
        }
        $seen = Cylinder::across($diameter)->seenArc(Cylinder::ARM_MM);
        $open = $this->setup->size->widthMm - $placed->size->widthMm;
        if ($open < self::FULL_WRAP * $this->setup->size->widthMm) {
            return [
                Check::found(
                    'place.seam',
                    Stage::Print,
                    Severity::Note,
                    'place',
                    Phrase::of(
                        $open >= 0.0
                            ? 'It goes all the way round: {open} stay open at the seam.'
                            : 'It is longer than the piece is round: it overlaps by {open}.',
                        ['open' => Quantity::length(abs($open))],
                    ),
                    Phrase::of('Keep the seam at the back; a band along the foot hides its edge.'),
                ),
            ];
        }

        // A picture in front is looked at from the front; one put to the side is looked at from there.
        return $placed->size->widthMm / 2.0 <= $seen
            ? []
            : [
                Check::found(
                    'place.corner',
                    Stage::Print,
                    Severity::Note,
                    'place',
                    Phrase::of('It reaches round the corner: at arm’s length {seen} of it are seen at once.', [
                        'seen' => Quantity::length(2.0 * $seen),
                    ]),
                    Phrase::of('Keep faces and lettering within the middle quarter.'),
                    Finding::resizeTo(2.0 * $seen, 'Make it {width} wide'),
                ),
            ];
    }

    /** @return list<Check> of pockets, holes and seams that the picture lies over */
    private function keptClear(): array
    {
        $placed = $this->setup->placed;
        $zones = $this->setup->size->zonesOn($this->setup->transfer->sideId);
        if (null === $placed || [] === $zones) {
            return [];
        }
        $over = array_filter($zones, static fn(Zone $zone): bool => null !== $placed->overlap($zone->rect));
        if ([] === $over) {
            return [
                Check::pass(
                    'place.clear',
                    Stage::Print,
                    'place',
                    Phrase::of('It keeps clear of what is marked on the blank.'),
                ),
            ];
        }
        $holes = count(array_filter($over, static fn(Zone $zone): bool => $zone->hole));
        $places = array_unique(
            array_map(
                static fn(Zone $zone): string => Phrase::plain($zone->label),
                array_filter($over, static fn(Zone $zone): bool => !$zone->hole),
            ),
        );
        $words = [...$places, ...0 === $holes ? [] : [1 === $holes ? 'a hole' : $holes . ' holes']];

        return [
            [] === $places
                ? Check::found(
                    'place.clear',
                    Stage::Print,
                    Severity::Warn,
                    'place',
                    Phrase::of('It lies over ' . implode(' and ', $words) . ': what is there is lost.'),
                    Phrase::of('Move it, or sight the holes by the dots on the sheet.'),
                )
                : Check::found(
                    'place.clear',
                    Stage::Print,
                    Severity::Warn,
                    'place',
                    Phrase::of('It lies over: ' . implode(', ', $words) . '. The heat does not reach evenly there.'),
                    Phrase::of('Move it clear.'),
                ),
        ];
    }

    /** @return list<Check> of a traced piece: whether the picture lies on it, or covers it all with some to spare */
    private function onItsPiece(): array
    {
        $edge = $this->setup->size->edge;
        $placed = $this->setup->placed;
        if (null === $edge || null === $placed) {
            return [];
        }
        // Half a millimetre is forgiven: nobody lays a sheet that well.
        if ($edge->overscannedBy($placed->grown(0.5))) {
            return [
                Check::pass(
                    'place.edge',
                    Stage::Print,
                    'place',
                    Phrase::of('It covers the piece, and {spare} beyond its edge.', [
                        'spare' => Quantity::length($edge->overscanMm),
                    ]),
                ),
            ];
        }
        $off = 1.0 - $edge->shareOfOnIt($placed);
        if ($off < 0.002) {
            return [Check::pass('place.edge', Stage::Print, 'place', Phrase::of('It lies on the piece.'))];
        }
        $all = $edge->box()->grown($edge->overscanMm);

        return [
            $edge->box()->within($placed)
                ? Check::found(
                    'place.edge',
                    Stage::Print,
                    Severity::Warn,
                    'place',
                    Phrase::of(
                        'It covers the piece, but not {spare} beyond its edge all round: a sheet laid a little ' .
                            'off leaves a white rim.',
                        ['spare' => Quantity::length($edge->overscanMm)],
                    ),
                    Phrase::of('Make it larger.'),
                    Finding::resizeTo(
                        max(
                            $all->size->widthMm,
                            ($all->size->heightMm * $placed->size->widthMm) / $placed->size->heightMm,
                        ) + 0.1,
                        'Make it {width} wide',
                    ),
                )
                : Check::found(
                    'place.edge',
                    Stage::Print,
                    Severity::Warn,
                    'place',
                    Phrase::of(sprintf('%d %% of the picture lies off the piece.', (int) round(100.0 * $off))),
                    Phrase::of('Move it onto the piece, or make it cover all of it.'),
                ),
        ];
    }

    private function sharpness(): Check
    {
        $dpi = $this->setup->dpi;
        $limits = $this->setup->route->artwork;
        if (null === $dpi) {
            return Check::pass(
                'picture.resolution',
                Stage::Print,
                'picture',
                Phrase::of('Drawn as lines: sharp at any size.'),
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
        $picture = $this->setup->picture;

        return Check::found(
            'picture.resolution',
            Stage::Print,
            $broken ? Severity::Stop : Severity::Warn,
            'picture',
            Phrase::of(
                'Too few pixels for this size: {dpi}. ' .
                    ($broken ? 'Under {limit} it looks broken into squares.' : 'Under {limit} edges look soft.'),
                [
                    'dpi' => Quantity::resolution($dpi),
                    'limit' => Quantity::resolution($limit),
                ],
            ),
            Phrase::of('Make it smaller or use a larger picture. It is sharp up to {width} wide.', [
                'width' => Quantity::length($picture?->widestAt($limits->dpiGood) ?? 0.0),
            ]),
            Finding::resizeTo($picture?->widestAt($limit) ?? 0.0, 'Make it {width} wide'),
        );
    }
}
