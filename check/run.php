<?php

declare(strict_types=1);

use Wubbin\Check\Run;

require dirname(__DIR__) . '/vendor/autoload.php';

exit(Run::with(array_slice($argv, 1)));
