<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** How well a route suits a blank. */
enum Fit: string
{
    case Good = 'good';
    /** Likely to disappoint; some like it so. */
    case Risky = 'risky';
    /** Will cost the piece; a person may go on with a reason. */
    case Bad = 'bad';
    /** Cannot be, or harms a machine. */
    case Impossible = 'impossible';
}
