<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;

/**
 * What is found out about a picture by looking at its pixels once. Lengths are shares of its width, so that all of it
 * holds at any size that it is printed.
 */
final class Traits
{
    /** The outline is taken as of a picture so wide, at a margin that keeps it from following every pixel; both in mm. */
    private const NOMINAL_WIDTH = 200.0;
    private const NOMINAL_MARGIN = 0.8;

    /** @var array<string, CutLine> by the width it was wanted at: sizes of one job share it */
    private array $cutLines = [];

    /** @var array<string, Foresight> by the colour of the cloth */
    private array $foreseen = [];

    /**
     * @param Colour|null                               $background      the colour of its background; null where it has none of one colour
     * @param float                                     $backgroundShare of the picture, transparent parts included
     * @param Palette                                   $palette         of what is not background
     * @param Strokes                                   $strokes         of what is not background
     * @param float                                     $upsideDown      likeness to itself turned round, 0 to 1
     * @param list<non-empty-list<array{float, float}>> $outline         of what is not background, closed
     */
    private function __construct(
        public readonly ?Colour $background,
        public readonly float $backgroundShare,
        public readonly Palette $palette,
        public readonly Strokes $strokes,
        public readonly float $upsideDown,
        public readonly array $outline,
    ) {
    }

    public static function of(Bitmap $bitmap): self
    {
        $lab = LabPlanes::of($bitmap);
        $background = Background::of($bitmap, lab: $lab);
        $ink = $background->mask->inverse();

        return new self(
            $background->colour,
            $background->mask->share(),
            Palette::of($bitmap, $ink),
            Strokes::of($ink),
            UpsideDown::likeness($bitmap, $lab),
            array_map(static fn (array $loop): array => array_map(static fn (array $p): array => [$p[0] / self::NOMINAL_WIDTH, $p[1] / self::NOMINAL_WIDTH], $loop), CutLine::around($ink, self::NOMINAL_WIDTH / $bitmap->width, self::NOMINAL_MARGIN)->loops),
        );
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $colour = $record->stringOrNull('background');

        return new self(
            null === $colour ? null : Colour::hex($colour),
            $record->number('background_share'),
            Palette::ofColours(array_map(static fn (Record $one): array => [Colour::hex($one->string('colour')), $one->number('share')], $record->records('palette'))),
            Strokes::fromRecord($record->record('strokes')),
            $record->number('upside_down'),
            array_map(Polyline::fromRecord(...), $record->records('outline')),
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'background' => $this->background?->toHex(),
            'background_share' => $this->backgroundShare,
            'palette' => array_map(static fn (array $one): array => ['colour' => $one[0]->toHex(), 'share' => $one[1]], $this->palette->colours),
            'strokes' => $this->strokes->toRecord(),
            'upside_down' => $this->upsideDown,
            'outline' => array_map(static fn (array $loop): array => array_map(static fn (array $p): array => [round($p[0], 5), round($p[1], 5)], $loop), $this->outline),
        ];
    }

    /** The line along its outline at this width of the picture, and how hard it is to cut. */
    public function cutLine(float $widthMm): CutLine
    {
        return $this->cutLines[sprintf('%.3F mm', $widthMm)] ??= CutLine::scaled($this->outline, $widthMm);
    }

    /** What becomes of its colours on cloth of this one. */
    public function on(Colour $cloth): Foresight
    {
        return $this->foreseen[$cloth->toHex()] ??= Foresight::of($this->palette, $cloth);
    }
}
