<?php

declare(strict_types=1);

namespace Wubbin\Task;

/** The work is no longer wanted, or somebody else has taken it over. */
final class Cancelled extends \RuntimeException {}
