<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\Defect;

/**
 * Reads what a person writes of a piece that went wrong: what is seen, where, and what was done. What it does not
 * understand it leaves out; the screen shows what it understood.
 */
final readonly class OwnWords
{
    /**
     * @param list<array{string, list<Defect>}> $signs words by what they may mean, the more particular first
     * @param list<array{string, Place}> $places
     * @param array<string, array{string, string}> $flags words that say a thing was done, and that it was not
     * @param list<array{string, string}> $materials ids
     */
    private function __construct(
        private array $signs,
        private array $places,
        private array $flags,
        private array $materials,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            array_map(
                static fn(Record $one): array => [
                    $one->string('words'),
                    array_map(Defect::from(...), $one->strings('means')),
                ],
                $record->records('signs'),
            ),
            array_map(
                static fn(Record $one): array => [$one->string('words'), $one->enum('means', Place::class)],
                $record->records('places'),
            ),
            array_map(
                static fn(Record $one): array => [$one->string('yes'), $one->string('no')],
                $record->recordMap('done'),
            ),
            array_map(
                static fn(Record $one): array => [$one->string('words'), $one->string('means')],
                $record->records('materials'),
            ),
        );
    }

    /** @return list<Defect> what may be meant, the likelier first; empty where it is not understood */
    public function defects(string $seen): array
    {
        $seen = mb_strtolower($seen);
        foreach ($this->signs as [$words, $defects]) {
            if (1 === preg_match('/' . $words . '/u', $seen)) {
                return $defects;
            }
        }

        return [];
    }

    public function place(string $where): Place
    {
        $where = mb_strtolower($where);
        foreach ($this->places as [$words, $place]) {
            if (1 === preg_match('/' . $words . '/u', $where)) {
                return $place;
            }
        }

        return Place::All;
    }

    public function done(string $text): Done
    {
        $text = mb_strtolower($text);
        $has = static fn(string $words): bool => '' !== $words && 1 === preg_match('/' . $words . '/u', $text);
        $known = [];
        foreach ($this->flags as $flag => [$yes, $no]) {
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
        $known += $this->things($has);
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
    private function things(\Closure $has): array
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
        foreach ($this->materials as [$word, $material]) {
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
