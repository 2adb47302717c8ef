<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** A shop cannot be had for oneself; the message says why, and what to do. */
final class ShopIsOpen extends \RuntimeException {}
