<?php

declare(strict_types=1);

namespace Wubbin\Core\Log\Causes;

use Wubbin\Core\Log\Cause;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\Evidence;
use Wubbin\Core\Run\Defect;

/**
 * What goes wrong under heat and pressure and after it, on cloth, ceramic, wood and metal (common practice, no source).
 */
final readonly class PressCauses
{
    /** A dwell within this part of the least is not yet too short: hands are off by as much. */
    private const NEARLY = 0.95;

    /** What did not hold, or not everywhere. */
    private const LOOSE = [Defect::MissedPatch, Defect::LiftedEdge, Defect::NotBonded, Defect::Pale, Defect::Crack];

    /** @return list<Cause> */
    public static function all(): array
    {
        return [...self::holding(), ...HarmCauses::all(), ...self::peeling(), ...self::finishing()];
    }

    /** @return list<Cause> */
    private static function holding(): array
    {
        return [
            self::tooShort(),
            self::baseTooSoft(),
            self::tooLittlePressure(),
            self::notHotEnough(),
            self::surfaceNotClean(),
        ];
    }

    private static function tooShort(): Cause
    {
        return new Cause(
            static fn(Complaint $of): string => match (true) {
                $of->isDye() => 'too short',
                Defect::LiftedEdge === $of->defect => 'too short at the edge',
                Defect::NotBonded !== $of->defect && $of->place->isPart() => 'too short there',
                default => 'too short under heat',
            },
            self::LOOSE,
            0.7,
            self::dwell(...),
            static fn(Complaint $of): string => match (true) {
                Defect::Crack === $of->defect, $of->isDye() => 'Nothing can be done.',
                'toner-metal' === $of->route->id => 'Iron it on again before it cools.',
                $of->isToner() => 'If it has not moved, lay it back and iron it more.',
                Defect::LiftedEdge === $of->defect => 'Cover it and press the edge again.',
                default => 'Lay it back, cover it, and press it a little more.',
            },
            static fn(Complaint $of): string => match (true) {
                $of->isDye() => '60 s at 204 °C (400 °F).',
                Defect::Crack === $of->defect => 'Give pieces that will be washed the full time.',
                'liner-fabric' === $of->route->id => 'Iron until a corner comes off clean.',
                null !== $of->leastDwell() => sprintf(
                    '%d s or more on each place, and finish on the edges.',
                    $of->leastDwell(),
                ),
                default => 'Press longer, and do the edges last.',
            },
        );
    }

    private static function baseTooSoft(): Cause
    {
        return new Cause(
            'base too soft',
            [Defect::MissedPatch, Defect::LiftedEdge, Defect::NotBonded, Defect::Bubble, Defect::Pale],
            0.5,
            static fn(Complaint $of): ?Evidence => null === $of->route->stacking->base
                ? null
                : Evidence::ofFlag(
                    match ($of->done->word(Done::BASE)) {
                        'soft' => true,
                        'hard' => false,
                        default => null,
                    },
                    'It lay on something soft, which takes the pressure away.',
                    'A soft base takes the pressure away.',
                ),
            'Cover it, and press it again on a hard board.',
            'Use a hard, flat board.',
        );
    }

    private static function tooLittlePressure(): Cause
    {
        return new Cause(
            'too little pressure',
            [Defect::MissedPatch, Defect::NotBonded, Defect::Pale, Defect::LiftedEdge],
            0.35,
            static function (Complaint $of): ?Evidence {
                $ranks = ['light' => 0, 'medium' => 1, 'heavy' => 2];
                $asked = null;
                foreach ($of->route->heating->settings as $setting) {
                    $asked ??= $setting->pressure;
                }
                $done = $of->done->word(Done::PRESSURE);
                if (null === $done || null === $asked) {
                    return $of->isWax() || $of->isBurnished()
                        ? null
                        : Evidence::unknown('How hard it was pressed is not known.');
                }

                return ($ranks[$done] ?? 1) < ($ranks[$asked] ?? 1)
                    ? Evidence::for(sprintf('The pressure was %s. This route needs %s pressure.', $done, $asked))
                    : Evidence::against();
            },
            'Nothing can be done.',
            static fn(Complaint $of): string => 'laser-ceramic' === $of->route->id
                ? 'Press with heavy pressure.'
                : 'Lean on the iron.',
        );
    }

    private static function notHotEnough(): Cause
    {
        return new Cause(
            'not hot enough',
            [Defect::MissedPatch, Defect::NotBonded, Defect::Pale],
            0.3,
            static function (Complaint $of): ?Evidence {
                $set = $of->done->number(Done::CELSIUS);
                $asked = null;
                foreach ($of->route->heating->settings as $setting) {
                    $asked ??= $setting->temperature?->celsius;
                }
                if (null === $set || null === $asked) {
                    return $of->isWax() || $of->isBurnished() || $of->place->isPart()
                        ? null
                        : Evidence::unknown('How hot it really was is not known.');
                }

                return $set < $asked - 8.0
                    ? Evidence::for(sprintf('%d °C, where this route needs %d °C.', $set, $asked))
                    : Evidence::against();
            },
            'Press it once more at the right heat, or make it again.',
            'Wait until it is hot again.',
        );
    }

    private static function surfaceNotClean(): Cause
    {
        return new Cause(
            'surface not clean',
            [Defect::NotBonded, Defect::MissedPatch, Defect::LiftedEdge, Defect::Scratches],
            0.4,
            static fn(Complaint $of): ?Evidence => in_array($of->route->id, ['toner-metal', 'laser-ceramic'], true) ||
            $of->done->no(Done::CLEANED)
                ? Evidence::ofFlag(
                    $of->done->no(Done::CLEANED) ? true : ($of->done->yes(Done::CLEANED) ? false : null),
                    'It was not degreased.',
                    'A finger mark keeps toner off.',
                )
                : null,
            static fn(Complaint $of): string => 'toner-metal' === $of->route->id
                ? 'Rub it off with steel wool, clean the metal, and make it again.'
                : 'Nothing can be done.',
            'Rub the metal, and wipe it until the cloth stays clean.',
        );
    }

    private static function dwell(Complaint $of): ?Evidence
    {
        if ($of->isWax() || $of->isBurnished()) {
            return null;
        }
        $least = $of->leastDwell();
        $dwell = $of->done->number(Done::DWELL);
        $looks = $of->done->number(Done::PEEKS);
        if (null === $least) {
            return null;
        }
        if (null !== $dwell) {
            return $dwell < self::NEARLY * $least
                ? Evidence::for(
                    sprintf('It was pressed for %d s. This route needs %d s or more on each place.', $dwell, $least),
                )
                : Evidence::against();
        }
        if (1.0 === $looks) {
            return Evidence::for('A look under one corner says nothing about the rest.');
        }

        return Defect::Pale === $of->defect && !$of->place->isPart()
            ? Evidence::unknown('It may have been too short.')
            : Evidence::unknown('This is the most common reason. Edges and corners get the least heat.');
    }

    /** @return list<Cause> */
    private static function peeling(): array
    {
        return [
            self::peeledCold(),
            self::peeledTooSoon(),
            self::paperPulledInsteadOfSoaked(),
            self::filmOfThePaperLeftOn(),
        ];
    }

    private static function peeledCold(): Cause
    {
        return new Cause(
            'peeled cold',
            [Defect::TooShiny],
            0.6,
            static fn(Complaint $of): ?Evidence => $of->isFilm()
                ? match ($of->done->word(Done::PEELED)) {
                    'cold' => Evidence::for('It was peeled cold, which leaves a shine.'),
                    null => Evidence::unknown('Film shines when it is peeled cold.'),
                    default => Evidence::against(),
                }
                : null,
            'Lay parchment over it, and iron it for a few seconds.',
            'Peel it while it is warm.',
        );
    }

    private static function peeledTooSoon(): Cause
    {
        return new Cause(
            'peeled too soon',
            [Defect::NotBonded, Defect::MissedPatch, Defect::LiftedEdge, Defect::Smear],
            0.4,
            static function (Complaint $of): ?Evidence {
                $ranks = ['hot' => 0, 'warm' => 1, 'cold' => 2];
                $words = array_map(static fn($peel): string => $peel->word, $of->route->heating->finishes);
                $peeled = $of->done->word(Done::PEELED);
                if ([] === $words || $of->isBurnished()) {
                    return null;
                }
                $asked = $of->done->word(Done::PEEL_ASKED);
                // Where a route leaves the choice, any of its ways is right.
                $least =
                    null === $asked
                        ? min(array_map(static fn(string $word): int => $ranks[$word] ?? 2, $words))
                        : $ranks[$asked] ?? 2;
                if (null === $peeled || !isset($ranks[$peeled])) {
                    return Evidence::unknown('This backing must cool first. While it is hot it tears the picture off.');
                }

                return $ranks[$peeled] < $least
                    ? Evidence::for(
                        sprintf(
                            'It was peeled %s. It should be peeled %s.',
                            $peeled,
                            array_search($least, $ranks, true),
                        ),
                    )
                    : Evidence::against();
            },
            static fn(Complaint $of): string => $of->isWax()
                ? 'Cover it again, and heat that spot.'
                : 'Nothing can be done.',
            static fn(Complaint $of): string => $of->isWax()
                ? 'Hold it 30 s until the wax has set.'
                : ('laser-ceramic' === $of->route->id
                    ? 'Peel it cold.'
                    : 'Wait until the backing is as cool as the plan says.'),
        );
    }

    private static function paperPulledInsteadOfSoaked(): Cause
    {
        return new Cause(
            'paper pulled instead of soaked',
            [Defect::NotBonded, Defect::MissedPatch],
            0.35,
            static fn(Complaint $of): ?Evidence => isset($of->route->figures['soak']) && !$of->isBurnished()
                ? Evidence::ofFlag(
                    $of->done->no(Done::SOAKED) ? true : ($of->done->yes(Done::SOAKED) ? false : null),
                    'The paper was pulled off dry.',
                    'Photo paper does not peel.',
                )
                : null,
            'Rub it off with steel wool, and make it again.',
            'Soak it 5 minutes in warm water, until the paper lets go.',
        );
    }

    private static function filmOfThePaperLeftOn(): Cause
    {
        return new Cause(
            'film of the paper left on',
            [Defect::Veil],
            0.6,
            static fn(Complaint $of): ?Evidence => $of->isToner()
                ? Evidence::ofFlag(
                    $of->done->no(Done::RUBBED) ? true : ($of->done->yes(Done::RUBBED) ? false : null),
                    'It was not rubbed. A thin film of paper stays on the toner.',
                    'A thin film of paper stays on the toner.',
                )
                : null,
            'Rub it off with steel wool, without pressure.',
            'Do the same next time.',
        );
    }

    /** @return list<Cause> */
    private static function finishing(): array
    {
        return [
            new Cause(
                'coat too thick',
                [Defect::SoftCoat, Defect::Scratches, Defect::Wrinkle, Defect::Bubble],
                0.6,
                static function (Complaint $of): ?Evidence {
                    if ($of->done->yes(Done::THICK_COAT)) {
                        return Evidence::for('A thick coat dries on top and stays soft below.');
                    }

                    return Defect::SoftCoat === $of->defect
                        ? Evidence::unknown('A thick coat dries on top and stays soft below.')
                        : null;
                },
                'Let it dry somewhere warm, or make it again.',
                'Spray 2 or 3 very thin coats, 15 minutes apart.',
            ),
        ];
    }
}
