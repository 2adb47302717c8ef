<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\Traits;

/** What reading a picture and looking at its pixels gave. */
final readonly class Examined
{
    public function __construct(public ReadPicture $read, public Traits $traits) {}
}
