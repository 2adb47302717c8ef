<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\DayLoad;

/** How much of a day's hours is planned. */
#[OA\Schema]
final readonly class LoadView
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $day,
        #[OA\Property(description: 'That all hands together work, from now on')] public int $hours_s,
        #[OA\Property(description: 'Of them planned')] public int $load_s,
    ) {}

    public static function of(DayLoad $load): self
    {
        return new self($load->day, $load->hoursS, $load->loadS);
    }
}
