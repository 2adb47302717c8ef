<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Long work that nobody has to ask for: a worker begins it when it is due. */
#[AutoconfigureTag('wubbin.duty')]
interface Duty extends TaskHandler
{
    public function isDue(): bool;
}
