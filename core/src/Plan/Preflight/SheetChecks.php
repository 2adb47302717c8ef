<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Setup;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Ink;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Technology;
use Wubbin\Core\Route\Verdict;

/** Whether the sheet suits what marks it, holds the picture, and dries. */
final readonly class SheetChecks
{
    public function __construct(private Setup $setup)
    {
    }

    /** @return list<Check> */
    public function checks(): array
    {
        $setup = $this->setup;
        $medium = $setup->medium;
        $marking = $setup->marking;
        $checks = [];
        if (null === $medium) {
            $wanted = $setup->catalogue->media[$setup->route->media[0]]->label;
            $checks[] = Finding::notOnShelf('medium.there', Stage::Print, 'medium', $setup->transfer->choices->thing('medium'), $wanted, array_filter($setup->shelf->media, static fn (Medium $m): bool => in_array($m->like, $setup->route->media, true)));
        }
        if (null === $marking) {
            $checks[] = Finding::notOnShelf('marking.there', Stage::Print, 'marking', $setup->transfer->choices->thing('marking'), 'printer that prints this', $setup->shelf->markings);
        }
        if (null === $medium || null === $marking) {
            return $checks;
        }
        $checks[] = $this->marks($medium);
        if (Ink::Pigment === $marking->ink && isset($setup->ways->figures['dry'], $setup->ways->schools['drying']) && $setup->ways->figures['dry']->value < 1800.0) {
            $checks[] = Check::found('drying.pigment', Stage::Print, Severity::Warn, 'drying',
                Phrase::of('Pigment ink lies on top and dries slowly; the short wait is for dye ink.'),
                Phrase::of('Wait 30 minutes.'),
                new Fix(Phrase::of('30 minutes'), ['school.drying' => 'dry-30']));
        }
        if (null !== $setup->placed) {
            $widest = $setup->widestOn($medium);
            $checks[] = null !== $setup->sheet
                ? Check::pass('sheet.fits', Stage::Print, 'medium', Phrase::of('It fits one sheet.'))
                : Check::found('sheet.fits', Stage::Print, Severity::Impossible, 'medium',
                    Phrase::of('The picture does not fit one sheet of '.$medium->label.' with its trim line and the strip of marks.'),
                    Phrase::of('It can be {width} wide at most.', ['width' => Quantity::length(floor($widest * 10.0) / 10.0)]),
                    Finding::resizeTo($widest, 'Make it {width} wide'));
        }
        if ($medium->flimsy && !$marking->byHand()) {
            $checks[] = Check::found('sheet.carrier', Stage::Print, Severity::Note, 'medium',
                Phrase::of(ucfirst($medium->label).' is too flimsy to feed by itself.'),
                Phrase::of('Fix it on a carrier with no loose edge: a loose edge jams the printer.'));
        }
        if (!$marking->byHand()) {
            $checks[] = Check::found('print.mirror-once', Stage::Print, Severity::Note, 'mirrored',
                Phrase::of($setup->stack->mirrored() ? 'Wubbin’s sheet is mirrored already.' : 'The sheet is printed as it reads.'),
                Phrase::of('Leave “mirror” and “fit to page” off in the printer’s driver; print at 100 %.'));
        }
        if (Technology::Sublimation === $marking->technology) {
            $checks[] = Check::found('print.dull', Stage::Print, Severity::Note, 'marking',
                Phrase::of('The print looks dull on paper and comes alive in the press.'),
                Phrase::of('Do not throw it away.'));
        }

        return $checks;
    }

    private function marks(Medium $medium): Check
    {
        $marking = $this->setup->marking ?? throw new \LogicException('Without a marking nothing marks.');
        $verdict = $medium->verdictOn($marking);
        if (Fit::Impossible === $verdict->fit && 'sheet-says-laser' === ($this->setup->ways->options['film-printer']->id ?? '')) {
            $verdict = new Verdict(Fit::Bad, $verdict->why.' You say this film’s own sheet names lasers.');
        }
        $able = null;
        foreach ($this->setup->shelf->markings as $other) {
            $able ??= Fit::Good === $medium->verdictOn($other)->fit ? $other : null;
        }

        return Finding::judged('marking.medium', 'marking', $verdict, null === $able ? 'Have it printed on one that suits, or take another sheet.' : 'Print it on the '.$able->label.'.', null === $able ? null : new Fix(Phrase::of(ucfirst($able->label)), ['marking' => $able->id]));
    }
}
