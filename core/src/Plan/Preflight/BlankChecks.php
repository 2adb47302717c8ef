<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Verdict;

/** Whether the blank takes what comes onto it. */
final readonly class BlankChecks
{
    public function __construct(private Brief $brief, private Outfit $outfit) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $route = $this->brief->route;
        $checks = [
            Finding::judged(
                'blank.surface',
                'blank',
                $route->suiting->verdictOnSurface($this->brief->kind->id, $this->brief->material),
                $this->wayOut(),
                $this->otherMaterial(),
            ),
            $this->tone(),
        ];
        if (Condition::Rough === $this->brief->job->blank->condition) {
            $checks[] = Finding::judged(
                'blank.rough',
                'blank',
                $route->suiting->verdictOnCondition($this->brief->job->blank->condition),
                'Smooth it first, or choose another route.',
                new Fix(Phrase::of('It is smooth'), ['condition' => 'smooth']),
            );
        }
        if (Condition::Used === $this->brief->job->blank->condition) {
            $checks[] = Check::found(
                'blank.worn',
                Stage::Heat,
                Severity::Note,
                'blank',
                Phrase::of('Softener in worn cloth stops a picture from holding.'),
                Phrase::of('Wash it without softener, and press it hot before you lay the sheet on it.'),
            );
        }
        if (null !== $this->brief->job->blank->pattern && !$this->brief->route->character->opaque) {
            $checks[] = Check::found(
                'blank.pattern',
                Stage::Print,
                Severity::Warn,
                'blank',
                Phrase::of('The pattern of the cloth shows through the picture, because there is no white ink.'),
                Phrase::of('Use plain cloth, or opaque film.'),
            );
        }
        if (Surface::WaxMedium === $this->brief->material->surface) {
            $checks[] = Check::found(
                'blank.coats',
                Stage::Heat,
                Severity::Note,
                'blank',
                Phrase::of('The board needs three or more coats of wax medium, and must be level.'),
                Phrase::of('Hollows stay empty. Level the board before you begin.'),
            );
        }

        return $checks;
    }

    private function wayOut(): string
    {
        $verdict = $this->brief->route->suiting->verdictOnSurface($this->brief->kind->id, $this->brief->material);

        return Fit::Risky === $verdict->fit
            ? 'Try it on a scrap or a spare piece first. A test ladder finds the time.'
            : $this->brief->material->instead ?? 'Choose another route, or another piece.';
    }

    private function tone(): Check
    {
        $verdict = $this->brief->route->suiting->verdictOnTone($this->brief->tone);
        if (
            'white-only' === ($this->outfit->ways->options['candle-colour']->id ?? '') &&
            'white' !== $this->brief->tone->value &&
            Fit::Good === $verdict->fit
        ) {
            $verdict = new Verdict(
                Fit::Risky,
                'Your house rules say white candles only. On other candles colours change.',
            );
        }

        return Finding::judged(
            'blank.tone',
            'blank',
            $verdict,
            $this->brief->material->surface->isCloth()
                ? 'Use a white or very light piece, or opaque film.'
                : 'Use a white or very light piece.',
            $this->white(),
        );
    }

    /** Raw wood is painted, where the route goes on paint as well as on wood; anything else is taken in white. */
    private function white(): ?Fix
    {
        $white = ['colour' => '#ffffff'];
        if (Surface::RawWood !== $this->brief->material->surface) {
            return new Fix(Phrase::of('Use a white one'), $white);
        }
        $paint = 'painted-wood';
        $fit = fn(Material $material): Fit => $this->brief->route->suiting->verdictOnSurface(
            $this->brief->kind->id,
            $material,
        )->fit;

        return in_array($paint, $this->brief->kind->materials, true) &&
            in_array($fit($this->brief->catalogue->materials[$paint]), [Fit::Good, $fit($this->brief->material)], true)
            ? new Fix(Phrase::of('Paint it white'), ['material' => $paint] + $white)
            : null;
    }

    /** The first of the blank's materials that the route takes on, where the one at hand is not. */
    private function otherMaterial(): ?Fix
    {
        foreach ($this->brief->kind->materials as $id) {
            $material = $this->brief->catalogue->materials[$id];
            if (Fit::Good === $this->brief->route->suiting->verdictOnSurface($this->brief->kind->id, $material)->fit) {
                return new Fix(Phrase::of(ucfirst($material->label)), ['material' => $id]);
            }
        }

        return null;
    }
}
