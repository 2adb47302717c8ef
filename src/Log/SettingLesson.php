<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;
use Wubbin\Core\Log\PressSetting;
use Wubbin\Core\Log\SuccessShare;

/** How one setting does, and whether another beats it. */
#[OA\Schema]
final readonly class SettingLesson
{
    public function __construct(
        public PressSetting $setting,
        public SuccessShare $share,
        #[OA\Property(description: 'How likely the best one is better than it')] public ?float $beaten,
        public bool $sure,
    ) {}
}
