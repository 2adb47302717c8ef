<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;

/** What a printer is to be told of a medium, as it was chosen. */
#[OA\Schema(required: ['marking', 'medium', 'device'])]
final readonly class SettingWish
{
    public function __construct(
        #[OA\Property(description: 'The printer, as the shelf has it')] public string $marking,
        #[OA\Property(description: 'Id, or “plain paper”')] public string $medium,
        public string $device,
        #[OA\Property(type: 'string', nullable: true)] public ?string $type = null,
        #[OA\Property(type: 'string', nullable: true)] public ?string $source = null,
        #[OA\Property(type: 'integer', nullable: true)] public ?int $quality = null,
    ) {}

    public function setting(): PrintSetting
    {
        return new PrintSetting($this->device, $this->type, $this->source, $this->quality);
    }
}
