<?php

declare(strict_types=1);

namespace Wubbin\Core\Log\Causes;

use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Log\Cause;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\Evidence;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Run\Defect;

/** The wrong blank, ground or surface for the route (common practice, no source). */
final readonly class ChoiceCauses
{
    /** @return list<Cause> */
    public static function all(Catalogue $catalogue): array
    {
        return [self::noPolyesterToTakeTheDye($catalogue), self::clearFilmOnDarkCloth(), self::surfaceTooRough()];
    }

    private static function noPolyesterToTakeTheDye(Catalogue $catalogue): Cause
    {
        $unfit = self::unfit($catalogue);

        return new Cause(
            static fn(Complaint $of): string => match (true) {
                $of->isDye() => 'no polyester to take the dye',
                $of->isWax() => 'not real wax',
                $of->isFilm() => 'wrong blank for the film',
                default => 'wrong blank for this route',
            },
            [Defect::NotBonded, Defect::Pale, Defect::MissedPatch, Defect::LiftedEdge],
            0.3,
            static function (Complaint $of) use ($unfit): Evidence {
                $why = $unfit($of);

                return match (true) {
                    null === $why => $of->place->isPart()
                        ? Evidence::against()
                        : Evidence::unknown('What the blank is made of is not known.'),
                    '' === $why => Evidence::against(),
                    default => Evidence::for($why),
                };
            },
            static fn(Complaint $of): string => $of->isDye()
                ? 'Nothing. Make it again on polyester.'
                : 'Nothing. Use another route, or another piece.',
            static fn(Complaint $of): string => match (true) {
                $of->isDye() => 'Use polyester, or a piece with a polymer coat.',
                $of->isWax() => 'Use a real wax candle, or an LED candle with real wax outside.',
                default => 'Use a piece that suits this route, or another route.',
            },
        );
    }

    private static function clearFilmOnDarkCloth(): Cause
    {
        return new Cause(
            static fn(Complaint $of): string => $of->isFilm() ? 'clear film on dark cloth' : 'surface too dark',
            [Defect::Pale],
            0.5,
            static function (Complaint $of): ?Evidence {
                $tone = Tone::tryFrom($of->done->word(Done::TONE) ?? '');
                $verdict = null === $tone ? null : $of->route->suiting->verdictOnTone($tone);

                return match (true) {
                    null === $verdict => $of->isFilm() && !$of->place->isPart()
                        ? Evidence::unknown('Clear film has no white, so the colour of the cloth shows through.')
                        : null,
                    Fit::Good === $verdict->fit => Evidence::against(),
                    default => Evidence::for($verdict->why),
                };
            },
            'Nothing. Make it again on white.',
            static fn(Complaint $of): string => $of->isFilm()
                ? 'Use opaque film, or lighter cloth.'
                : 'Use a lighter piece.',
        );
    }

    private static function surfaceTooRough(): Cause
    {
        return new Cause(
            'surface too rough',
            [Defect::Pale, Defect::MissedPatch, Defect::NotBonded],
            0.35,
            static fn(Complaint $of): ?Evidence => in_array(
                $of->route->id,
                ['liner-wood', 'paper-wood', 'toner-metal'],
                true,
            )
                ? Evidence::ofFlag(
                    $of->done->yes(Done::ROUGH) ? true : ($of->done->no(Done::ROUGH) ? false : null),
                    'It was rough. Toner reaches only the high spots.',
                    'Toner reaches only the high spots of a rough surface.',
                )
                : null,
            'Sand it and do it again, or keep the worn look.',
            'Sand it smooth. Or paint it first, and let the paint dry.',
        );
    }

    /** @return \Closure(Complaint): ?string */
    private static function unfit(Catalogue $catalogue): \Closure
    {
        return static function (Complaint $of) use ($catalogue): ?string {
            $material = $catalogue->materials[$of->done->word(Done::MATERIAL) ?? ''] ?? null;
            $verdict = null === $material ? null : $of->route->suiting->verdictOnSurface('', $material);

            return null === $verdict
                ? null
                : (in_array($verdict->fit, [Fit::Bad, Fit::Impossible], true)
                    ? $verdict->why
                    : '');
        };
    }
}
