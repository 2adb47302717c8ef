<?php

declare(strict_types=1);

/* How much slower this machine is now than the one that the targets are for. */

use Wubbin\Bench\Calibration;

require dirname(__DIR__) . '/vendor/autoload.php';

printf("%.4f\n", Calibration::slowness());
