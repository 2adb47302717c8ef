<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Archive\PrintedSheet;
use Wubbin\Archive\SheetArchive;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Refused;
use Wubbin\Http\JsonBody;
use Wubbin\Http\ShopKey;
use Wubbin\Task\Task;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

/** The print queue: sheets that were made, devices to print them on, and what came of it. */
#[AsController]
final readonly class PrintController
{
    private const SHOWN = 20;

    public function __construct(
        private TaskQueue $tasks,
        private SheetArchive $sheets,
        private PrintDevices $devices,
        private SimulatedPrinter $simulated,
        private ShopKey $key,
    ) {}

    #[Route('/api/sheets', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/sheets',
            operationId: 'listSheets',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Those made last, the newest first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MadeSheet::class)),
                ),
            ],
        ),
    ]
    public function sheets(): JsonResponse
    {
        return new JsonResponse(
            array_map(
                static fn(PrintedSheet $sheet): MadeSheet => MadeSheet::of($sheet),
                $this->sheets->recent(self::SHOWN),
            ),
        );
    }

    #[Route('/api/print/devices', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/print/devices',
            operationId: 'listPrintDevices',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What there is to print on',
                    content: new OA\JsonContent(
                        type: 'array',
                        items: new OA\Items(
                            required: ['id', 'label'],
                            properties: [
                                new OA\Property(property: 'id', type: 'string'),
                                new OA\Property(property: 'label', type: 'string'),
                            ],
                            type: 'object',
                        ),
                    ),
                ),
            ],
        ),
    ]
    public function devices(): JsonResponse
    {
        return new JsonResponse(
            array_map(
                static fn(PrintDevice $device): array => ['id' => $device->id(), 'label' => $device->label()],
                $this->devices->all(),
            ),
        );
    }

    #[Route('/api/prints', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/prints',
            operationId: 'listPrints',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What waits, prints, and was printed, the newest first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: TaskView::class)),
                ),
            ],
        ),
    ]
    public function queue(): JsonResponse
    {
        return new JsonResponse(
            array_map(
                static fn(Task $task): TaskView => TaskView::of($task),
                $this->tasks->ofKind(PrintSheets::kind(), self::SHOWN),
            ),
        );
    }

    #[Route('/api/prints', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/prints',
            operationId: 'print',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['marking', 'tray', 'device', 'lies', 'driver_mirrors'],
                    properties: [
                        new OA\Property(property: 'sheet', type: 'string', description: 'Left out for a feed test'),
                        new OA\Property(property: 'marking', type: 'string'),
                        new OA\Property(property: 'tray', type: 'string'),
                        new OA\Property(property: 'device', type: 'string'),
                        new OA\Property(property: 'pages', type: 'array', items: new OA\Items(type: 'integer')),
                        new OA\Property(
                            property: 'lies',
                            type: 'string',
                            enum: ['up', 'down'],
                            description: 'How the print side is laid in',
                        ),
                        new OA\Property(property: 'fold_first', type: 'boolean'),
                        new OA\Property(property: 'driver_mirrors', type: 'boolean'),
                    ],
                    type: 'object',
                ),
            ),
            responses: [
                new Answer(202, 'The work', TaskView::class),
                new Refused(422, 'A sheet or printer that is not there'),
            ],
        ),
    ]
    public function print(Request $request): JsonResponse
    {
        $wish = PrintWish::fromRecord(JsonBody::fromRequest($request));
        if (null !== $wish->sheet) {
            $this->sheets->find($wish->sheet);
        }
        if ($this->devices->find($wish->device)->isReal()) {
            $this->key->holdToThisMachine($request);
        }

        return new JsonResponse(TaskView::of($this->tasks->add(PrintSheets::kind(), $wish->toRecord())), 202);
    }

    #[
        Route(
            '/api/prints/{run}/{face}',
            requirements: ['run' => '[0-9a-f]{16}', 'face' => '\d{1,4}-(?:print|back)\.png'],
            methods: ['GET'],
        ),
    ]
    public function face(string $run, string $face): Response
    {
        return new BinaryFileResponse($this->simulated->face($run, $face), 200, ['Content-Type' => 'image/png']);
    }
}
