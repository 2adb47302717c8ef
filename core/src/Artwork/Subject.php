<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** What a picture has in it, where the person has to say so. */
enum Subject: string
{
    case Lettering = 'lettering';
    case Face = 'face';
    /** The colour round the thing it shows is a part of it: a flag's field, a sign's board. */
    case Field = 'field';

    public function label(): string
    {
        return match ($this) {
            self::Lettering => 'lettering',
            self::Face => 'a face',
            self::Field => 'the colour round it',
        };
    }

    /** People look at it first, so that it must not lie where nobody sees it. */
    public function isLookedAt(): bool
    {
        return self::Field !== $this;
    }
}
