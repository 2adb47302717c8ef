<?php

declare(strict_types=1);

namespace Wubbin\Task;

/** Work that takes as long as it is let, and gets better meanwhile: nothing else waits behind it. */
interface Search extends TaskHandler {}
