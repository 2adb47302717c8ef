<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\LaneKind;

/** Work of one kind in one go. */
#[OA\Schema]
final readonly class DayBlock
{
    /**
     * @param list<int> $pieces
     * @param list<string> $labels
     */
    public function __construct(
        #[OA\Property(description: 'Of its first activity')] public string $id,
        #[OA\Property(description: 'Numbers of those it is about')] public array $pieces,
        public bool $pinned,
        #[OA\Property(description: 'It is under way')] public bool $began,
        #[OA\Property(description: 'Of the lane it lies on')] public LaneKind $kind,
        #[OA\Property(description: 'Its lane among all of the day, from 0')] public int $lane,
        public string $job,
        public int $start,
        public int $end,
        public ?float $celsius,
        public bool $hands,
        public array $labels,
        #[OA\Property(description: 'Of work in it, in s, without what lies between')] public int $seconds,
        #[
            OA\Property(type: 'string', nullable: true, description: 'Of the bench, that it goes on with'),
        ]
        public ?string $session,
    ) {}

    /** @param array<string, int> $lanes the first of each kind, by its key */
    public static function of(Block $block, array $lanes): self
    {
        return new self(
            $block->id,
            $block->pieces,
            $block->pinned,
            $block->began,
            LaneKind::read($block->kind)[0],
            $lanes[$block->kind] + $block->lane,
            $block->group,
            $block->start,
            $block->end,
            $block->celsius,
            $block->hands,
            $block->labels,
            $block->seconds,
            $block->session(),
        );
    }
}
