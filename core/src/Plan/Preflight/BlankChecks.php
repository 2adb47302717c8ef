<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Setup;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Verdict;

/** Whether the blank takes what comes onto it. */
final readonly class BlankChecks
{
    public function __construct(private Setup $setup) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $setup = $this->setup;
        $route = $setup->route;
        $checks = [
            Finding::judged(
                'blank.surface',
                'blank',
                $route->verdictOnSurface($setup->kind->id, $setup->material),
                'Choose another route, or another blank.',
                $this->otherMaterial(),
            ),
            $this->tone(),
        ];
        if (Condition::Rough === $setup->job->blank->condition) {
            $checks[] = Finding::judged(
                'blank.rough',
                'blank',
                $route->verdictOnCondition($setup->job->blank->condition),
                'Smooth it first, or choose another route.',
                new Fix(Phrase::of('It is smooth'), ['condition' => 'smooth']),
            );
        }
        if (Condition::Used === $setup->job->blank->condition) {
            $checks[] = Check::found(
                'blank.worn',
                Stage::Heat,
                Severity::Note,
                'blank',
                Phrase::of('Softener left in worn cloth keeps a transfer from bonding.'),
                Phrase::of('Wash it without softener and press it hot before you lay the sheet.'),
            );
        }
        if (null !== $setup->job->blank->pattern && !$setup->route->opaque) {
            $checks[] = Check::found(
                'blank.pattern',
                Stage::Print,
                Severity::Warn,
                'blank',
                Phrase::of('Patterned cloth shows its pattern through the picture: there is no white ink.'),
                Phrase::of('Take plain cloth, or opaque film.'),
            );
        }
        if (Surface::WaxMedium === $setup->material->surface) {
            $checks[] = Check::found(
                'blank.coats',
                Stage::Heat,
                Severity::Note,
                'blank',
                Phrase::of('The board wants three or more coats of wax medium, perfectly level.'),
                Phrase::of('Hollows stay empty: level them before you begin.'),
            );
        }

        return $checks;
    }

    private function tone(): Check
    {
        $verdict = $this->setup->route->verdictOnTone($this->setup->tone);
        if (
            'white-only' === ($this->setup->ways->options['candle-colour']->id ?? '') &&
            'white' !== $this->setup->tone->value &&
            Fit::Good === $verdict->fit
        ) {
            $verdict = new Verdict(Fit::Risky, 'The house goes by white candles only: on a tint colours shift.');
        }

        return Finding::judged(
            'blank.tone',
            'blank',
            $verdict,
            'Take a white or very light one, or opaque film on cloth.',
            new Fix(Phrase::of('Make it white'), ['colour' => '#ffffff']),
        );
    }

    /** The first of the blank's materials that the route takes on, where the one at hand is not. */
    private function otherMaterial(): ?Fix
    {
        foreach ($this->setup->kind->materials as $id) {
            $material = $this->setup->catalogue->materials[$id];
            if (Fit::Good === $this->setup->route->verdictOnSurface($this->setup->kind->id, $material)->fit) {
                return new Fix(Phrase::of(ucfirst($material->label)), ['material' => $id]);
            }
        }

        return null;
    }
}
