<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\Refusal;

/** Does one kind of long work. It may be begun again from the start, so that it leaves nothing half done. */
#[AutoconfigureTag('wubbin.task')]
interface TaskHandler
{
    /** What the list of work calls it. */
    public static function kind(): string;

    /**
     * @return object what the page is told, as it is written as JSON
     *
     * @throws Refusal where the person can mend it
     * @throws Cancelled
     */
    public function run(Record $input, Progress $progress): object;
}
