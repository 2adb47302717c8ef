<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Ticket\BlankLines;
use Wubbin\Core\Plan\Ticket\Choice;
use Wubbin\Core\Plan\Ticket\HeatLines;
use Wubbin\Core\Plan\Ticket\PictureLines;
use Wubbin\Core\Plan\Ticket\SheetLines;
use Wubbin\Core\Route\LayerRole;

/** The job's decisions in the order of work, each with its reason and what else it could be. */
final readonly class Ticket
{
    /** Matters that a line of the ticket already tells by its own name. */
    private const TOLD_ELSEWHERE = ['drying'];

    /**
     * @param list<Step> $steps of the same setup, for what they come to
     * @param list<SharePlan> $shares that the pieces divide into
     *
     * @return list<Decision>
     */
    public static function forSetup(Setup $setup, array $steps, array $shares): array
    {
        [$brief, $outfit, $placing, $arrangement] = $setup->stages();
        $blank = new BlankLines($brief, $placing);
        $picture = new PictureLines($brief, $outfit, $placing, $arrangement);
        $sheet = new SheetLines($brief, $outfit, $arrangement);
        $heat = new HeatLines($brief, $outfit, $placing, $arrangement);
        $lines = [
            $blank->blank(),
            $blank->quantity($shares),
            $blank->use(),
            $blank->route(),
            $picture->picture(),
            $picture->place(),
            $picture->mirrored(),
            $sheet->marking(),
            $sheet->medium(),
        ];
        if (null !== $arrangement->tiling) {
            $lines[] = $sheet->tiling($arrangement->tiling);
        }
        if (null !== $arrangement->loading) {
            $lines[] = $sheet->loading($arrangement->loading);
        }
        if (null !== $outfit->recipe || [] !== $sheet->recipes()) {
            $lines[] = $sheet->recipe();
        }
        if (isset($outfit->ways->options['drying'])) {
            $lines[] = $sheet->drying();
        }
        $lines[] = $heat->finish();
        $lines[] = $heat->heat();
        $lines[] = $heat->time($steps);
        foreach ($arrangement->stack->layers as $layer) {
            $line = match ($layer->role) {
                LayerRole::Base => $heat->base(),
                LayerRole::Guard => $heat->guard(),
                LayerRole::Cover => $heat->cover(),
                default => null,
            };
            $lines = [...$lines, ...null === $line ? [] : [$line]];
        }
        foreach ($outfit->ways->options as $matter => $option) {
            if (!in_array($matter, self::TOLD_ELSEWHERE, true)) {
                $lines[] = Choice::ofSchool($outfit, $outfit->ways->schools[$matter], $option);
            }
        }

        return [] === $setup->aftercare() ? $lines : [...$lines, self::aftercare($setup)];
    }

    private static function aftercare(Setup $setup): Decision
    {
        $lines = $setup->aftercare();

        return new Decision(
            'aftercare',
            'Aftercare',
            Phrase::of(
                implode(' ', array_map(static fn(Phrase $line): string => $line->text, $lines)),
                array_merge(...array_map(static fn(Phrase $line): array => $line->values, $lines)),
            ),
            Phrase::of('This stands on the card for the person who gets the piece.'),
            'aftercare.card',
            $setup->brief->catalogue->care->provenance,
            DecidedBy::Wubbin,
        );
    }
}
