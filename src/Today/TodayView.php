<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;
use Wubbin\Run\HandView;
use Wubbin\Sheet\Due\UnseenSheet;
use Wubbin\Task\TaskView;

/** What to do now: what runs, what comes next, what waits, and what is in the way. */
#[OA\Schema]
final readonly class TodayView
{
    /**
     * @param list<HandView> $clocks
     * @param list<TaskView> $printing
     * @param list<UnseenSheet> $unseen
     * @param list<NextThing> $next
     * @param list<WaitingThing> $waiting
     * @param list<Obstacle> $obstacles
     * @param list<PersonView> $people
     * @param list<MachineView> $machines
     */
    public function __construct(
        #[OA\Property(description: 'The server’s clock', format: 'date-time')] public string $now,
        public string $zone,
        #[
            OA\Property(
                description: 'Clocks that run at the bench and pieces to be judged, what wants hands next in front',
            ),
        ]
        public array $clocks,
        #[OA\Property(description: 'What prints just now')] public array $printing,
        #[OA\Property(description: 'What came out of a printer, and nobody has looked at')] public array $unseen,
        #[OA\Property(description: 'The next things of the plan, at most five')] public array $next,
        public array $waiting,
        public array $obstacles,
        #[
            OA\Property(
                type: 'integer',
                nullable: true,
                description: 'Seconds of work ahead of the plan; below zero behind it; null without one',
            ),
        ]
        public ?int $ahead,
        #[OA\Property(description: 'People have not seen the plan of today yet')] public bool $new,
        public array $people,
        public array $machines,
        #[OA\Property(description: 'There is no job yet')] public bool $empty,
    ) {}
}
