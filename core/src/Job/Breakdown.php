<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\NamedColour;

/**
 * How many of each size and colour, as people write it down: “6 S, 10 M, 6 L, 2 XL navy 200 mm”.
 *
 * Each entry is a number, a size, and, where it differs from the job's, a colour and a width of the picture.
 */
final readonly class Breakdown
{
    public const MOST_SHARES = 40;

    /**
     * @return list<Share> empty for an empty text
     *
     * @throws BadRecord saying which entry cannot be read
     */
    public static function parse(string $typed, BlankKind $kind, Catalogue $catalogue, QuantityParser $parser): array
    {
        $shares = [];
        // A comma between digits is a decimal one.
        foreach ((array) preg_split('/[;\n]|,(?!\d)/', Digits::ascii($typed)) as $entry) {
            $entry = (string) $entry;
            if ('' !== trim($entry)) {
                $shares[] = self::share(trim($entry), $kind, $catalogue, $parser);
            }
        }
        if (count($shares) > self::MOST_SHARES) {
            throw BadRecord::at('breakdown', 'At most 40 sizes and colours in one job.');
        }

        return $shares;
    }

    /** @param list<Share> $shares */
    public static function write(array $shares, BlankKind $kind, Catalogue $catalogue): string
    {
        return implode(
            ', ',
            array_map(
                static fn(Share $share): string => $share->quantity . ' ' . self::label($share, $kind, $catalogue),
                $shares,
            ),
        );
    }

    /** “XL navy 200 mm”. */
    public static function label(Share $share, BlankKind $kind, Catalogue $catalogue): string
    {
        return ($kind->sizes[$share->sizeId]->label ?? $share->sizeId) .
            (null === $share->colour ? '' : ' ' . $catalogue->colours->nameOf($share->colour)) .
            (null === $share->widthMm ? '' : ' ' . round($share->widthMm, 1) . ' mm');
    }

    private static function share(string $entry, BlankKind $kind, Catalogue $catalogue, QuantityParser $parser): Share
    {
        if (1 !== preg_match('/^(\d{1,6})\s*(?:[x×]\s*)?(.+)$/u', $entry, $found)) {
            throw self::unread($entry, 'begin with how many');
        }
        $quantity = JobFile::quantity((int) $found[1]);
        $rest = $found[2];
        $size =
            self::longest($rest, array_map(static fn($size): array => [$size->label, $size->id], $kind->sizes)) ??
            throw self::unread(
                $entry,
                'then a size that there is: ' .
                    implode(', ', array_map(static fn($size): string => $size->label, $kind->sizes)),
            );
        $rest = trim(mb_substr($rest, mb_strlen($size[0])));
        $colour = self::longest(
            $rest,
            array_map(
                static fn(NamedColour $named): array => [$named->label, $named->colour->toHex()],
                $catalogue->colours->named,
            ),
        );
        if (null === $colour && 1 === preg_match('/^#[0-9a-f]{6}/i', $rest, $hex)) {
            $colour = [$hex[0], $hex[0]];
        }
        $rest = trim(mb_substr($rest, mb_strlen($colour[0] ?? '')));

        return new Share(
            $quantity,
            $size[1],
            null === $colour ? null : Colour::hex($colour[1]),
            '' === $rest ? null : self::width($rest, $entry, $parser),
        );
    }

    private static function width(string $typed, string $entry, QuantityParser $parser): float
    {
        try {
            $mm = $parser->length($typed)->mm;
        } catch (UnreadableQuantity) {
            throw self::unread($entry, sprintf('“%s” is neither a colour nor a width', $typed));
        }

        return $mm >= Placement::LEAST_MM && $mm <= Placement::MOST_MM
            ? $mm
            : throw self::unread($entry, 'a width must be from 5 mm to 2000 mm');
    }

    /**
     * The longest of the words that the text begins with.
     *
     * @param array<array{string, string}> $words each with what it stands for
     *
     * @return array{string, string}|null
     */
    private static function longest(string $text, array $words): ?array
    {
        usort($words, static fn(array $a, array $b): int => mb_strlen($b[0]) <=> mb_strlen($a[0]));
        foreach ($words as $word) {
            if (1 === preg_match('/^' . preg_quote($word[0], '/') . '(?![\p{L}\p{N}])/iu', $text)) {
                return $word;
            }
        }

        return null;
    }

    private static function unread(string $entry, string $why): BadRecord
    {
        return BadRecord::at(
            'breakdown',
            sprintf(
                '“%s” cannot be read: %s. Write it as 6 S, 10 M, 2 XL navy 200 mm.',
                mb_substr($entry, 0, 40),
                $why,
            ),
        );
    }
}
