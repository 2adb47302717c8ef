<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Size;

/**
 * What a printer says of itself that it can do: paper sizes, kinds and trays in its own words. Names of sizes are those
 * of PWG 5101.1, Media Standardized Names, which say their measures: “iso_a4_210x297mm”, “na_letter_8.5x11in”.
 */
final readonly class PrinterOffer
{
    /** Sizes differ by so much and are still the same, in mm: names are rounded to tenths of an inch at worst. */
    private const SAME_MM = 1.0;

    /** Words that leave the choice to the printer. */
    private const OPEN = ['auto', 'auto-select', 'other'];

    /**
     * @param list<string> $media names of sizes
     * @param list<string> $types keywords of kinds of paper
     * @param list<string> $sources keywords of trays
     * @param list<int> $qualities from 3, draft, to 5, high
     */
    public function __construct(
        public array $media,
        public array $types,
        public array $sources,
        public array $qualities,
    ) {}

    /**
     * What the printer calls paper of a size, in mm; null where it has none. A size of its own it takes within the
     * range that it says.
     */
    public function mediaFor(Size $size): ?string
    {
        $least = $most = null;
        foreach ($this->media as $name) {
            $own = self::sizeOf($name);
            if (null === $own) {
                continue;
            }
            if (str_starts_with($name, 'custom_min')) {
                $least = $own;
            } elseif (str_starts_with($name, 'custom_max')) {
                $most = $own;
            } elseif (self::same($own, $size)) {
                return $name;
            }
        }
        $within =
            null !== $least &&
            null !== $most &&
            $size->widthMm >= $least->widthMm &&
            $size->heightMm >= $least->heightMm &&
            $size->widthMm <= $most->widthMm &&
            $size->heightMm <= $most->heightMm;

        return $within ? sprintf('custom_%sx%smm', self::mm($size->widthMm), self::mm($size->heightMm)) : null;
    }

    /** The measures that a name says, upright; null where it says none. */
    public static function sizeOf(string $name): ?Size
    {
        if (1 !== preg_match('/_(\d+(?:\.\d+)?)x(\d+(?:\.\d+)?)(mm|in)$/', $name, $found)) {
            return null;
        }
        $mm = 'in' === $found[3] ? Length::MM_PER_INCH : 1.0;
        [$one, $other] = [(float) $found[1] * $mm, (float) $found[2] * $mm];

        return $one > 0.0 && $other > 0.0 ? Size::mm(min($one, $other), max($one, $other)) : null;
    }

    /** A keyword as people read it: “photographic-glossy” is “photographic glossy”. */
    public static function words(string $keyword): string
    {
        return str_replace(['-', '_'], ' ', $keyword);
    }

    /**
     * What of the things wanted the printer does not offer.
     *
     * @return list<string> whole sentences; none where it offers all
     */
    public function lacks(Size $size, ?string $type, ?string $source, ?int $quality): array
    {
        $lacks = [];
        if ([] !== $this->media && null === $this->mediaFor($size)) {
            $lacks[] = sprintf(
                'This printer offers no paper of %s × %s mm.',
                self::mm($size->widthMm),
                self::mm($size->heightMm),
            );
        }
        if (null !== $type && !in_array($type, $this->types, true)) {
            $lacks[] = sprintf('It no longer offers the kind of paper “%s”.', self::words($type));
        }
        if (null !== $source && !in_array($source, $this->sources, true)) {
            $lacks[] = sprintf('It no longer offers the tray “%s”.', self::words($source));
        }
        if (null !== $quality && !in_array($quality, $this->qualities, true)) {
            $lacks[] = 'It no longer offers this quality.';
        }

        return $lacks;
    }

    /** @return list<string> kinds of paper that say something */
    public function namedTypes(): array
    {
        return array_values(array_diff($this->types, self::OPEN));
    }

    /** @return list<string> trays that say something */
    public function namedSources(): array
    {
        return array_values(array_diff($this->sources, self::OPEN));
    }

    private static function same(Size $one, Size $other): bool
    {
        return abs($one->widthMm - $other->widthMm) <= self::SAME_MM &&
            abs($one->heightMm - $other->heightMm) <= self::SAME_MM;
    }

    private static function mm(float $mm): string
    {
        return rtrim(rtrim(number_format($mm, 1, '.', ''), '0'), '.');
    }
}
