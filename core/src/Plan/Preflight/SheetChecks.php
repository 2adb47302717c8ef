<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Artwork\Subject;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Ink;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Technology;
use Wubbin\Core\Route\Verdict;
use Wubbin\Core\Sheet\Loading;
use Wubbin\Core\Sheet\MarkKind;

/** Whether the sheet suits what marks it, holds the picture, and dries. */
final readonly class SheetChecks
{
    public function __construct(
        private Brief $brief,
        private Outfit $outfit,
        private Placing $placing,
        private Arrangement $arrangement,
    ) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $medium = $this->outfit->medium;
        $marking = $this->outfit->marking;
        if (null === $medium || null === $marking) {
            return $this->missing();
        }
        $checks = [$this->marks($medium)];
        array_push($checks, ...$this->drying());
        $checks = [...$checks, ...$this->fits($medium), ...$this->parts(), ...$this->tape()];
        if ($medium->flimsy && !$marking->byHand()) {
            $checks[] = Check::found(
                'sheet.carrier',
                Stage::Print,
                Severity::Note,
                'medium',
                Phrase::of(ucfirst($medium->label) . ' is too flimsy to feed by itself.'),
                Phrase::of('Fix it on a carrier. A loose edge jams the printer.'),
            );
        }
        if (null !== $this->arrangement->loading) {
            $checks = [...$checks, ...$this->printer($marking, $medium, $this->arrangement->loading)];
        }
        if (Technology::Sublimation === $marking->technology) {
            $checks[] = Check::found(
                'print.dull',
                Stage::Print,
                Severity::Note,
                'marking',
                Phrase::of('The print looks dull on paper. The press brings the colours out.'),
                Phrase::of('Do not throw it away.'),
            );
        }

        return $checks;
    }

    /**
     * What of sheet and printer is not on the shelf.
     *
     * @return list<Check>
     */
    private function missing(): array
    {
        $medium = $this->outfit->medium;
        $marking = $this->outfit->marking;
        $checks = [];
        if (null === $medium) {
            $wanted = $this->brief->catalogue->sheets->media[$this->brief->route->making->media[0]]->label;
            $checks[] = Finding::notOnShelf(
                'medium.there',
                Stage::Print,
                'medium',
                $this->brief->transfer->choices->thing('medium'),
                $wanted,
                array_filter(
                    $this->brief->shelf->media,
                    fn(Medium $m): bool => in_array($m->like, $this->brief->route->making->media, true),
                ),
            );
        }
        if (null === $marking) {
            $checks[] = Finding::notOnShelf(
                'marking.there',
                Stage::Print,
                'marking',
                $this->brief->transfer->choices->thing('marking'),
                'printer that prints this',
                $this->brief->shelf->markings,
            );
        }

        return $checks;
    }

    /** @return list<Check> */
    private function fits(Medium $medium): array
    {
        $checks = [];
        if (null !== $this->placing->placed) {
            $widest = $this->placing->widestOn($medium);
            $checks[] = match (true) {
                null !== $this->arrangement->sheet => Check::pass(
                    'sheet.fits',
                    Stage::Print,
                    'medium',
                    Phrase::of('It fits one sheet.'),
                ),
                null !== $this->arrangement->tiling => Check::pass(
                    'sheet.fits',
                    Stage::Print,
                    'medium',
                    Phrase::of(sprintf('It is printed in %d parts.', count($this->arrangement->tiling->tiles))),
                ),
                default => Check::found(
                    'sheet.fits',
                    Stage::Print,
                    Severity::Impossible,
                    'medium',
                    Phrase::of(
                        'The picture, with its trim line and its marks, does not fit one sheet of ' .
                            $medium->label .
                            '.',
                    ),
                    Phrase::of('It can be {width} wide at most.', [
                        'width' => Quantity::length(floor($widest * 10.0) / 10.0),
                    ]),
                    // What is larger than the piece too is told by its own check, which knows how large it can be.
                    $this->placing->placed->size->widthMm > $this->placing->size->widthMm
                        ? null
                        : Finding::resizeTo($widest, 'Make it {width} wide'),
                ),
            };
        }

        return $checks;
    }

    /** @return list<Check> */
    private function takes(Marking $marking, Medium $medium): array
    {
        $checks = [];
        if (true === $marking->printer?->takes($medium->paper)) {
            $checks[] = Check::pass(
                'printer.takes',
                Stage::Print,
                'marking',
                Phrase::of('The printer takes sheets of this size.'),
            );
        } else {
            // Nobody has said how large a sheet it takes: then it is only what is usual.
            $checks[] = Check::found(
                'printer.takes',
                Stage::Print,
                isset($this->brief->shelf->printers[$marking->id]) ? Severity::Stop : Severity::Warn,
                'marking',
                Phrase::of(
                    sprintf(
                        'This printer takes sheets up to %s. This sheet is %s.',
                        $marking->printer?->largest->label() ?? 'none',
                        $medium->paper->label(),
                    ),
                ),
                Phrase::of('Use a smaller sheet. Or give this printer a larger size on the page “Printers and trays”.'),
            );
        }

        return $checks;
    }

    /** @return list<Check> */
    private function drying(): array
    {
        $checks = [];
        if (
            Ink::Pigment === $this->outfit->marking?->ink &&
            isset($this->outfit->ways->figures['dry'], $this->outfit->ways->schools['drying']) &&
            $this->outfit->ways->figures['dry']->value < 1800.0
        ) {
            $checks[] = Check::found(
                'drying.pigment',
                Stage::Print,
                Severity::Warn,
                'drying',
                Phrase::of('Pigment ink dries slowly. The short wait is for dye ink.'),
                Phrase::of('Wait 30 minutes.'),
                new Fix(Phrase::of('30 minutes'), ['school.drying' => 'dry-30']),
            );
        }

        return $checks;
    }

    /**
     * @return list<Check> whether this printer takes the sheet, how it lies in it, and that it is mirrored in one place
     */
    private function printer(Marking $marking, Medium $medium, Loading $loading): array
    {
        $mirrored = $this->arrangement->stack->mirrored();
        $inDriver = $mirrored && $marking->mirrorsInDriver();
        $checks = [
            Check::found(
                'print.mirror-once',
                Stage::Print,
                Severity::Note,
                'mirrored',
                Phrase::of(
                    match (true) {
                        $inDriver => 'This printer mirrors in its driver, so Wubbin does not mirror the file.',
                        $mirrored => 'Wubbin has mirrored this sheet already.',
                        default => 'This sheet is not mirrored.',
                    },
                ),
                Phrase::of(
                    $inDriver
                        ? 'In the printer driver, switch “mirror” on and “fit to page” off. Print at 100 %.'
                        : 'Leave “mirror” and “fit to page” off in the printer driver. Print at 100 %.',
                ),
            ),
        ];
        array_push($checks, ...$this->takes($marking, $medium));
        if (null === $loading->lying()) {
            $checks[] = Check::found(
                'feed.untried',
                Stage::Print,
                Severity::Note,
                'loading',
                Phrase::of(sprintf('Nobody has tried which side %s prints on.', $loading->tray->label)),
                Phrase::of('Do the feed test on the page “Printers and trays”. It takes one sheet of plain paper.'),
            );
        }
        if ($loading->bent) {
            $checks[] = Check::found(
                'feed.bent',
                Stage::Print,
                Severity::Warn,
                'loading',
                Phrase::of('The sheet is stiff, and this printer has no tray with a straight path.'),
                Phrase::of('If the printer has a flap at the back, add it as a tray.'),
            );
        }

        return $checks;
    }

    /** @return list<Check> of a picture in parts: that no join runs through a face or lettering */
    private function parts(): array
    {
        if (null === $this->arrangement->tiling) {
            return [];
        }
        if ($this->arrangement->tiling->through) {
            return [
                Check::found(
                    'tiling.through',
                    Stage::Print,
                    Severity::Warn,
                    'tiling',
                    Phrase::of(
                        'A join runs through something that should stay whole. It is larger than a sheet, or you ' .
                            'marked too much.',
                    ),
                    Phrase::of('Mark less, or use a larger sheet.'),
                ),
            ];
        }
        $named = implode(
            ' and ',
            array_map(
                static fn(Subject $subject): string => $subject->label(),
                array_filter(
                    $this->brief->transfer->shows,
                    static fn(Subject $subject): bool => $subject->isLookedAt(),
                ),
            ),
        );

        return '' === $named || [] !== $this->brief->transfer->whole
            ? []
            : [
                Check::found(
                    'tiling.unmarked',
                    Stage::Print,
                    Severity::Note,
                    'tiling',
                    Phrase::of(sprintf('The picture shows %s, and a join could run through it.', $named)),
                    Phrase::of('Draw a box round it in the sheet layout. Then no join runs through it.'),
                ),
            ];
    }

    /** @return list<Check> that the picture keeps off what the carrier is taped on */
    private function tape(): array
    {
        $sheet = $this->arrangement->sheet;
        foreach ($sheet->marks ?? [] as $mark) {
            if (MarkKind::TapeZone === $mark->kind && null !== $sheet?->picture->overlap($mark->rect)) {
                return [
                    Check::found(
                        'carrier.tape',
                        Stage::Print,
                        Severity::Warn,
                        'medium',
                        Phrase::of('The picture lies over the tape of the carrier.'),
                        Phrase::of('Make it smaller, or choose another carrier.'),
                    ),
                ];
            }
        }

        return [];
    }

    private function marks(Medium $medium): Check
    {
        $marking = $this->outfit->marking ?? throw new \LogicException('Without a marking nothing marks.');
        $verdict = $medium->verdictOn($marking);
        if (
            Fit::Impossible === $verdict->fit &&
            'sheet-says-laser' === ($this->outfit->ways->options['film-printer']->id ?? '')
        ) {
            $verdict = new Verdict(Fit::Bad, $verdict->why . ' You say this film’s own sheet names lasers.');
        }
        $able = null;
        foreach ($this->brief->shelf->markings as $other) {
            $able ??= Fit::Good === $medium->verdictOn($other)->fit ? $other : null;
        }

        return Finding::judged(
            'marking.medium',
            'marking',
            $verdict,
            null === $able
                ? 'Use a printer that suits this sheet, or use another sheet.'
                : 'Print it on the ' . $able->label . '.',
            null === $able ? null : new Fix(Phrase::of(ucfirst($able->label)), ['marking' => $able->id]),
        );
    }
}
