<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Wubbin\Artwork\Artwork;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Ready\OwnWords;

/** What one piece of a series has for itself on one of its prints. */
final readonly class PieceWords
{
    /**
     * @param string $label what tells the piece from others
     * @param Lettering|null $lettering in mm from the corner of its room; null where no picture has room for words
     * @param Artwork|null $picture of its own; null for the job's
     */
    public function __construct(
        public string $label,
        public ?Lettering $lettering,
        public ?OwnWords $own,
        public ?Artwork $picture,
    ) {}
}
