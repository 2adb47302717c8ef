<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\Traits;
use Wubbin\Task\Progress;

/** Looks at the preview that reading a picture made of it. */
final readonly class PictureExaminer implements Examiner
{
    public function __construct(private PictureReader $reader) {}

    public function takesLong(string $path): bool
    {
        return $this->reader->takesLong($path);
    }

    public function examine(string $path, string $into, Progress $progress): Examined
    {
        $read = $this->reader->read($path, $into, $progress);
        $progress->at(0.7, 'Looking at its pixels');
        $preview = $into . '/' . ReadPicture::PREVIEW;

        return new Examined(
            $read,
            Traits::of(
                WorkingBitmap::of($preview),
                $read->drawn,
                WorkingBitmap::of($preview, WorkingBitmap::FINE_PIXELS),
            ),
        );
    }
}
