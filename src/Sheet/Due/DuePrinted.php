<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;
use Wubbin\Sheet\Printing\PrintView;

/** What came of printing sheets that were due. */
#[OA\Schema]
final readonly class DuePrinted
{
    /** @param list<PrintView> $prints */
    public function __construct(#[OA\Property(description: 'Job after job')] public array $prints) {}
}
