<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/** What a backup holds, after all of it was looked through. */
final readonly class BackupContents
{
    /**
     * @param string $made the instant, UTC
     * @param int $schema number of the last migration of its database
     * @param array<string, int> $rows by table
     */
    public function __construct(public string $made, public int $schema, public int $files, public array $rows) {}
}
