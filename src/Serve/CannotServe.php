<?php

declare(strict_types=1);

namespace Wubbin\Serve;

/** A shop cannot be opened; the message says what to do about it. */
final class CannotServe extends \RuntimeException {}
