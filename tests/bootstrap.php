<?php

declare(strict_types=1);

use Wubbin\Tests\Support\Leftovers;

require dirname(__DIR__) . '/vendor/autoload.php';

Leftovers::own();
