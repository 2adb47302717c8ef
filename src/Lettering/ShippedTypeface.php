<?php

declare(strict_types=1);

namespace Wubbin\Lettering;

use FontLib\Glyph\Outline as FontGlyph;
use FontLib\Glyph\OutlineComponent;
use FontLib\Glyph\OutlineComposite;
use FontLib\TrueType\File;
use Wubbin\Core\Lettering\Face;
use Wubbin\Core\Lettering\Glyph;
use Wubbin\Core\Lettering\Outline;
use Wubbin\Core\Lettering\Shaped;
use Wubbin\Core\Lettering\Typeface;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\OutsideProgram;

/** A typeface of a TrueType file: HarfBuzz says which letters stand where, the file how they look. */
final class ShippedTypeface implements Typeface
{
    private const SECONDS = 30.0;

    private ?File $font = null;

    /** @var array<int, Outline> by number in the font, in its own units, y upwards */
    private array $outlines = [];

    /** @var array<int, Outline> the same in heights of a capital, y downwards */
    private array $scaled = [];

    /** @var array{capital: float, above: float, below: float, stem: float}|null the first in the font's units */
    private ?array $measures = null;

    public function __construct(private readonly Face $face, private readonly string $file) {}

    public function face(): Face
    {
        return $this->face;
    }

    public function below(): float
    {
        return $this->measures()['below'];
    }

    public function above(): float
    {
        return $this->measures()['above'];
    }

    public function stem(): float
    {
        return $this->measures()['stem'];
    }

    public function shape(array $lines): array
    {
        $shaped = array_fill(0, count($lines), new Shaped([], 0.0));
        // The shaper reads line by line, and would not count empty ones.
        $asked = array_filter($lines, static fn(string $line): bool => '' !== $line);
        if ([] === $asked) {
            return $shaped;
        }
        $said = explode("\n", trim($this->said(implode("\n", $asked) . "\n")));
        foreach (array_keys($asked) as $n => $at) {
            $shaped[$at] = $this->line($asked[$at], $said[$n] ?? '[]');
        }

        return array_values($shaped);
    }

    private function said(string $lines): string
    {
        return OutsideProgram::run(
            ['hb-shape', '--output-format=json', '--no-glyph-names', '--utf8-clusters', '--font-file=' . $this->file],
            self::SECONDS,
            $lines,
        );
    }

    /** @param string $said of each letter its number in the font, the byte it stands for, and how far it goes */
    private function line(string $text, string $said): Shaped
    {
        $capital = $this->measures()['capital'];
        $glyphs = $missing = [];
        [$right, $up] = [0.0, 0.0];
        foreach (Record::of(['glyphs' => json_decode($said, true)])->records('glyphs') as $one) {
            $number = $one->integer('g');
            if (0 === $number) {
                $missing[] = mb_substr(mb_strcut($text, $one->integer('cl')), 0, 1);
            } else {
                $glyphs[] = new Glyph(
                    ($this->scaled[$number] ??= $this->outline($number)->mapped(
                        static fn(float $x, float $y): array => [$x / $capital, -$y / $capital],
                    )),
                    ($right + $one->number('dx')) / $capital,
                    ($up + $one->number('dy')) / $capital,
                    $one->number('ax') / $capital,
                );
            }
            $right += $one->number('ax');
            $up += $one->number('ay');
        }

        return new Shaped($glyphs, $right / $capital, array_values(array_unique($missing)));
    }

    /** @return array{capital: float, above: float, below: float, stem: float} */
    private function measures(): array
    {
        if (null === $this->measures) {
            /** @var array<int, int> $map */
            $map = $this->font()->getUnicodeCharMap();
            $of = fn(string $letter): Outline => $this->outline($map[mb_ord($letter)]);
            $capital = $of('H')->box()?->bottom() ?? 1.0;
            // Accented capitals and letters with descenders are what names reach highest and lowest with.
            $this->measures = [
                'capital' => $capital,
                'above' => ($of('Å')->box()?->bottom() ?? $capital) / $capital,
                'below' => -min($of('g')->box()->yMm ?? 0.0, $of('p')->box()->yMm ?? 0.0) / $capital,
                'stem' => self::narrowest($of('I'), $capital) / $capital,
            ];
        }

        return $this->measures;
    }

    /** How wide the letter is half-way up, where serifs do not reach. */
    private static function narrowest(Outline $letter, float $capital): float
    {
        $crossings = [];
        foreach ($letter->loops($capital / 500.0) as $loop) {
            foreach ($loop as $i => [$x, $y]) {
                [$x2, $y2] = $loop[($i + 1) % count($loop)];
                if ($y > $capital / 2.0 !== $y2 > $capital / 2.0) {
                    $crossings[] = $x + (($capital / 2.0 - $y) / ($y2 - $y)) * ($x2 - $x);
                }
            }
        }

        return [] === $crossings ? $capital / 8.0 : max($crossings) - min($crossings);
    }

    private function outline(int $number): Outline
    {
        return $this->outlines[$number] ??= $this->drawn($this->glyphs()[$number] ?? null);
    }

    private function drawn(?FontGlyph $glyph): Outline
    {
        if (null === $glyph) {
            return Outline::nothing();
        }
        $glyph->parseData();
        if (!($glyph instanceof OutlineComposite)) {
            /** @var string $path */
            $path = $glyph->getSVGContours();

            return Outline::fromPath(strtoupper(str_replace(',', ' ', $path)));
        }
        $parts = [];
        /** @var list<OutlineComponent> $components */
        $components = $glyph->components;
        foreach ($components as $part) {
            /** @var list<float> $matrix */
            $matrix = $part->getMatrix();
            [$a, $b, $c, $d, $e, $f] = $matrix;
            $parts[] = $this->outline(self::number($part))->mapped(
                static fn(float $x, float $y): array => [$a * $x + $c * $y + $e, $b * $x + $d * $y + $f],
            );
        }

        return Outline::joined($parts);
    }

    private static function number(OutlineComponent $part): int
    {
        return is_int($part->glyphIndex) ? $part->glyphIndex : 0;
    }

    /** @return array<int, FontGlyph> */
    private function glyphs(): array
    {
        /** @var array<int, FontGlyph> $glyphs */
        $glyphs = $this->font()->getData('glyf');

        return $glyphs;
    }

    private function font(): File
    {
        if (null === $this->font) {
            $this->font = new File();
            $this->font->load($this->file);
            $this->font->parse();
        }

        return $this->font;
    }
}
