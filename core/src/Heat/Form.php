<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

/** Whether heat goes straight through, or inward round an axis. */
enum Form: string
{
    case Plane = 'plane';
    case Cylinder = 'cylinder';
}
