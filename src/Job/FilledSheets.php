<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Exception\DriverException;
use Symfony\Component\Cache\Adapter\FilesystemAdapter;
use Symfony\Contracts\Cache\ItemInterface;
use Wubbin\Core\Sheet\Gang\KnownSheets;

/** Keeps fillings beside the application's cache, from one question to the next; what was found, with the jobs. */
final readonly class FilledSheets implements KnownSheets
{
    /** What nobody has asked for so long is filled anew, in s. */
    private const KEPT_S = 2_592_000;

    private FilesystemAdapter $kept;

    public function __construct(private Connection $shop, string $cacheDirectory)
    {
        $this->kept = new FilesystemAdapter('sheets', self::KEPT_S, $cacheDirectory);
    }

    public function of(string $what, \Closure $fill): array
    {
        return $this->kept->get(self::key($what), static fn(ItemInterface $item): array => $fill());
    }

    public function found(string $what): ?array
    {
        try {
            $sheets = $this->shop->fetchOne('SELECT sheets FROM found_sheets WHERE what = ?', [self::key($what)]);
        } catch (DriverException) {
            // A job file is planned at the console without any shop, or with a disk that is full.
            return null;
        }

        return is_string($sheets) ? FoundSheets::read($sheets) : null;
    }

    public static function key(string $what): string
    {
        return hash('sha256', $what);
    }
}
