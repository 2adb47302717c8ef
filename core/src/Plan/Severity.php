<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

/** How a check came out, from fine to final. */
enum Severity: string
{
    case Pass = 'pass';
    /** Worth knowing. */
    case Note = 'note';
    /** Likely to disappoint. */
    case Warn = 'warn';
    /** Something is still to be decided or brought. */
    case Missing = 'missing';
    /** Will cost the piece; a person may go on with a reason. */
    case Stop = 'stop';
    /** Cannot be done, or would damage a machine: no reason sets it aside. */
    case Impossible = 'impossible';
}
