<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

/** What lies round the thing that a picture shows. */
enum Ground: string
{
    /** Transparency: whoever made the picture has cut the thing out. */
    case Clear = 'clear';
    /** Nothing: the picture fills its frame. */
    case None = 'none';
    /** A background of one colour. */
    case Plain = 'plain';
    /** One colour, which a person may call background, or a part of the picture. */
    case Unsure = 'unsure';
    /** The light squares by which programs show transparency, painted into the picture. */
    case Checkered = 'checkered';
}
