<?php

declare(strict_types=1);

namespace Wubbin\Core\Ready;

/** A step that is done to pixels: of a drawing, pixels are made first. */
interface OnPixels extends ReadyStep {}
