<?php

declare(strict_types=1);

namespace Wubbin\Day;

use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Day\Calendar;
use Wubbin\Core\Day\Pushed;
use Wubbin\Core\Day\Timetable;
use Wubbin\Http\JsonBody;
use Wubbin\Http\PdfAnswer;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Version;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Shelf\WorkHours;
use Wubbin\Shelf\WorkHoursStore;
use Wubbin\Storage\WriteTurn;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

/** What to do when. */
#[AsController]
final readonly class DayController
{
    public function __construct(
        private DayPlanner $days,
        private TaskQueue $tasks,
        private Provision $provision,
        private WorkHoursStore $workHours,
        private DayMemory $memory,
        private ClockInterface $clock,
        private RequestBody $bodies,
        private WriteTurn $turn,
        private ShopPapers $papers,
        private string $dataDirectory,
    ) {}

    #[Route('/api/day', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/day',
            operationId: 'getDay',
            responses: [
                new Answer(
                    200,
                    'The plan, as it was seen before with what has changed since; or why there is none',
                    DayView::class,
                ),
            ],
        ),
    ]
    public function get(): JsonResponse
    {
        return $this->view();
    }

    #[Route('/api/day.ics', methods: ['GET'])]
    public function calendar(): Response
    {
        $agenda = $this->days->agenda();

        return new Response(Calendar::fromTimetable($this->days->timetable($agenda), $agenda->names), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="day.ics"',
        ]);
    }

    #[Route('/api/day.pdf', methods: ['GET'])]
    public function sheet(): Response
    {
        $agenda = $this->days->agenda();

        return PdfAnswer::of(
            $this->papers->press(
                DaySheet::of(
                    $this->days->timetable($agenda),
                    $agenda->names,
                    $this->workHours->get(),
                    $this->workHours->zone(),
                    $this->papers->size(),
                ),
            ),
            'day',
        );
    }

    /** Begins anew: nothing has to stay as it was seen. */
    #[Route('/api/day', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/day',
            operationId: 'forgetDay',
            responses: [new Answer(200, 'A first plan', DayView::class)],
        ),
    ]
    public function forget(): JsonResponse
    {
        $this->memory->forget();

        return $this->view();
    }

    #[Route('/api/day/seen', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/day/seen',
            operationId: 'seeDay',
            responses: [new Answer(200, 'People go by this plan from now on', DayView::class)],
        ),
    ]
    public function seen(): JsonResponse
    {
        $agenda = $this->days->agenda();
        $table = $this->days->timetable($agenda);
        $this->memory->see($table);
        // Whoever has read that a pin holds nothing any more need not be told again.
        $this->memory->pin(array_intersect_key($this->memory->pins(), $agenda->day->activities));

        return $this->shown($table, new Agenda($agenda->day, $agenda->jobs, $agenda->later, []));
    }

    #[Route('/api/day/papers', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/day/papers',
            operationId: 'makeDayPapers',
            responses: [
                new Answer(202, 'The work, after which all papers of the day are there as one PDF', TaskView::class),
            ],
        ),
    ]
    public function makePapers(): JsonResponse
    {
        $this->days->agenda();

        return new JsonResponse(TaskView::of($this->tasks->add(MakeDayPapers::kind(), [])), 202);
    }

    #[Route('/api/day/papers.pdf', methods: ['GET'])]
    public function allPapers(): Response
    {
        $pdf = @file_get_contents(MakeDayPapers::file($this->dataDirectory));

        return PdfAnswer::of(
            false === $pdf ? throw new NotFound('Nobody has made the papers of the day yet.') : $pdf,
            'day-papers',
        );
    }

    #[Route('/api/day/better', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/day/better',
            operationId: 'betterDay',
            responses: [new Answer(202, 'The work, after which the plan is the best that was found', TaskView::class)],
        ),
    ]
    public function better(): JsonResponse
    {
        $this->days->agenda();

        return new JsonResponse(TaskView::of($this->tasks->add(PlanDay::kind(), [])), 202);
    }

    #[Route('/api/day/outlook', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/day/outlook',
            operationId: 'getOutlook',
            responses: [new Answer(200, 'Until when everything may lie, or what would make less late', Outlook::class)],
        ),
    ]
    public function outlook(): JsonResponse
    {
        $agenda = $this->days->agenda();

        return new JsonResponse(
            Outlook::fromTimetable(
                $this->days->timetable($agenda),
                $agenda->names,
                $this->workHours->zone(),
                $this->provision->told(),
            ),
        );
    }

    #[Route('/api/day/pins', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/day/pins',
            operationId: 'pinActivity',
            requestBody: new Body(NewPin::class),
            responses: [new Answer(200, 'Planned round it', DayView::class), new Refused(422, 'It cannot begin then')],
        ),
    ]
    public function pin(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, NewPin::class);
        $agenda = $this->turn->take(function () use ($request, $body): Agenda {
            $this->holdPins($request);

            return $this->days->pin($body->activity, $body->day, $body->time);
        });

        return $this->shown($this->days->timetable($agenda), $agenda);
    }

    #[Route('/api/day/pins/tried', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/day/pins/tried',
            operationId: 'tryPin',
            requestBody: new Body(NewPin::class),
            responses: [
                new Answer(200, 'What it would cost; nothing is kept', TriedPin::class),
                new Refused(422, 'It cannot begin then'),
            ],
        ),
    ]
    public function tried(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, NewPin::class);
        [$agenda, $before, $after] = $this->days->tried($body->activity, $body->day, $body->time);

        return new JsonResponse(
            new TriedPin(
                $after->starts[$body->activity],
                $after->score->finish,
                PushedView::all(Pushed::between($before, $after), $agenda->names),
            ),
        );
    }

    #[Route('/api/day/hours', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/day/hours',
            operationId: 'putHours',
            requestBody: new Body(WorkHours::class),
            responses: [new Answer(200, 'Planned by them', DayView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function hours(Request $request): JsonResponse
    {
        $hours = WorkHours::fromRecord(JsonBody::fromRequest($request));
        $this->turn->take(function () use ($request, $hours): void {
            $this->holdHours($request);
            $this->workHours->put($hours);
        });

        return $this->view();
    }

    private function view(): JsonResponse
    {
        try {
            $agenda = $this->days->agenda();
            $table = $this->days->timetable($agenda);
        } catch (Refusal $e) {
            return $this->version()->on(
                new JsonResponse(
                    DayView::not(
                        $e->getMessage(),
                        $this->clock->now()->getTimestamp(),
                        $this->workHours->zone()->getName(),
                        $this->workHours->get(),
                    ),
                ),
            );
        }

        return $this->shown($table, $agenda);
    }

    private function shown(Timetable $table, Agenda $agenda): JsonResponse
    {
        $hours = $this->workHours->get();
        $zone = $this->workHours->zone()->getName();

        return $this->version()->on(
            new JsonResponse(DayView::fromTimetable($table, $agenda, $this->days->moved($table), $zone, $hours)),
        );
    }

    /** Of what people say of a day: when they work, and what begins when. Neither stands in the other's way. */
    private function version(): Version
    {
        return Version::of($this->memory->pins())->and(Version::of($this->workHours->get()->toRecord()));
    }

    private function holdPins(Request $request): void
    {
        $this->memory->readAgain();
        $pins = $this->memory->pins();
        Version::of($pins)->hold($request, ['pins' => (object) $pins], $this->version());
    }

    private function holdHours(Request $request): void
    {
        $this->workHours->readAgain();
        $hours = $this->workHours->get()->toRecord();
        Version::of($hours)->hold($request, $hours, $this->version());
    }
}
