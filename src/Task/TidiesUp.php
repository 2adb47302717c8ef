<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Wubbin\Core\Measure\Record;

/**
 * Work that was given something to be thrown away afterwards. Only once it is written down that it is over: whoever is
 * interrupted before begins again, and needs it.
 */
interface TidiesUp extends TaskHandler
{
    public function tidyUp(Record $input): void;
}
