<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\PictureKind;

/** What reading an uploaded picture gave, with the files made from it in a directory of their own. */
final readonly class ReadPicture
{
    public const PREVIEW = 'preview.png';

    /** What of the picture is seen: there where a part of it is transparent. */
    public const COVERAGE = 'coverage.pgm.gz';

    /**
     * @param float $width of the visible part, pixels or user units
     * @param float $height of the visible part, pixels or user units
     * @param array{x: float, y: float, width: float, height: float} $visible shares of the whole picture
     * @param string $form file name of the form for printing
     * @param bool $drawn it holds lines and areas, and no pixels
     * @param string|null $note what of the file is not taken
     * @param float|null $pixels across its width, of a drawing that holds some
     */
    public function __construct(
        public PictureKind $kind,
        public float $width,
        public float $height,
        public bool $hasTransparency,
        public array $visible,
        public string $form,
        public bool $drawn,
        public ?string $note = null,
        public ?float $pixels = null,
    ) {}

    /** @return list<string> names of the files that may be made: what is seen of it, only where parts are clear */
    public function files(): array
    {
        return [self::PREVIEW, self::COVERAGE, $this->form];
    }

    public function noted(string $note): self
    {
        return new self(
            $this->kind,
            $this->width,
            $this->height,
            $this->hasTransparency,
            $this->visible,
            $this->form,
            $this->drawn,
            null === $this->note ? $note : $note . ' ' . $this->note,
            $this->pixels,
        );
    }
}
