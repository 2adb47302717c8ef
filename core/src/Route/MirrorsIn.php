<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** The one place where what must be mirrored is mirrored. */
enum MirrorsIn: string
{
    /** Wubbin's file; “mirror” stays off in the driver. */
    case File = 'file';
    /** The printer's driver; Wubbin's file is turned beforehand, so that what stands beside the picture reads right. */
    case Driver = 'driver';
}
