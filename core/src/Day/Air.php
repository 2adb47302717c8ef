<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** What an activity does to the air of the room that it is done in. */
enum Air: string
{
    /** Something is hot. */
    case Hot = 'hot';
    /** A solvent, a spray or a varnish is opened. */
    case Vapour = 'vapour';
}
