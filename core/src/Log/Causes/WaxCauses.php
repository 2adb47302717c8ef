<?php

declare(strict_types=1);

namespace Wubbin\Core\Log\Causes;

use Wubbin\Core\Log\Cause;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\Evidence;
use Wubbin\Core\Run\Defect;

/** What goes wrong on candles and on boards of wax (common practice, no source). */
final readonly class WaxCauses
{
    /** @return list<Cause> */
    public static function all(): array
    {
        return [...self::candles(), ...self::boards()];
    }

    /** @return list<Cause> */
    private static function candles(): array
    {
        return [self::waxNotMeltedThere(), self::tooMuchHeatInOnePlace(), self::coverNotTight(), self::colourWasWet()];
    }

    private static function waxNotMeltedThere(): Cause
    {
        return new Cause(
            'wax not melted there',
            [Defect::Pale, Defect::MissedPatch, Defect::LiftedEdge, Defect::NotBonded],
            0.7,
            static function (Complaint $of): ?Evidence {
                if (!$of->isWax()) {
                    return null;
                }
                $heated = $of->done->number(Done::DWELL);
                $usual = $of->route->figures['melt']->value ?? null;

                return null !== $heated && null !== $usual && $heated < $usual
                    ? Evidence::for(
                        sprintf(
                            'It was heated for %d s, and %d s are usual. What is pale has not melted yet.',
                            $heated,
                            $usual,
                        ),
                    )
                    : ($of->place->isPart()
                        ? Evidence::for('What is pale and milky has not melted. Melted wax is dark and clear.')
                        : Evidence::unknown('What is pale and milky has not melted.'));
            },
            'Cover it again, and heat that place.',
            'Go on until the whole picture is dark and clear.',
        );
    }

    private static function tooMuchHeatInOnePlace(): Cause
    {
        return new Cause(
            'too much heat in one place',
            [Defect::MeltedShape, Defect::Scorch, Defect::Wrinkle],
            0.7,
            static function (Complaint $of): ?Evidence {
                if (!$of->isWax()) {
                    return null;
                }
                if ($of->done->yes(Done::STILL)) {
                    return Evidence::for('The heat stayed in one place.');
                }
                if (Defect::Wrinkle === $of->defect) {
                    return null;
                }

                return 'gun' === $of->done->word(Done::SOURCE)
                    ? Evidence::for('With a heat gun there is little time between done and ruined.')
                    : Evidence::unknown('Wax runs soon after it melts.');
            },
            'Nothing can be done.',
            'Use a hair dryer, or keep the gun moving.',
        );
    }

    private static function coverNotTight(): Cause
    {
        return new Cause(
            'cover not tight',
            [Defect::Wrinkle, Defect::Bubble],
            0.6,
            static fn(Complaint $of): ?Evidence => $of->isWax()
                ? Evidence::ofFlag(
                    $of->done->no(Done::COVER_TIGHT) ? true : ($of->done->yes(Done::COVER_TIGHT) ? false : null),
                    'The cover was loose.',
                    'Every fold of the cover gets pressed into the wax.',
                )
                : null,
            'Nothing can be done.',
            'Stretch the cover, without a wrinkle or a bubble.',
        );
    }

    private static function colourWasWet(): Cause
    {
        return new Cause(
            'colour was wet',
            [Defect::Smear],
            0.5,
            static fn(Complaint $of): ?Evidence => $of->isWax()
                ? Evidence::unknown('Wet colour runs, and water keeps the wax off.')
                : null,
            'Nothing can be done.',
            'Use thin, dry colours, and let each dry before the next.',
        );
    }

    /** @return list<Cause> */
    private static function boards(): array
    {
        return [
            self::surfaceNotSmooth(),
            self::notBurnishedEnough(),
            self::fusedWhileFibresWereWet(),
            self::paperFibreLeftOn(),
        ];
    }

    private static function surfaceNotSmooth(): Cause
    {
        return new Cause(
            'surface not smooth',
            [Defect::MissedPatch, Defect::Pale],
            0.5,
            static function (Complaint $of): ?Evidence {
                if (!$of->isBurnished()) {
                    return null;
                }
                $coats = $of->done->number(Done::COATS);
                $least = $of->least('coats');
                if ($of->done->no(Done::LEVEL) || (null !== $coats && null !== $least && $coats < $least)) {
                    return Evidence::for(
                        null === $coats
                            ? 'It was uneven. Hollows stay empty.'
                            : sprintf(
                                '%d coats, where %d make it level: hollows stay empty.',
                                $coats,
                                $least ?? $coats,
                            ),
                    );
                }

                return $of->done->yes(Done::LEVEL) ? Evidence::against() : Evidence::unknown('Hollows stay empty.');
            },
            'Nothing can be done. Or keep the gaps.',
            'Put three coats on, and level them.',
        );
    }

    private static function notBurnishedEnough(): Cause
    {
        return new Cause(
            'not rubbed enough',
            [Defect::MissedPatch, Defect::NotBonded, Defect::Pale, Defect::LiftedEdge],
            0.55,
            static fn(Complaint $of): ?Evidence => $of->isBurnished()
                ? Evidence::ofFlag(
                    $of->done->no(Done::BURNISHED) ? true : ($of->done->yes(Done::BURNISHED) ? false : null),
                    'The back was dull in places. Those were not down.',
                    'Dull places on the back are not down yet.',
                )
                : null,
            'Nothing can be done.',
            'Rub until the whole back is evenly shiny.',
        );
    }

    private static function fusedWhileFibresWereWet(): Cause
    {
        return new Cause(
            'warmed while fibres were wet',
            [Defect::WhiteSpecks],
            0.6,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->yes(Done::DAMP) ? true : ($of->done->no(Done::DAMP) ? false : null),
                'It was warmed while it was damp. Fibres then turn into white specks.',
                'Damp fibres turn into white specks under heat.',
            ),
            'Nothing can be done.',
            'Let it dry fully. Warm it only if you feel no fibre.',
        );
    }

    private static function paperFibreLeftOn(): Cause
    {
        return new Cause(
            'paper fibre left on',
            [Defect::Veil, Defect::WhiteSpecks],
            0.5,
            static fn(Complaint $of): ?Evidence => $of->isBurnished()
                ? Evidence::unknown('What feels rough is paper.')
                : null,
            'Wet it, and rub until it feels smooth.',
            'Rub until no paper is left.',
        );
    }
}
