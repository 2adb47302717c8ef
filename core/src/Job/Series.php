<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\NamedColour;

/** A job whose pieces each have words of their own: names of a crew, place cards, numbers of rows. */
final readonly class Series
{
    /** @param non-empty-list<NamedPiece> $pieces in the order of the list */
    private function __construct(public array $pieces) {}

    /**
     * @param list<NamedPiece> $pieces
     *
     * @throws BadRecord for none of them, or too many
     */
    public static function of(array $pieces): self
    {
        if ([] === $pieces) {
            throw BadRecord::at('series', 'Write at least one name.');
        }
        if (count($pieces) > Job::MOST_PIECES) {
            throw BadRecord::at('series', 'At most 10 000 names in one job.');
        }

        return new self($pieces);
    }

    /**
     * As people write it down, a line for each piece: “Rowan”, “Rowan, M” or “Rowan; XL; navy; rose.png”. “Row {1–40}”
     * stands for forty lines.
     *
     * @param array<string, string> $pictures SHA-256 of pictures that may be named, by their names in small letters
     *
     * @throws BadRecord saying which line cannot be read
     */
    public static function parse(string $typed, BlankKind $kind, Catalogue $catalogue, array $pictures = []): ?self
    {
        $pieces = [];
        foreach (explode("\n", strtr($typed, ["\r\n" => "\n", "\r" => "\n"])) as $n => $line) {
            foreach ('' === trim($line) ? [] : self::counted($line, $n + 1) as $one) {
                $pieces[] = self::line($one, $n + 1, $kind, $catalogue, $pictures);
            }
        }

        return [] === $pieces ? null : self::of($pieces);
    }

    /**
     * A table as such a list: columns are told by their headings, or else the first is the name.
     *
     * @param list<list<string>> $rows
     */
    public static function fromTable(array $rows): string
    {
        $columns = ['name' => 0, 'size' => 1, 'colour' => 2];
        $heads = array_map(mb_strtolower(...), $rows[0] ?? []);
        $known = [];
        foreach (
            [
                'name' => '/^(full |first |last )?(names?|text|words?|label|number)$/u',
                'size' => '/^(shirt )?sizes?$/u',
                'colour' => '/^colou?rs?$/u',
            ]
            as $column => $means
        ) {
            foreach ($heads as $at => $head) {
                if (!isset($known[$column]) && 1 === preg_match($means, $head)) {
                    $known[$column] = $at;
                }
            }
        }
        if (isset($known['name'])) {
            $columns = $known;
            array_shift($rows);
        }

        return implode(
            "\n",
            array_map(
                static fn(array $row): string => implode(
                    '; ',
                    array_map(
                        // What keeps a name apart from its size must not stand in either.
                        static fn(int $at): string => strtr($row[$at] ?? '', [';' => ',', '{' => '(', '}' => ')']),
                        array_values($columns),
                    ),
                ),
                $rows,
            ),
        );
    }

    /**
     * A line with numbers in braces is as many lines; their digits are as many as the first has.
     *
     * @return list<string>
     */
    private static function counted(string $line, int $n): array
    {
        if (1 !== preg_match('/^(.*)\{\s*(\d{1,6})\s*[–—-]\s*(\d{1,6})\s*\}(.*)$/u', Digits::ascii($line), $found)) {
            return [$line];
        }
        [, $before, $from, $to, $after] = $found;
        if ((int) $to < (int) $from || (int) $to - (int) $from >= Job::MOST_PIECES) {
            throw BadRecord::at('series', sprintf('Line %d: count up, by at most 10 000 numbers.', $n));
        }

        return array_map(
            static fn(int $i): string => $before . str_pad((string) $i, strlen($from), '0', \STR_PAD_LEFT) . $after,
            range((int) $from, (int) $to),
        );
    }

    /** @param array<string, string> $pictures */
    private static function line(
        string $line,
        int $n,
        BlankKind $kind,
        Catalogue $catalogue,
        array $pictures,
    ): NamedPiece {
        // A comma may be part of a name; what stands behind tabs and semicolons is never one.
        $apart = 1 === preg_match('/[\t;]/', $line);
        $parts = array_map(trim(...), explode($apart ? ';' : ',', strtr($line, ['	' => ';'])));
        $size = $colour = $picture = null;
        while (count($parts) > 1) {
            $last = end($parts);
            $asSize = self::sizeOf($last, $kind);
            $asColour = null === $asSize ? self::colourOf($last, $catalogue) : null;
            $asPicture = $pictures[mb_strtolower($last)] ?? null;
            if (null === $asSize && null === $asColour && null === $asPicture && '' !== $last) {
                if (!$apart) {
                    break;
                }
                throw BadRecord::at(
                    'series',
                    sprintf(
                        'Line %d: “%s” is no size, no colour and no picture that you have. Sizes are %s.',
                        $n,
                        mb_substr($last, 0, 40),
                        implode(', ', array_map(static fn(BlankSize $one): string => $one->label, $kind->sizes)),
                    ),
                );
            }
            [$size, $colour, $picture] = [$size ?? $asSize, $colour ?? $asColour, $picture ?? $asPicture];
            array_pop($parts);
        }
        try {
            return new NamedPiece(
                NamedPiece::text(implode($apart ? ' ' : ', ', $parts)),
                $size,
                null === $colour ? null : $colour->colour,
                $picture,
            );
        } catch (BadRecord $e) {
            throw BadRecord::at('series', sprintf('Line %d: %s', $n, lcfirst($e->getMessage())));
        }
    }

    private static function sizeOf(string $word, BlankKind $kind): ?string
    {
        foreach ($kind->sizes as $size) {
            if (mb_strtolower($size->label) === mb_strtolower($word)) {
                return $size->id;
            }
        }

        return null;
    }

    private static function colourOf(string $word, Catalogue $catalogue): ?NamedColour
    {
        foreach ($catalogue->colours->named as $named) {
            if (mb_strtolower($named->label) === mb_strtolower($word)) {
                return $named;
            }
        }

        return null;
    }

    /**
     * The list as it is written down, to be changed.
     *
     * @param array<string, string> $pictures names by SHA-256
     */
    public function write(BlankKind $kind, Catalogue $catalogue, array $pictures = []): string
    {
        return implode(
            "\n",
            array_map(
                static fn(NamedPiece $piece): string => self::labelOf($piece, $kind, $catalogue, '; ') .
                    (isset($pictures[$piece->picture ?? '']) ? '; ' . $pictures[$piece->picture] : ''),
                $this->pieces,
            ),
        );
    }

    /** “Rowan, M, navy”. */
    public static function labelOf(
        NamedPiece $piece,
        BlankKind $kind,
        Catalogue $catalogue,
        string $between = ', ',
    ): string {
        return implode(
            $between,
            array_filter(
                [
                    $piece->text,
                    null === $piece->sizeId ? null : $kind->sizes[$piece->sizeId]->label ?? $piece->sizeId,
                    null === $piece->colour ? null : $catalogue->colours->nameOf($piece->colour),
                ],
                is_string(...),
            ),
        );
    }

    /**
     * @param list<Record> $records
     *
     * @throws BadRecord
     */
    public static function fromRecords(array $records): ?self
    {
        return [] === $records ? null : self::of(array_map(NamedPiece::fromRecord(...), $records));
    }

    /** @return list<array<string, mixed>> */
    public function toRecords(): array
    {
        return array_map(static fn(NamedPiece $piece): array => $piece->toRecord(), $this->pieces);
    }

    /** All in the job's own size and colour. */
    public function alike(): self
    {
        return new self(array_map(static fn(NamedPiece $piece): NamedPiece => $piece->alike(), $this->pieces));
    }

    /** The pieces of one share of the job. */
    public function within(Share $share, Blank $blank): ?self
    {
        $pieces = $this->ofShare($share, $blank);

        return [] === $pieces ? null : new self(array_values($pieces));
    }

    /**
     * Those of one share, by their place in the list, from 0.
     *
     * @return array<int, NamedPiece>
     */
    public function ofShare(?Share $share, Blank $blank): array
    {
        return null === $share
            ? $this->pieces
            : array_filter($this->pieces, static fn(NamedPiece $piece): bool => $piece->isOf($share, $blank));
    }

    /**
     * The sizes and colours that the pieces divide into, in the order of the list; none where all are as the job says.
     *
     * @return list<Share>
     *
     * @throws BadRecord for too many
     */
    public function shares(Blank $blank): array
    {
        $counts = [];
        foreach ($this->pieces as $piece) {
            $size = $piece->sizeId ?? $blank->sizeId;
            $colour =
                null === $piece->colour || $piece->colour->toHex() === $blank->colour->toHex() ? null : $piece->colour;
            $key = $size . ' ' . ($colour?->toHex() ?? '');
            $counts[$key] = [1 + ($counts[$key][0] ?? 0), $size, $colour];
        }
        if (count($counts) > Breakdown::MOST_SHARES) {
            throw BadRecord::at('series', 'At most 40 sizes and colours in one job.');
        }
        if ([$blank->sizeId . ' '] === array_keys($counts)) {
            return [];
        }

        return array_map(
            static fn(array $one): Share => new Share(max(1, min(Job::MOST_PIECES, $one[0])), $one[1], $one[2], null),
            array_values($counts),
        );
    }
}
