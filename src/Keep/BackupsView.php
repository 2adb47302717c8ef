<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use OpenApi\Attributes as OA;

/** Where backups are kept, and those that there are. */
#[OA\Schema]
final readonly class BackupsView
{
    /** @param list<BackupView> $backups */
    public function __construct(public string $directory, public array $backups) {}
}
