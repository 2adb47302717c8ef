<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Run\Defect;

/**
 * Reads what a person writes of a piece that went wrong: what is seen, where, and what was done. What it does not
 * understand it leaves out; the screen shows what it understood.
 */
final readonly class OwnWords
{
    /** What is seen, the more particular first: words that must all be there, by the defect they mean. */
    private const SIGNS = [
        ['(water|damp).*blister|blister', Defect::Bubble],
        ['bubble', Defect::Bubble],
        ['melt(ed)? out of shape|out of shape|deform|sagg|slump', Defect::MeltedShape],
        ['jam', Defect::Jam],
        [
            'on the carrier|did not take on the paper|not on the (paper|film|tissue|medium|liner)|sheet (is ' .
            '|came out )?blank|wrong side (was )?printed',
            Defect::NoPrint,
        ],
        ['backward|wrong way|mirrored|upside down|reads wrong', Defect::WrongWayRound],
        ['white line|gap at the join|line at the join', Defect::WhiteLine],
        ['thread|fibre line|hair|coloured fibre', Defect::FibreLine],
        ['white speck|speckle|white dots', Defect::WhiteSpecks],
        ['line round|outline|guide|frame|black line', Defect::StrayLine],
        ['on the back|show.?through|gone through|went through|bled through', Defect::ShowThrough],
        ['ghost|double|shadow', Defect::Ghost],
        ['shiny|gloss|too bright', Defect::TooShiny],
        ['coat.*(soft|tacky|sticky)|(soft|tacky|sticky).*coat', Defect::SoftCoat],
        ['veil|film of paper|whitish|fur|pulp|haze|foggy', Defect::Veil],
        ['crack|split|shatter|broke', Defect::Crack],
        ['scorch|burn|yellow|brown', Defect::Scorch],
        ['wrinkle|crease|fold', Defect::Wrinkle],
        ['smear|smudge|bleed|ran', Defect::Smear],
        ['lifted edge|edge.*lift|lift.*edge|corner.*(lift|up)|peeling edge', Defect::LiftedEdge],
        [
            'does not (bond|take|hold|stick)|did not (bond|take|hold|stick)|lift(s|ed) with|tears? ' .
            '(off|picture|it)|comes off|falls off|not bonded|(paper )?tears',
            Defect::NotBonded,
        ],
        ['missed|missing|patch(y|es)|bare spot|gaps?|incomplete', Defect::MissedPatch],
        ['pale|dull|faint|faded|barely|washed out|weak|milky|light', Defect::Pale],
        ['crooked|misplaced|askew|off.?cent|too high|too low', Defect::Misplaced],
    ];

    private const PLACES = [
        ['corner', Place::Corner],
        ['edge|rim|border', Place::Edge],
        ['side', Place::Side],
        ['spot|patch|middle|centre|place|valley', Place::Spot],
    ];

    /** A flag by words that say it is so, and words that say it is not. */
    private const FLAGS = [
        Done::STEAM => ['steam on|water in the (iron|tank)|with steam', 'steam off|no steam|tank empty'],
        Done::GUARD => ['card inside|paper inside|guard in', 'nothing inside|no guard|no card|nothing between'],
        Done::COVER_TIGHT => ['cover tight|stretched', 'cover loose|loose cover|cover slack'],
        Done::MOVED => ['slid|moved while|shifted|pushed', 'tacked'],
        Done::TOUCHED => ['touched|fingered', 'held by the edge'],
        Done::LINT_ROLLED => ['(?<!no )(?<!not )lint.?roll(ed)?', 'no lint|not lint'],
        Done::OVERLAPPED => ['overlap(ped)?', 'butted|edge to edge|no overlap'],
        Done::GUIDE_PRINTED => [
            '(outline|guide|template).*printed|printed.*(outline|guide)',
            '(outline|guide) removed',
        ],
        Done::PRESSED => ['(?<!not )pressed\b(?! yet)', 'not pressed|before pressing'],
        Done::CLEANED => ['(?<!not )(degreased|cleaned|wiped)', 'not (degreased|cleaned|wiped)|dirty|greasy'],
        Done::ROUGH => ['rough|unsanded|not sanded|textured', '(?<!un)(?<!not )sanded|smooth'],
        Done::SOAKED => ['soaked', '(pulled|peeled|torn) (off )?dry|not soaked|pulled off'],
        Done::RUBBED => ['(?<!not )rubbed', 'not rubbed'],
        Done::THICK_COAT => ['thick', 'thin'],
        Done::STILL => ['held still|kept still|not moved|one place', 'moving|kept moving'],
        Done::CARRIER_TIGHT => [
            'glued all|edges glued|edges folded',
            'loose(ly)? (edge|taped)|(edge|carrier|tissue)s? .*loose|loosely',
        ],
        Done::TOP_MARKED => ['top marked|marked the top', 'no mark|not marked'],
        Done::FITS_UPRIGHT => ['reads both ways|reads the same', ''],
        Done::LEVEL => ['level(led)?|(?<!not )even\b', 'uneven|not level|hollow'],
        Done::BURNISHED => ['evenly shiny|shiny all', 'dull|not burnished'],
        Done::DAMP => ['damp|still wet|while wet', 'fully dry|dried (fully|overnight)'],
    ];

    private const MATERIALS = [
        'polyester' => 'polyester',
        'cotton' => 'cotton-jersey',
        'linen' => 'linen',
        'plastic' => 'plastic-shell',
        'real wax' => 'candle-wax',
        'glazed' => 'glazed-ceramic',
        'raw wood' => 'raw-wood',
        'aluminium' => 'bare-aluminium',
    ];

    public static function defect(string $seen): ?Defect
    {
        $seen = mb_strtolower($seen);
        foreach (self::SIGNS as [$words, $defect]) {
            if (1 === preg_match('/' . $words . '/u', $seen)) {
                return $defect;
            }
        }

        return null;
    }

    public static function place(string $where): Place
    {
        $where = mb_strtolower($where);
        foreach (self::PLACES as [$words, $place]) {
            if (1 === preg_match('/' . $words . '/u', $where)) {
                return $place;
            }
        }

        return Place::All;
    }

    public static function done(string $text): Done
    {
        $text = mb_strtolower($text);
        $has = static fn(string $words): bool => '' !== $words && 1 === preg_match('/' . $words . '/u', $text);
        $known = [];
        foreach (self::FLAGS as $flag => [$yes, $no]) {
            // What denies a thing mostly holds its name too.
            $known[$flag] = $has($no) ? false : ($has($yes) ? true : null);
        }
        $known[Done::DWELL] = self::dwell($text);
        $known[Done::DRIED] =
            1 === preg_match('/(?:dried|drying|dry for)\D{0,8}(\d+(?:\.\d+)?)\s*(s|sec|min|h)/u', $text, $found)
                ? self::seconds($found[1], $found[2])
                : null;
        $known[Done::CELSIUS] =
            1 === preg_match('/(\d{2,3})\s*°?\s*(c|f)\b/u', $text, $found)
                ? ('c' === $found[2]
                    ? (float) $found[1]
                    : ((float) $found[1] - 32.0) / 1.8)
                : null;
        $known[Done::BASE] = $has('ironing board|soft|padded|towel')
            ? 'soft'
            : ($has('hard (board|base)|wood board|bench')
                ? 'hard'
                : null);
        $known[Done::PRESSURE] =
            1 === preg_match('/(light|medium|heavy) pressure|pressure (?:was )?(light|medium|heavy)/u', $text, $found)
                ? $found[2] ?? $found[1]
                : null;
        $known[Done::PEELED] =
            1 === preg_match('/peeled (?:off )?(?:\w+ )?(hot|warm|cold)/u', $text, $found) ? $found[1] : null;
        $known[Done::PEEL_ASKED] =
            1 === preg_match('/(matte|gloss) wanted/u', $text, $found)
                ? ('matte' === $found[1]
                    ? 'warm'
                    : 'cold')
                : null;
        $known += self::things($has);
        $known[Done::SOURCE] = $has('heat gun|\bgun\b') ? 'gun' : ($has('dryer') ? 'dryer' : null);
        $known[Done::WATER] = $has('hot water first|hot then cold') ? 'hot' : ($has('cold water') ? 'cold' : null);
        $known[Done::PEEKS] = $has('looked.{0,30}once|one look|one corner') ? 1.0 : null;
        $known[Done::COATS] = self::count($text, 'coat');
        $known[Done::WASHES] = self::count($text, 'wash');
        // A tray that prints what looks down wants the print side down, and the other way round.
        $known[Done::RIGHT_SIDE] = match (true) {
            $has('side up in a face.?down|side down in a face.?up|wrong side|upside down in the tray') => false,
            $has('feed test|side down in a face.?down|side up in a face.?up') => true,
            default => null,
        };

        return Done::of($known);
    }

    /**
     * What it was made with and on.
     *
     * @param \Closure(string): bool $has whether words of this pattern were said
     *
     * @return array<string, string|null>
     */
    private static function things(\Closure $has): array
    {
        $known = [];
        $known[Done::MIRRORED] = match (true) {
            $has('file and driver|mirrored twice|both mirrored') => 'both',
            $has('not mirrored|unmirrored') => 'none',
            $has('mirrored in the driver|driver mirrored') => 'driver',
            $has('mirrored') => 'file',
            default => null,
        };
        $known[Done::TECHNOLOGY] = match (true) {
            $has('sublimation (printer|ink)') => 'sublimation',
            $has('laser') => 'laser',
            $has('ink.?jet') => 'inkjet',
            default => null,
        };
        foreach (self::MATERIALS as $word => $material) {
            $known[Done::MATERIAL] ??= $has($word) ? $material : null;
        }
        $known[Done::TONE] = match (true) {
            $has('mid.?gr[ea]y|mid.?tone|heather') => 'mid',
            $has('dark|black cloth|navy|black shirt') => 'dark',
            $has('white cloth|white shirt|light cloth') => 'light',
            default => null,
        };

        return $known;
    }

    /** Time under heat: seconds or minutes that are not of drying, soaking, or between coats. */
    private static function dwell(string $text): ?float
    {
        foreach (explode(';', str_replace(',', ';', $text)) as $part) {
            if (
                1 !== preg_match('/dri|dry(?!er)|soak|apart|cool|wait|wash|tack/u', $part) &&
                1 === preg_match('/(\d+(?:\.\d+)?)\s*(s|sec|seconds|min|minutes)\b/u', $part, $found)
            ) {
                return self::seconds($found[1], $found[2]);
            }
        }

        return null;
    }

    private static function seconds(string $number, string $unit): float
    {
        return (float) $number *
            match ($unit[0]) {
                'm' => 60.0,
                'h' => 3600.0,
                default => 1.0,
            };
    }

    /** “two wax coats”, “washed twice”, “3 coats”. */
    private static function count(string $text, string $of): ?float
    {
        $numbers = [
            'one' => 1.0,
            'once' => 1.0,
            'two' => 2.0,
            'twice' => 2.0,
            'three' => 3.0,
            'four' => 4.0,
            'five' => 5.0,
        ];
        if (
            1 ===
            preg_match(
                '/(\d+|one|two|three|four|five)\b[\w ]{0,14}' . $of . '|' . $of . '\w*\s(once|twice|\d+)/u',
                $text,
                $found,
            )
        ) {
            $number = $found[2] ?? $found[1];

            return $numbers[$number] ?? (float) $number;
        }

        return null;
    }
}
