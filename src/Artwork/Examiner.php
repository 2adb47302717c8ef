<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;

/** Reads an uploaded picture and looks at its pixels. */
interface Examiner
{
    /** Whether it takes longer than a page should wait for. */
    public function takesLong(string $path): bool;

    /**
     * @param string $path of the upload
     * @param string $into an existing directory for what is made from it
     *
     * @throws Refusal when it is not a picture that Wubbin can print
     */
    public function examine(string $path, string $into, Progress $progress): Examined;
}
