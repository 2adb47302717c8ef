<?php

declare(strict_types=1);

namespace Wubbin\Task;

/** A program of this machine could not do what it was asked; the message is what it complained of. */
final class ProgramFailed extends \RuntimeException {}
