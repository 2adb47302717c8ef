<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Symfony\Component\Cache\Adapter\FilesystemAdapter;
use Symfony\Contracts\Cache\ItemInterface;
use Wubbin\Core\Sheet\Gang\KnownSheets;

/** Keeps fillings beside the application's cache, from one question to the next. */
final class FilledSheets implements KnownSheets
{
    /** What nobody has asked for so long is filled anew, in s. */
    private const KEPT_S = 2_592_000;

    private readonly FilesystemAdapter $kept;

    public function __construct(string $cacheDirectory)
    {
        $this->kept = new FilesystemAdapter('sheets', self::KEPT_S, $cacheDirectory);
    }

    public function of(string $what, \Closure $fill): array
    {
        return $this->kept->get(hash('sha256', $what), static fn(ItemInterface $item): array => $fill());
    }
}
