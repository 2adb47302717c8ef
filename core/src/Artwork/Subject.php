<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** What a picture has in it that people look at first; the person says so. */
enum Subject: string
{
    case Lettering = 'lettering';
    case Face = 'face';

    public function label(): string
    {
        return match ($this) {
            self::Lettering => 'lettering',
            self::Face => 'a face',
        };
    }
}
