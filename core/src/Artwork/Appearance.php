<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Colour;

/**
 * How a picture looks at a moment of the work: what becomes of each of its colours in linear light, and of its surface.
 *
 * A colour is a column of red, green, blue and one; the matrix has three rows of four. That is enough for ink over
 * cloth (a filter), for dye that is still dull and for milky tissue (mixed with grey or white), and any screen can draw
 * it.
 */
final readonly class Appearance implements \JsonSerializable
{
    /** Weights of relative luminance: IEC 61966-2-1. */
    private const LUMINANCE = [0.2126, 0.7152, 0.0722];

    /** What milk-white tissue gives back where nothing is printed, in linear light (assumed). */
    private const MILK = 0.8;

    /** Dull dye leaves a grey of this lightness, in linear light (assumed). */
    private const DULL_GREY = 0.25;

    /**
     * @param list<array{float, float, float, float}> $matrix three rows
     * @param float $gaps the part of the ink that does not come down, 0 to 1
     * @param float $grainMm about how large the gaps are
     * @param bool $gloss it shines
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $words,
        public array $matrix,
        public float $gaps = 0.0,
        public float $grainMm = 0.0,
        public bool $gloss = false,
    ) {}

    public static function asDrawn(): self
    {
        return new self('drawn', 'as drawn', 'As it is drawn, on white.', self::filter([1.0, 1.0, 1.0]));
    }

    /** Clear ink over a colour; opaque ink hides it. */
    public static function over(string $words, ?Colour $cloth, float $gaps, float $grainMm, bool $gloss): self
    {
        return new self(
            'worn',
            'as it will be',
            $words,
            self::filter(null === $cloth ? [1.0, 1.0, 1.0] : $cloth->linearChannels()),
            $gaps,
            $grainMm,
            $gloss,
        );
    }

    /** @param float $dull how much of its colour is not there yet, 0 to 1 */
    public static function onTheSheet(string $words, float $dull): self
    {
        $rows = [];
        for ($row = 0; $row < 3; ++$row) {
            $mixed = array_map(static fn(float $weight): float => 0.5 * $dull * $weight, self::LUMINANCE);
            $mixed[$row] += 1.0 - $dull;
            $rows[] = [$mixed[0], $mixed[1], $mixed[2], 0.5 * $dull * self::DULL_GREY];
        }

        return new self('sheet', 'on the sheet', $words, $rows);
    }

    /** @param float $milk how much of it is hidden, 0 to 1 */
    public static function before(string $label, string $words, float $milk): self
    {
        $keep = 1.0 - $milk;
        $offset = $milk * self::MILK;

        return new self('before', $label, $words, [
            [$keep, 0.0, 0.0, $offset],
            [0.0, $keep, 0.0, $offset],
            [0.0, 0.0, $keep, $offset],
        ]);
    }

    /** The same from a printer that has only black: each colour as the grey of its luminance. */
    public function inGreys(string $words): self
    {
        return new self(
            $this->id,
            $this->label,
            $words,
            array_map(static function (array $row): array {
                $light = $row[0] + $row[1] + $row[2];

                return [$light * self::LUMINANCE[0], $light * self::LUMINANCE[1], $light * self::LUMINANCE[2], $row[3]];
            }, $this->matrix),
            $this->gaps,
            $this->grainMm,
            $this->gloss,
        );
    }

    /** Nothing is printed on a white sheet: its shape in white. */
    public function inWhite(string $words): self
    {
        $white = [0.0, 0.0, 0.0, 1.0];

        return new self($this->id, $this->label, $words, [$white, $white, $white], 0.0, 0.0, $this->gloss);
    }

    public function of(Colour $colour): Colour
    {
        [$r, $g, $b] = $colour->linearChannels();
        [$red, $green, $blue] = array_map(
            static fn(array $row): float => $row[0] * $r + $row[1] * $g + $row[2] * $b + $row[3],
            $this->matrix,
        );

        return Colour::ofLinear($red, $green, $blue);
    }

    /**
     * @return array{id: string, label: string, words: string, matrix: list<float>, gaps: float, grain_mm: float,
     *     gloss: bool}
     */
    public function jsonSerialize(): array
    {
        return [
            'id' => $this->id,
            'label' => $this->label,
            'words' => $this->words,
            'matrix' => array_merge(...$this->matrix),
            'gaps' => $this->gaps,
            'grain_mm' => $this->grainMm,
            'gloss' => $this->gloss,
        ];
    }

    /**
     * @param array{float, float, float} $channels
     *
     * @return list<array{float, float, float, float}>
     */
    private static function filter(array $channels): array
    {
        return [[$channels[0], 0.0, 0.0, 0.0], [0.0, $channels[1], 0.0, 0.0], [0.0, 0.0, $channels[2], 0.0]];
    }
}
