<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;
use Wubbin\Core\Log\SuccessShare;
use Wubbin\Core\Log\Survival;

/** What past pieces of a route teach. */
#[OA\Schema]
final readonly class RouteLesson
{
    /**
     * @param list<SettingLesson> $settings
     * @param list<DefectCount> $defects
     */
    public function __construct(
        public string $route,
        public string $label,
        public SuccessShare $share,
        public array $settings,
        public array $defects,
        public Survival $survival,
    ) {}
}
