<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Day\LaneKind;
use Wubbin\Http\RequestBody;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Shelf\WorkHoursStore;
use Wubbin\Storage\WriteTurn;

/** A machine out of order, a person away: said with one tap, and planned round. */
#[AsController]
final readonly class AbsenceController
{
    public function __construct(
        private DayPlanner $days,
        private Absences $absences,
        private WorkHoursStore $workHours,
        private RequestBody $bodies,
        private WriteTurn $turn,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/day/absences', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/day/absences',
            operationId: 'sayAbsence',
            requestBody: new Body(Absence::class),
            responses: [
                new Answer(200, 'What becomes late, and what would help', AbsenceView::class),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function say(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, Absence::class);
        $hours = $this->workHours->get();
        if (
            LaneKind::Place === $body->kind ||
            $body->number < 0 ||
            (LaneKind::Hands === $body->kind && $body->number >= $hours->hands)
        ) {
            throw InvalidInput::field('kind', 'Choose a machine, or somebody who works here.');
        }
        if (null !== $body->day) {
            $today = $this->clock->now()->setTimezone($this->workHours->zone())->format('Y-m-d');
            $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $body->day);
            if (false === $day || $day->format('Y-m-d') !== $body->day || $body->day <= $today) {
                throw InvalidInput::field('day', 'Choose a day to come, on which it is back.');
            }
        }
        $before = $this->days->timetable($this->days->agenda())->late();
        $this->turn->take(fn() => $this->absences->say($body->kind, $body->id, $body->number, $body->day));
        $agenda = $this->days->agenda();
        $table = $this->days->timetable($agenda);
        $new = array_values(array_diff($table->late(), $before));

        return new JsonResponse(
            new AbsenceView(
                array_map(static fn(string $id): string => $agenda->names[$id], $new),
                [] === $new ? [] : Outlook::fromTimetable($table, $agenda->names, $this->workHours->zone(), [])->mends,
            ),
        );
    }
}
