<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Ticket;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Alternative;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Plan\Placing;

/** The picture, where it goes, and whether it is mirrored. */
final readonly class PictureLines
{
    public function __construct(
        private Brief $brief,
        private Outfit $outfit,
        private Placing $placing,
        private Arrangement $arrangement,
    ) {}

    public function picture(): Decision
    {
        $picture = $this->brief->picture;
        $placed = $this->placing->placed;
        if (null === $placed) {
            return new Decision(
                'picture',
                'Picture',
                Phrase::of('None yet'),
                Phrase::of('Choose a PNG, JPEG, WebP, HEIC, SVG or PDF file.'),
                'picture.needed',
                Provenance::computed(),
                DecidedBy::Nobody,
            );
        }
        if (null === $picture) {
            return new Decision(
                'picture',
                'Picture',
                Phrase::of('Drawn by hand, {size}', ['size' => Quantity::size($placed->size)]),
                Phrase::of(
                    $this->arrangement->stack->mirrored()
                        ? 'The sheet is a template of this size. What you draw on it comes out mirrored.'
                        : 'The sheet is a template of this size. Draw on it the right way round.',
                ),
                'picture.template',
                Provenance::computed(),
                DecidedBy::Person,
            );
        }
        $limits = $this->brief->route->making->artwork;
        $dpi = $this->placing->dpi;
        $widest = $picture->widestAt($limits->dpiGood);

        return new Decision(
            'picture',
            'Picture',
            Phrase::of(Phrase::plain($picture->name) . ', {size}', ['size' => Quantity::size($placed->size)]),
            null === $dpi || null === $widest
                ? Phrase::of(
                    'It is drawn as lines, so it is sharp at any size. This route can show lines from {finest}.',
                    [
                        'finest' => Quantity::length($limits->finestMm),
                    ],
                )
                : Phrase::of(
                    '{dpi} at this size. It is sharp up to {width} wide. This route can show lines from {finest}.',
                    [
                        'dpi' => Quantity::resolution($dpi),
                        'width' => Quantity::length($widest),
                        'finest' => Quantity::length($limits->finestMm),
                    ],
                ),
            'picture.effective-dpi',
            null === $dpi ? Provenance::computed() : $limits->provenance,
            DecidedBy::Person,
        );
    }

    public function place(): Decision
    {
        $transfer = $this->brief->transfer;
        $place = $transfer->placement;
        $sides = $this->brief->kind->sides;
        $values = ['off' => Quantity::length(abs($place->belowMm))];
        $across = 'centred';
        if (abs($place->rightMm) >= 0.05) {
            $across = '{beside} ' . ($place->rightMm > 0.0 ? 'right' : 'left') . ' of centre';
            $values['beside'] = Quantity::length(abs($place->rightMm));
        }
        $named =
            count($sides) > 1 &&
            (count($this->brief->job->transfers) > 1 || array_key_first($sides) !== $transfer->sideId);
        $alternatives = [];
        foreach (1 === count($sides) ? [] : $sides as $id => $side) {
            $alternatives[] = new Alternative(ucfirst($side), null, $id === $transfer->sideId, ['side' => $id]);
        }
        array_push($alternatives, ...$this->byTheHandle());

        return new Decision(
            'place',
            'Where it goes',
            Phrase::of(
                ($named ? ucfirst($this->brief->side) . ', ' . $across : ucfirst($across)) .
                    ($place->belowMm < 0.0 ? ', {off} above the ' : ', {off} below the ') .
                    ($this->placing->size->from ?? $this->brief->kind->from),
                $values,
            ),
            Phrase::of(
                null === $this->placing->size->diameterMm
                    ? 'Right and left are as you see them.'
                    : 'The drawing is unrolled. Its two ends meet at the back of the piece.',
            ),
            'place.from-edge',
            Provenance::person(),
            DecidedBy::Person,
            $alternatives,
        );
    }

    /**
     * Round a mug, the places that people mean. Whoever holds it by its handle looks at it with the handle on the side
     * of that hand, a quarter of the way round from opposite the handle.
     *
     * @return list<Alternative>
     */
    private function byTheHandle(): array
    {
        $round = $this->placing->size->widthMm;
        // The handle takes from the print area what it takes of the way round.
        if (null === $this->placing->size->diameterMm || $this->placing->size->printArea->size->widthMm >= $round) {
            return [];
        }
        $alternatives = [];
        foreach (
            [
                'Opposite the handle' => 0.0,
                'For a person who drinks with the right hand' => $round / 4.0,
                'For a person who drinks with the left hand' => -$round / 4.0,
            ]
            as $label => $right
        ) {
            $alternatives[] = new Alternative(
                $label,
                null,
                abs($this->brief->transfer->placement->rightMm - $right) < 0.5,
                ['right' => round($right, 1) . ' mm'],
            );
        }

        return $alternatives;
    }

    public function mirrored(): Decision
    {
        $stack = $this->arrangement->stack;
        $seen = $stack->seenByPrintedFace();
        $touches = $stack->faceTouchesBlank();
        $because = $touches
            ? sprintf('The printed side lies on the %s', $seen->label ?? 'piece')
            : (null === $seen
                ? 'The printed side faces away from the piece'
                : sprintf('The printed side faces the %s, away from the piece', $seen->label ?? $seen->role->value));
        $because .= match (true) {
            $touches !== $stack->mirrored() && $touches
                => ', but people look at it through the piece. So the sheet is not mirrored.',
            $touches !== $stack->mirrored()
                => ', but people look at it through the piece. So the sheet must be mirrored.',
            !$touches => '. So the sheet is not mirrored.',
            true === $this->outfit->marking?->mirrorsInDriver()
                => '. So the sheet must be mirrored. Switch “mirror” on in the printer driver, and only there.',
            default => '. So the sheet must be mirrored. Wubbin does that. Leave “mirror” off in the printer driver.',
        };

        return new Decision(
            'mirrored',
            'Mirrored',
            Phrase::of(
                match (true) {
                    !$stack->mirrored() => 'No',
                    true === $this->outfit->marking?->mirrorsInDriver() => 'Yes, in the printer driver',
                    default => 'Yes, by Wubbin in the file',
                },
            ),
            Phrase::of($because),
            $touches ? 'mirrored.face-touches-blank' : 'mirrored.face-looks-away',
            Provenance::computed(),
            DecidedBy::Wubbin,
        );
    }
}
