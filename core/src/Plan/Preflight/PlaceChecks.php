<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Blank\Zone;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\LayerRole;

/** Where the picture lies: round a piece, over what is kept clear, over the edge of a traced piece. */
final readonly class PlaceChecks
{
    /** A wrap that leaves less of the way round open than this is a full one (assumed). */
    private const FULL_WRAP = 0.15;

    public function __construct(private Brief $brief, private Placing $placing, private Arrangement $arrangement) {}

    /** @return list<Check> of a picture that has a place */
    public function checks(): array
    {
        return [...$this->round(), ...$this->keptClear(), ...$this->onItsPiece()];
    }

    /** @return list<Check> */
    public function wraps(): array
    {
        $checks = [];
        if (
            'yes' === $this->arrangement->circumstances['wraps'] &&
            LayerRole::Blank !== $this->arrangement->stack->seenByPrintedFace()?->role
        ) {
            $checks[] = Check::found(
                'place.wraps',
                Stage::Heat,
                Severity::Note,
                'place',
                Phrase::of('It goes more than half of the way round. You cannot melt it all in one go.'),
                Phrase::of('Melt the front first, and then the back. Keep faces and letters in the middle quarter.'),
            );
        }

        return $checks;
    }

    /** @return list<Check> of a picture on a round piece */
    private function round(): array
    {
        $diameter = $this->placing->size->diameterMm;
        $placed = $this->placing->placed;
        if (null === $diameter || null === $placed) {
            return [];
        }
        $seen = Cylinder::across($diameter)->seenArc(Cylinder::ARM_MM);
        $open = $this->placing->size->widthMm - $placed->size->widthMm;
        if ($open < self::FULL_WRAP * $this->placing->size->widthMm) {
            return [
                Check::found(
                    'place.seam',
                    Stage::Print,
                    Severity::Note,
                    'place',
                    Phrase::of(
                        $open >= 0.0
                            ? 'It goes all the way round. {open} stay open at the seam.'
                            : 'It is longer than the way round the piece. Its ends overlap by {open}.',
                        ['open' => Quantity::length(abs($open))],
                    ),
                    Phrase::of('Keep the seam at the back. A band along the foot hides its edge.'),
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
                    Phrase::of('It goes far round the piece. You see only {seen} of it at once.', [
                        'seen' => Quantity::length(2.0 * $seen),
                    ]),
                    Phrase::of('Keep faces and letters in the middle quarter.'),
                    Finding::resizeOn($this->placing->size, 2.0 * $seen, 'Make it {width} wide'),
                ),
            ];
    }

    /** @return list<Check> of pockets, holes and seams that the picture lies over */
    private function keptClear(): array
    {
        $placed = $this->placing->placed;
        $zones = $this->placing->size->zonesOn($this->brief->transfer->sideId);
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
                    Phrase::of('It stays clear of everything that is marked on the piece.'),
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
                    Phrase::of('It lies over ' . implode(' and ', $words) . '. That part of the picture is lost.'),
                    Phrase::of('Move it, or line up the holes with the dots on the sheet.'),
                )
                : Check::found(
                    'place.clear',
                    Stage::Print,
                    Severity::Warn,
                    'place',
                    Phrase::of('It lies over: ' . implode(', ', $words) . '. The heat does not reach evenly there.'),
                    Phrase::of(
                        'Move it, or lift the print area above it. In a press use a pad. Under an iron use a small ' .
                            'hard board between the seams.',
                    ),
                ),
        ];
    }

    /** @return list<Check> of a traced piece: whether the picture lies on it, or covers it all with some to spare */
    private function onItsPiece(): array
    {
        $edge = $this->placing->size->edge;
        $placed = $this->placing->placed;
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
                    Phrase::of('It covers the piece, and {spare} more on every side.', [
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
                        'The picture covers the piece, but is not {spare} larger on every side. A small shift ' .
                            'of the sheet leaves a white rim.',
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
                    Phrase::of('Move it onto the piece, or make it cover the whole piece.'),
                ),
        ];
    }
}
