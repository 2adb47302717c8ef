<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Artwork\Origin;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Instant;

/**
 * A picture in the shop's store: what is known of it, and what form of it goes into a sheet. The original is never
 * changed.
 */
#[ORM\Entity]
#[ORM\Table(name: 'artwork')]
class Artwork
{
    #[ORM\Column(length: 24)]
    public readonly string $created;

    /** @param array<string, mixed> $facts the picture and where its visible part lies */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $sha256,
        #[ORM\Column(type: 'json')] private array $facts,
        \DateTimeImmutable $now,
    ) {
        $this->created = Instant::write($now);
    }

    public static function fromRead(
        string $sha256,
        string $name,
        ReadPicture $read,
        Traits $traits,
        ?string $madeOf,
        \DateTimeImmutable $now,
    ): self {
        return new self(
            $sha256,
            [
                ...Picture::fromFile(
                    $sha256,
                    $name,
                    $read->kind,
                    $read->width,
                    $read->height,
                    $read->hasTransparency,
                    $traits,
                    null === $madeOf ? null : Origin::fromPicture($madeOf, ...$read->visible),
                    $read->note,
                    $read->pixels,
                )->toRecord(),
                'visible' => $read->visible,
                'form' => $read->form,
            ],
            $now,
        );
    }

    /** What a new look at its pixels told; null where its file cannot be read any more. */
    public function lookedAt(?Traits $traits): void
    {
        $this->facts = ['traits' => $traits?->toRecord(), 'looked' => Traits::EDITION] + $this->facts;
    }

    public function picture(): Picture
    {
        return Picture::fromRecord(Record::of($this->facts));
    }

    /** What of the file was not taken. */
    public function note(): ?string
    {
        return Record::of($this->facts)->stringOrNull('note');
    }

    /** The name under which the form for printing is stored beside the original. */
    public function form(): string
    {
        return Record::of($this->facts)->string('form');
    }

    /**
     * Where the visible part lies in the form for printing, as shares of its width and height.
     *
     * A raster form is already cut to it.
     *
     * @return array{x: float, y: float, width: float, height: float}
     */
    public function visibleInForm(): array
    {
        return PictureKind::Raster === $this->picture()->kind
            ? ['x' => 0.0, 'y' => 0.0, 'width' => 1.0, 'height' => 1.0]
            : $this->visibleOfFile();
    }

    /**
     * Where the visible part lies in the file that was taken, as shares of its width and height.
     *
     * @return array{x: float, y: float, width: float, height: float}
     */
    public function visibleOfFile(): array
    {
        $visible = Record::of($this->facts)->record('visible');

        return [
            'x' => $visible->number('x'),
            'y' => $visible->number('y'),
            'width' => $visible->number('width'),
            'height' => $visible->number('height'),
        ];
    }
}
