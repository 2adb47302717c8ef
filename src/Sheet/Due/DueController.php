<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\PrinterOffer;
use Wubbin\Http\PdfAnswer;
use Wubbin\Http\RequestBody;
use Wubbin\Http\ShopKey;
use Wubbin\Pdf\Paper;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Sheet\Printing\OfferView;
use Wubbin\Sheet\Printing\PrintDevices;
use Wubbin\Sheet\Printing\PrintSetting;
use Wubbin\Sheet\Printing\PrintSettings;
use Wubbin\Sheet\Printing\SettingWish;
use Wubbin\Storage\WriteTurn;
use Wubbin\Task\Task;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

/** All that there is to print, in one place: what is due, what came out, and what each printer is told. */
#[AsController]
final readonly class DueController
{
    public function __construct(
        private DueSheets $due,
        private PrintJudge $judge,
        private SharedSheets $shared,
        private PrintSettings $settings,
        private PrintDevices $devices,
        private TaskQueue $tasks,
        private RequestBody $bodies,
        private ShopKey $key,
        private WriteTurn $turn,
        private ShopPapers $papers,
    ) {}

    #[Route('/api/print/due', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/print/due',
            operationId: 'listDueSheets',
            responses: [new Answer(200, 'Sheets that have to be printed', DueView::class)],
        ),
    ]
    public function due(): JsonResponse
    {
        return new JsonResponse(new DueView($this->due->all(), $this->judge->unseen()));
    }

    /** What has to be printed, to go to the printer with. */
    #[Route('/api/print/due.pdf', methods: ['GET'])]
    public function paper(): Response
    {
        $paper = new Paper('Print list', $this->papers->size());
        $paper->add('<h1>Print list</h1>');
        $groups = $this->due->all();
        $paper->words([] === $groups ? 'Nothing has to be printed.' : '');
        foreach ($groups as $group) {
            $paper
                ->heading(sprintf('%s, %s', $group->medium_label, $group->marking_label))
                ->words(Record::of($group->loading)->string('words'), 'lead')
                ->table(
                    ['Job', 'For', 'Due', 'Sheets'],
                    [
                        ...array_map(
                            static fn(DueEntry $one): array => [
                                $one->name . ('' === $one->of ? '' : ' · ' . $one->of),
                                1 === $one->pieces ? '1 piece' : $one->pieces . ' pieces',
                                $one->due ?? '',
                                (string) $one->sheets,
                            ],
                            $group->entries,
                        ),
                        ['*Sheets to lay in', '', '', (string) $group->sheets],
                    ],
                    3,
                    true,
                );
        }

        return PdfAnswer::of($this->papers->press($paper), 'print-list');
    }

    #[Route('/api/print/shared', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/print/shared',
            operationId: 'listSharedSheets',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Jobs that would take fewer sheets together',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SharedView::class)),
                ),
            ],
        ),
    ]
    public function shared(): JsonResponse
    {
        return new JsonResponse($this->shared->proposed());
    }

    /** What a printer offers for the sheets of a group, asked before anything is printed. */
    #[Route('/api/print/offers', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/print/offers',
            operationId: 'listOffers',
            parameters: [
                new OA\QueryParameter(name: 'group', required: true, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'device', required: true, schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new Answer(200, 'What it offers, and what it lacks', OfferView::class),
                new Refused(422, 'This printer is not there'),
            ],
        ),
    ]
    public function offers(Request $request): JsonResponse
    {
        $device = $this->devices->find($request->query->getString('device'));
        $offer = $device->offer() ?? new PrinterOffer([], [], [], []);
        foreach ($this->due->all() as $group) {
            if ($group->key === $request->query->getString('group')) {
                $own = $group->setting->device === $device->id() ? $group->setting : new PrintSetting(null);

                return new JsonResponse(
                    OfferView::of(
                        $offer,
                        $offer->lacks(
                            Size::mm($group->width_mm, $group->height_mm),
                            $own->type,
                            $own->source,
                            $own->quality,
                        ),
                    ),
                );
            }
        }

        return new JsonResponse(OfferView::of($offer, []));
    }

    /** Whoever starts the same a second time finds the first one's work. */
    #[Route('/api/print/due', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/print/due',
            operationId: 'printDue',
            requestBody: new Body(PrintWanted::class),
            responses: [
                new Answer(202, 'The work', TaskView::class),
                new Refused(422, 'They need not be printed any more, or nobody has said on which printer'),
            ],
        ),
    ]
    public function print(Request $request): JsonResponse
    {
        $wanted = $this->bodies->read($request, PrintWanted::class);
        $task = $this->turn->take(function () use ($wanted, $request): Task {
            foreach ($this->tasks->openOf(PrintDue::kind()) as $open) {
                if ($wanted->group === ($open->input['group'] ?? null)) {
                    return $open;
                }
            }
            foreach ($this->due->all() as $group) {
                if ($group->key === $wanted->group) {
                    $device = $this->devices->find(
                        $group->setting->device ??
                            throw InvalidInput::field('device', 'Say which printer prints these sheets.'),
                    );
                    if ($device->isReal()) {
                        $this->key->holdToThisMachine($request);
                    }

                    return $this->tasks->add(
                        PrintDue::kind(),
                        ['group' => $wanted->group] + (null === $wanted->jobs ? [] : ['jobs' => $wanted->jobs]),
                    );
                }
            }

            throw InvalidInput::field('group', 'None of these sheets has to be printed any more.');
        });

        return new JsonResponse(TaskView::of($task), 202);
    }

    #[Route('/api/print/verdicts', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/print/verdicts',
            operationId: 'judgePrint',
            requestBody: new Body(PrintVerdict::class),
            responses: [
                new Answer(200, 'What there is to print now', DueView::class),
                new Refused(422, 'This sheet has no such page'),
            ],
        ),
    ]
    public function verdict(Request $request): JsonResponse
    {
        $this->judge->judge($this->bodies->read($request, PrintVerdict::class));

        return $this->due();
    }

    #[Route('/api/print/settings', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/print/settings',
            operationId: 'putPrintSetting',
            requestBody: new Body(SettingWish::class),
            responses: [
                new Answer(200, 'What there is to print now', DueView::class),
                new Refused(422, 'This printer is not there'),
            ],
        ),
    ]
    public function setting(Request $request): JsonResponse
    {
        $wish = $this->bodies->read($request, SettingWish::class);
        $this->devices->find($wish->device);
        $this->turn->take(fn() => $this->settings->put($wish->marking, $wish->medium, $wish->setting()));

        return $this->due();
    }
}
