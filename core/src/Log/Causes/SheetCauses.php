<?php

declare(strict_types=1);

namespace Wubbin\Core\Log\Causes;

use Wubbin\Core\Log\Cause;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Done;
use Wubbin\Core\Log\Evidence;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Run\Defect;

/**
 * What went wrong before the heat: the wrong things chosen, the sheet printed, fed or laid wrong (common practice, no
 * source).
 */
final readonly class SheetCauses
{
    /** @return list<Cause> */
    public static function all(Catalogue $catalogue): array
    {
        return [...ChoiceCauses::all($catalogue), ...self::printing($catalogue), ...self::laying()];
    }

    /** @return list<Cause> */
    private static function printing(Catalogue $catalogue): array
    {
        return [
            self::wrongPrinterForTheMedium($catalogue),
            self::mirroredTwice(),
            self::notMirrored(),
            self::noThisWayUpMark(),
            self::wrongSideUpInTheTray(),
            self::looseCarrierEdge(),
            self::guideLeftInThePrint(),
            self::inkNotDry(),
        ];
    }

    private static function wrongPrinterForTheMedium(Catalogue $catalogue): Cause
    {
        $takes = self::takes($catalogue);

        return new Cause(
            'wrong printer for the sheet',
            [Defect::Smear, Defect::NoPrint, Defect::NotBonded, Defect::Pale, Defect::Bubble],
            0.3,
            static function (Complaint $of) use ($takes): Evidence {
                $technology = $of->done->word(Done::TECHNOLOGY);

                return match (true) {
                    null === $technology => Evidence::unknown('Which printer it was is not known.'),
                    in_array($technology, $takes($of), true) => Evidence::against(),
                    default => Evidence::for(
                        sprintf(
                            'It was printed by %s. This sheet is made for %s.',
                            $technology,
                            implode(' or ', $takes($of)),
                        ),
                    ),
                };
            },
            static fn(Complaint $of): string => Defect::NoPrint === $of->defect
                ? 'Check the printer before the next sheet goes in.'
                : 'Nothing. Print it again.',
            static fn(Complaint $of): string => ucfirst(implode(' or ', $takes($of))) . ' only.',
        );
    }

    private static function mirroredTwice(): Cause
    {
        return new Cause(
            'mirrored twice',
            [Defect::WrongWayRound],
            0.5,
            static fn(Complaint $of): Evidence => match ($of->done->word(Done::MIRRORED)) {
                'both' => Evidence::for('The file is mirrored, and the driver mirrored it again.'),
                null => Evidence::unknown('The file and the driver may both have mirrored it.'),
                'file', 'driver' => Evidence::unknown(
                    'The plan mirrors it once. Something else may have mirrored it again.',
                ),
                default => Evidence::against(),
            },
            'Nothing. Make it again.',
            'Mirror it in one place only: in the file or in the driver.',
        );
    }

    private static function notMirrored(): Cause
    {
        return new Cause(
            'not mirrored',
            [Defect::WrongWayRound],
            0.6,
            static fn(Complaint $of): Evidence => match ($of->done->word(Done::MIRRORED)) {
                'none' => Evidence::for('It was not mirrored at all.'),
                null => Evidence::unknown('This is the most common reason for a picture that reads backwards.'),
                default => Evidence::against(),
            },
            'Nothing. Make it again.',
            'Mirror it in one place only: in the file or in the driver.',
        );
    }

    private static function noThisWayUpMark(): Cause
    {
        return new Cause(
            'the top was not marked',
            [Defect::WrongWayRound, Defect::Misplaced],
            0.2,
            static fn(Complaint $of): Evidence => match (true) {
                $of->done->yes(Done::FITS_UPRIGHT) => Evidence::for(
                    'It reads both ways round, so nothing on it shows the top.',
                ),
                $of->done->yes(Done::TOP_MARKED) => Evidence::against(),
                $of->isWax() || $of->done->no(Done::TOP_MARKED) => $of->done->no(Done::TOP_MARKED)
                    ? Evidence::for('Its top was not marked.')
                    : Evidence::unknown('A letter may read the same upside down.'),
                default => Evidence::unknown('A letter may read the same upside down.'),
            },
            'Nothing can be done.',
            'Mark its top outside the picture.',
        );
    }

    private static function wrongSideUpInTheTray(): Cause
    {
        return new Cause(
            'wrong side up in the tray',
            [Defect::NoPrint, Defect::Smear],
            0.55,
            static fn(Complaint $of): ?Evidence => $of->route->making->byHand
                ? null
                : Evidence::ofFlag(
                    $of->done->no(Done::RIGHT_SIDE) ? true : ($of->done->yes(Done::RIGHT_SIDE) ? false : null),
                    'The sheet lay the wrong way up in this tray.',
                    'Some trays print the upper side, and some the lower side.',
                ),
            'Nothing. Print it again.',
            'Do a feed test for this tray.',
        );
    }

    private static function looseCarrierEdge(): Cause
    {
        return new Cause(
            'loose carrier edge',
            [Defect::Jam, Defect::Wrinkle],
            0.6,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->no(Done::CARRIER_TIGHT)
                    ? true
                    : ($of->done->yes(Done::CARRIER_TIGHT)
                        ? false
                        : (Defect::Jam === $of->defect
                            ? null
                            : false)),
                'Its edges were loose.',
                'Loose edges jam printers.',
            ),
            'Make a new carrier.',
            'Fold and glue all edges, and keep the sheets flat under a book.',
        );
    }

    private static function guideLeftInThePrint(): Cause
    {
        return new Cause(
            'guide left in the print',
            [Defect::StrayLine],
            0.6,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->yes(Done::GUIDE_PRINTED) ? true : ($of->done->no(Done::GUIDE_PRINTED) ? false : null),
                'The outline was printed with the picture.',
                'A line along the edge is usually a guide line that nobody removed.',
            ),
            'Nothing can be done.',
            'Remove the outline before you print.',
        );
    }

    private static function inkNotDry(): Cause
    {
        return new Cause(
            'ink not dry',
            [Defect::Smear, Defect::Bubble, Defect::Ghost],
            0.5,
            static function (Complaint $of): ?Evidence {
                $dried = $of->done->number(Done::DRIED);
                // One school dries 5 minutes, the other 30: below the shorter nobody calls it dry.
                $least = min(300.0, $of->least('dry') ?? 300.0);

                return match (true) {
                    $of->isToner() || 'laser' === $of->done->word(Done::TECHNOLOGY) => null,
                    null === $dried => Defect::Smear === $of->defect
                        ? Evidence::unknown('Ink needs 5 to 30 minutes.')
                        : null,
                    $dried < $least => Evidence::for(
                        sprintf('It dried for %s. Ink needs 5 to 30 minutes.', self::time($dried)),
                    ),
                    default => Evidence::against(),
                };
            },
            'Nothing. Make it again.',
            'Let it dry for 30 minutes.',
        );
    }

    /** @return \Closure(Complaint): list<string> */
    private static function takes(Catalogue $catalogue): \Closure
    {
        return static function (Complaint $of) use ($catalogue): array {
            $all = [];
            foreach ($of->route->making->media as $medium) {
                foreach ($catalogue->sheets->media[$medium]->takes as $marking) {
                    $all[$catalogue->sheets->markings[$marking]->technology->value] = true;
                }
            }

            return array_keys($all);
        };
    }

    /** @return list<Cause> */
    private static function laying(): array
    {
        return [
            self::tonerTouchedBeforePressing(),
            self::noOverlapAtTheJoin(),
            self::noGuard(),
            self::lint(),
            self::laidAskew(),
        ];
    }

    private static function tonerTouchedBeforePressing(): Cause
    {
        return new Cause(
            'toner touched before pressing',
            [Defect::Smear],
            0.55,
            static fn(Complaint $of): ?Evidence => $of->isToner()
                ? Evidence::ofFlag(
                    $of->done->yes(Done::TOUCHED) ? true : ($of->done->no(Done::TOUCHED) ? false : null),
                    'Somebody touched the print. Toner on a liner is loose.',
                    'Toner on a liner is loose until it is pressed.',
                )
                : null,
            'Nothing can be done.',
            'Hold it by its edges.',
        );
    }

    private static function noOverlapAtTheJoin(): Cause
    {
        return new Cause(
            'no overlap at the join',
            [Defect::WhiteLine],
            0.7,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->no(Done::OVERLAPPED) ? true : ($of->done->yes(Done::OVERLAPPED) ? false : null),
                'The parts lay edge to edge.',
                'Parts that lie edge to edge move apart a little under heat.',
            ),
            'Nothing can be done.',
            'Let them overlap a little.',
        );
    }

    private static function noGuard(): Cause
    {
        return new Cause(
            'nothing inside',
            [Defect::ShowThrough],
            0.7,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->no(Done::GUARD) ? true : ($of->done->yes(Done::GUARD) ? false : null),
                'Nothing lay inside.',
                'Colour and heat go through a single layer.',
            ),
            'Nothing can be done.',
            static fn(Complaint $of): string => $of->isDye()
                ? 'Put uncoated paper inside, up to every edge, and behind the piece.'
                : 'Put card between the layers.',
        );
    }

    private static function lint(): Cause
    {
        return new Cause(
            'lint',
            [Defect::FibreLine, Defect::StrayLine],
            0.6,
            static fn(Complaint $of): Evidence => Evidence::ofFlag(
                $of->done->no(Done::LINT_ROLLED)
                    ? true
                    : ($of->done->yes(Done::LINT_ROLLED)
                        ? false
                        : (Defect::FibreLine === $of->defect
                            ? null
                            : false)),
                'Nobody rolled the lint off. A fibre prints a coloured thread.',
                'A fibre prints a coloured thread.',
            ),
            'Nothing can be done.',
            'Roll the lint off twice: before you press the cloth without the print, and after.',
        );
    }

    private static function laidAskew(): Cause
    {
        return new Cause(
            'not straight on the piece',
            [Defect::Misplaced],
            0.5,
            static fn(Complaint $of): Evidence => Evidence::unknown(
                'It was not measured, or it slid before it was hot.',
            ),
            'Nothing can be done.',
            'Measure from seam and collar, mark the middle, and tape it first.',
        );
    }

    private static function time(float $seconds): string
    {
        return $seconds < 100.0 ? sprintf('%d s', $seconds) : sprintf('%d min', round($seconds / 60.0));
    }
}
