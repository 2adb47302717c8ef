<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Record;

/**
 * What is found out about a picture by looking at its pixels once. Lengths are shares of its width, so that all of it
 * holds at any size that it is printed.
 */
final class Traits
{
    /** What a look finds out changes now and then. What an older one found is looked for again. */
    public const EDITION = 2;

    /** A picture that fills more of its rectangle than this leaves is cut along that (assumed). */
    private const WORTH_CUTTING = 0.05;

    /** @var array<string, Foresight> by the colour of the cloth */
    private array $foreseen = [];

    /**
     * @param Surroundings $surroundings whether it has a background
     * @param float $clearShare of the picture that is transparent
     * @param bool $photograph it is none of lines and areas
     * @param Palette $palette of all that is printed of it, its background too
     * @param Strokes $strokes of what stands out
     * @param float $upsideDown likeness to itself turned round, 0 to 1
     * @param float|null $letters how high the smallest letters are, if it has any
     * @param Busy $busy how much is going on where
     */
    private function __construct(
        public readonly Surroundings $surroundings,
        public readonly float $clearShare,
        public readonly bool $photograph,
        public readonly Palette $palette,
        public readonly Strokes $strokes,
        public readonly float $upsideDown,
        public readonly ?float $letters,
        public readonly Busy $busy,
    ) {}

    /**
     * @param bool $drawn the file holds lines and areas, and no pixels
     * @param Bitmap|null $finer the same picture with more pixels, for its lines
     */
    public static function of(Bitmap $bitmap, bool $drawn = false, ?Bitmap $finer = null): self
    {
        $lab = LabPlanes::of($bitmap);
        $opaque = $bitmap->opaque();
        $background = Background::fromBitmap($bitmap, lab: $lab);
        $surroundings = Surroundings::of($bitmap, $background, $lab, $drawn);
        $thing = [] === $surroundings->colours ? $opaque : $background->mask->inverse();
        $photograph = !$drawn && Nature::isPhotograph($bitmap, $thing);

        return new self(
            $surroundings,
            1.0 - $opaque->share(),
            $photograph,
            Palette::fromBitmap($bitmap, $opaque),
            $photograph
                ? Strokes::none($bitmap->width, $bitmap->height)
                : Strokes::of(InkPlane::fromBitmap($finer ?? $bitmap, $surroundings->behind())),
            UpsideDown::likeness($bitmap, $lab),
            $photograph ? null : Letters::smallest($thing),
            Busy::fromLab($lab, $bitmap->width, $bitmap->height),
        );
    }

    /**
     * Whether these are of a look as it is taken now.
     *
     * @throws BadRecord
     */
    public static function isCurrent(Record $record): bool
    {
        return $record->has('edition') && self::EDITION === $record->integer('edition');
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self(
            Surroundings::fromRecord($record->record('surroundings')),
            $record->number('clear_share'),
            $record->boolean('photograph'),
            Palette::ofColours(
                array_map(
                    static fn(Record $one): array => [Colour::hex($one->string('colour')), $one->number('share')],
                    $record->records('palette'),
                ),
                array_map(
                    static fn(Record $one): array => array_map(
                        static fn(int $thousandths): float => $thousandths / 1000.0,
                        $one->integers('borders'),
                    ),
                    $record->records('palette'),
                ),
            ),
            Strokes::fromRecord($record->record('strokes')),
            $record->number('upside_down'),
            $record->numberOrNull('letters'),
            Busy::fromRecord($record->record('busy')),
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'edition' => self::EDITION,
            'surroundings' => $this->surroundings->toRecord(),
            'clear_share' => $this->clearShare,
            'photograph' => $this->photograph,
            'palette' => array_map(
                fn(int $i, array $one): array => [
                    'colour' => $one[0]->toHex(),
                    'share' => $one[1],
                    'borders' => array_map(
                        static fn(float $share): int => (int) round(1000.0 * $share),
                        $this->palette->borders[$i] ?? [],
                    ),
                ],
                array_keys($this->palette->colours),
                $this->palette->colours,
            ),
            'strokes' => $this->strokes->toRecord(),
            'upside_down' => $this->upsideDown,
            'letters' => $this->letters,
            'busy' => $this->busy->toRecord(),
        ];
    }

    /** How much ink its rectangle takes on the whole, where a solid of one ink is 1. */
    public function coverage(bool $inColour): float
    {
        return (1.0 - $this->clearShare) * $this->palette->coverage($inColour);
    }

    /** Whether there is something to cut away round it: transparency, and nothing that is still to be taken away. */
    public function isCutOut(): bool
    {
        return $this->clearShare >= self::WORTH_CUTTING;
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
}
