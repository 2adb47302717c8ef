<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\Record;

/**
 * What is found out about a picture by looking at its pixels once. Lengths are shares of its width, so that all of it
 * holds at any size that it is printed.
 */
final class Traits
{
    /** Outlines are taken as of a picture so wide, at these margins; the least keeps off single pixels. Both in mm. */
    private const NOMINAL_WIDTH = 200.0;
    private const NOMINAL_MARGINS = [0.8, 2.5, 5.0, 10.0];

    /** @var array<string, CutLine> by the width it was wanted at: sizes of one job share it */
    private array $cutLines = [];

    /** @var array<string, Foresight> by the colour of the cloth */
    private array $foreseen = [];

    /**
     * @param Colour|null $background the colour of
     *                                its background; null where it has none of one colour
     * @param float $backgroundShare of the picture,
     *                               transparent parts included
     * @param Palette $palette of what is not
     *                         background
     * @param Strokes $strokes of what is not
     *                         background
     * @param float $upsideDown likeness to
     *                          itself turned round, 0 to 1
     * @param float|null $letters how high the
     *                            smallest letters are, if it has any
     * @param Busy|null $busy how much is
     *                        going on where; null for one that was examined before that was asked
     * @param non-empty-list<array{float, list<non-empty-list<array{float, float}>>}> $outlines margins, the
     *                                                                                          least first, and the
     *                                                                                          closed lines at them
     *                                                                                          round what is not
     *                                                                                          background
     */
    private function __construct(
        public readonly ?Colour $background,
        public readonly float $backgroundShare,
        public readonly Palette $palette,
        public readonly Strokes $strokes,
        public readonly float $upsideDown,
        public readonly ?float $letters,
        public readonly ?Busy $busy,
        private readonly array $outlines,
    ) {}

    public static function of(Bitmap $bitmap): self
    {
        $lab = LabPlanes::of($bitmap);
        $background = Background::fromBitmap($bitmap, lab: $lab);
        $ink = $background->mask->inverse();
        $palette = Palette::fromBitmap($bitmap, $ink);

        return new self(
            $background->colour,
            $background->mask->share(),
            $palette,
            $palette->isFlat() ? Strokes::of($ink) : Strokes::none($bitmap->width),
            UpsideDown::likeness($bitmap, $lab),
            $palette->isFlat() ? Letters::smallest($ink) : null,
            Busy::fromLab($lab, $bitmap->width, $bitmap->height),
            self::outlinesOf($ink),
        );
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $colour = $record->stringOrNull('background');

        return new self(
            null === $colour ? null : Colour::hex($colour),
            $record->number('background_share'),
            Palette::ofColours(
                array_map(
                    static fn(Record $one): array => [Colour::hex($one->string('colour')), $one->number('share')],
                    $record->records('palette'),
                ),
            ),
            Strokes::fromRecord($record->record('strokes')),
            $record->number('upside_down'),
            $record->numberOrNull('letters'),
            $record->has('busy') ? Busy::fromRecord($record->record('busy')) : null,
            self::readOutlines($record->record('outlines')),
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'background' => $this->background?->toHex(),
            'background_share' => $this->backgroundShare,
            'palette' => array_map(
                static fn(array $one): array => ['colour' => $one[0]->toHex(), 'share' => $one[1]],
                $this->palette->colours,
            ),
            'strokes' => $this->strokes->toRecord(),
            'upside_down' => $this->upsideDown,
            'letters' => $this->letters,
            'busy' => $this->busy?->toRecord(),
            'outlines' => array_map(
                static fn(array $one): array => [
                    'margin' => $one[0],
                    'loops' => array_map(
                        static fn(array $loop): string => implode(
                            ' ',
                            array_map(static fn(array $p): string => sprintf('%.5F %.5F', $p[0], $p[1]), $loop),
                        ),
                        $one[1],
                    ),
                ],
                $this->outlines,
            ),
        ];
    }

    /** How much ink its rectangle takes on the whole, where a solid of one ink is 1. */
    public function coverage(bool $inColour): float
    {
        return (1.0 - $this->backgroundShare) * $this->palette->coverage($inColour);
    }

    /** The line to cut along at this width of the picture, at the widest margin that is no wider than wanted. */
    public function cutLine(float $widthMm, float $marginMm = 0.0): CutLine
    {
        [, $loops] = $this->outlines[0];
        foreach ($this->outlines as [$margin, $wider]) {
            // A hundredth more is forgiven to rounding.
            $loops = $margin * $widthMm <= 1.01 * $marginMm ? $wider : $loops;
        }

        return $this->cutLines[sprintf('%.3F mm at %.3F mm', $widthMm, $marginMm)] ??= CutLine::scaled(
            $loops,
            $widthMm,
        );
    }

    /**
     * What becomes of its colours on cloth of this one.
     *
     * @param Pattern|null $pattern with a second colour on it
     */
    public function on(Colour $cloth, ?Pattern $pattern = null): Foresight
    {
        return $this->foreseen[
            $cloth->toHex() . ($pattern?->kind->value ?? '') . ($pattern?->colour->toHex() ?? '')
        ] ??=
            null === $pattern
                ? Foresight::forPalette($this->palette, $cloth)
                : Foresight::overPattern($this->palette, $cloth, $pattern->colour, $pattern->kind->share());
    }

    /** @return non-empty-list<array{float, list<non-empty-list<array{float, float}>>}> */
    private static function outlinesOf(Mask $ink): array
    {
        if ($ink->count() === strlen($ink->set)) {
            // It fills its rectangle, and is cut along that.
            $high = $ink->height / $ink->width;

            return [[0.0, [[[0.0, 0.0], [1.0, 0.0], [1.0, $high], [0.0, $high]]]]];
        }
        $lines = CutLine::aroundAt($ink, self::NOMINAL_WIDTH / $ink->width, self::NOMINAL_MARGINS);

        return array_map(
            static fn(float $margin, CutLine $line): array => [
                $margin / self::NOMINAL_WIDTH,
                $line->sharesOf(self::NOMINAL_WIDTH),
            ],
            self::NOMINAL_MARGINS,
            $lines,
        );
    }

    /** @return non-empty-list<array{float, list<non-empty-list<array{float, float}>>}> */
    private static function readOutlines(Record $record): array
    {
        $outlines = array_map(
            static fn(Record $one): array => [
                $one->number('margin'),
                array_map(Contour::fromText(...), $one->strings('loops')),
            ],
            $record->each(),
        );

        return [] === $outlines ? throw BadRecord::at('outlines', 'A picture has an outline.') : $outlines;
    }
}
