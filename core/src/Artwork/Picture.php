<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;

/**
 * What is known of a picture without looking at it again.
 *
 * Width and height are those of its visible part, upright: pixels for a raster picture, user units for a vector one.
 */
final readonly class Picture
{
    private function __construct(
        public string $sha256,
        public string $name,
        public PictureKind $kind,
        public float $width,
        public float $height,
        public bool $hasTransparency,
        public ?Traits $traits,
        public ?Origin $origin,
        public ?string $note,
        private ?float $pixels,
        public ?Outlines $outlines = null,
    ) {}

    /**
     * @param Traits|null $traits what its pixels told; null where nobody has looked at them
     * @param string|null $note what of its file was not taken, or is drawn otherwise
     * @param float|null $pixels across its width, of a drawing that holds some
     *
     * @throws BadRecord unless both sides are above zero
     */
    public static function fromFile(
        string $sha256,
        string $name,
        PictureKind $kind,
        float $width,
        float $height,
        bool $hasTransparency,
        ?Traits $traits = null,
        ?Origin $origin = null,
        ?string $note = null,
        ?float $pixels = null,
    ): self {
        if ($width <= 0.0 || $height <= 0.0) {
            throw BadRecord::at('artwork', 'The picture has no size.');
        }

        return new self($sha256, $name, $kind, $width, $height, $hasTransparency, $traits, $origin, $note, $pixels);
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return self::fromFile(
            $record->string('sha256'),
            $record->string('name'),
            $record->enum('kind', PictureKind::class),
            $record->number('width'),
            $record->number('height'),
            $record->boolean('has_transparency'),
            $record->has('traits') && Traits::isCurrent($record->record('traits'))
                ? Traits::fromRecord($record->record('traits'))
                : null,
            $record->has('origin') ? Origin::fromRecord($record->record('origin')) : null,
            $record->stringOrNull('note'),
            $record->has('pixels') ? $record->number('pixels') : null,
        );
    }

    /**
     * @return array{sha256: string, name: string, kind: string, width: float, height: float, has_transparency: bool,
     *     traits: array<string, mixed>|null, origin: array<string, mixed>|null, note: string|null,
     *     pixels: float|null}
     */
    public function toRecord(): array
    {
        return [
            'sha256' => $this->sha256,
            'name' => $this->name,
            'kind' => $this->kind->value,
            'width' => $this->width,
            'height' => $this->height,
            'has_transparency' => $this->hasTransparency,
            'traits' => $this->traits?->toRecord(),
            'origin' => $this->origin?->toRecord(),
            'note' => $this->note,
            'pixels' => $this->pixels,
        ];
    }

    /** With what can tell the lines to cut it out along. */
    public function outlined(Outlines $outlines): self
    {
        return new self(
            $this->sha256,
            $this->name,
            $this->kind,
            $this->width,
            $this->height,
            $this->hasTransparency,
            $this->traits,
            $this->origin,
            $this->note,
            $this->pixels,
            $outlines,
        );
    }

    /** The line to cut it along: round what is seen of it, or along its frame where it fills that. */
    public function cutLine(Size $printed, float $marginMm, bool $easier = false): CutLine
    {
        return match (true) {
            null === $this->outlines, true !== $this->traits?->isCutOut() => CutLine::alongFrame($printed, $marginMm),
            $easier => $this->outlines->easierAt($printed, $marginMm),
            default => $this->outlines->at($printed, $marginMm),
        };
    }

    public function aspect(): float
    {
        return $this->width / $this->height;
    }

    /** Pixels across its width: of a drawing that holds pixels, those of the coarsest; null for line art. */
    private function pixelsAcross(): ?float
    {
        return PictureKind::Vector === $this->kind ? $this->pixels : $this->width;
    }

    /** Pixels an inch when printed this large; null for line art, which has none. */
    public function effectiveDpi(Size $printed): ?float
    {
        $pixels = $this->pixelsAcross();

        return null === $pixels ? null : $pixels / ($printed->widthMm / 25.4);
    }

    /** The widest it may be printed, in mm, and still have this many pixels an inch; null for line art. */
    public function widestAt(float $dpi): ?float
    {
        $pixels = $this->pixelsAcross();

        return null === $pixels ? null : ($pixels / $dpi) * 25.4;
    }
}
