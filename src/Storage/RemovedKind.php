<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** What can be deleted. */
enum RemovedKind: string
{
    case Job = 'job';
    case Order = 'order';
    case Picture = 'picture';
    case Recipe = 'recipe';
    case Quote = 'quote';
}
