<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Http\FileAnswer;
use Wubbin\Http\JsonBody;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskState;
use Wubbin\Task\TaskView;

/** Sheets that several jobs share: laid out first, looked at, then made. */
#[AsController]
final readonly class GangController
{
    public function __construct(
        private GangLayouts $gangs,
        private TaskQueue $tasks,
        private SettingsStore $settings,
    ) {}

    #[Route('/api/gangs', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/gangs',
            operationId: 'layOutGang',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['jobs', 'gap', 'seconds'],
                    properties: [
                        new OA\Property(property: 'jobs', type: 'array', items: new OA\Items(type: 'string')),
                        new OA\Property(property: 'gap', type: 'string', description: 'Between two pieces, as typed'),
                        new OA\Property(
                            property: 'seconds',
                            type: 'number',
                            description: 'That may be spent on each kind of sheet',
                        ),
                        new OA\Property(
                            property: 'later',
                            type: 'array',
                            items: new OA\Items(type: 'string'),
                            description: 'Jobs whose pieces may fill what is left',
                        ),
                        new OA\Property(
                            property: 'swatches',
                            type: 'boolean',
                            description: 'Test swatches may fill what is left',
                        ),
                        new OA\Property(
                            property: 'offcuts',
                            type: 'boolean',
                            description: 'Those on the shelf are used first, unless this is false',
                        ),
                        new OA\Property(
                            property: 'upright',
                            type: 'array',
                            items: new OA\Items(type: 'string'),
                            description: 'Pieces that are not turned',
                        ),
                        new OA\Property(
                            property: 'pins',
                            type: 'array',
                            items: new OA\Items(
                                required: ['lot', 'piece', 'sheet', 'x_mm', 'y_mm', 'quarters'],
                                properties: [
                                    new OA\Property(property: 'lot', type: 'string'),
                                    new OA\Property(property: 'piece', type: 'string'),
                                    new OA\Property(
                                        property: 'sheet',
                                        type: 'integer',
                                        description: 'Of the whole ones, from 0',
                                    ),
                                    new OA\Property(property: 'x_mm', type: 'number'),
                                    new OA\Property(property: 'y_mm', type: 'number'),
                                    new OA\Property(property: 'quarters', type: 'integer'),
                                ],
                                type: 'object',
                            ),
                            description: 'Pieces that were placed by hand',
                        ),
                    ],
                    type: 'object',
                ),
            ),
            responses: [
                new Answer(202, 'The work of laying them out, whose result are the sheets', TaskView::class),
                new Refused(422, 'Jobs that cannot be printed yet, or a gap that cannot be'),
            ],
        ),
    ]
    public function layOut(Request $request): JsonResponse
    {
        $wish = GangWish::typed(JsonBody::fromRequest($request), new QuantityParser($this->settings->get()->unit()));
        // What stands against it is told at once, not after waiting for a turn.
        $this->gangs->plans($wish->jobs);

        return new JsonResponse(TaskView::of($this->tasks->add(LayOutGang::kind(), $wish->toRecord())), 202);
    }

    /** Making the sheets freezes the plans of all the jobs on them. */
    #[Route('/api/gangs/{task}/sheets', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/gangs/{task}/sheets',
            operationId: 'makeGangSheets',
            parameters: [new OA\PathParameter(name: 'task', schema: new OA\Schema(type: 'string'))],
            responses: [
                new Answer(202, 'The work, whose result is the sheet', TaskView::class),
                new Refused(404, 'It was not laid out, or too long ago'),
            ],
        ),
    ]
    public function make(string $task): JsonResponse
    {
        return new JsonResponse(
            TaskView::of($this->tasks->add(MakeGangSheets::kind(), ['layout' => $this->laidOut($task)])),
            202,
        );
    }

    /** The cut lines of one sheet: of a lot, by their places from 0. */
    #[
        Route(
            '/api/gangs/{task}/{lot}/{sheet}/cut.{format}',
            requirements: ['lot' => '\d{1,4}', 'sheet' => '\d{1,5}', 'format' => 'svg|dxf'],
            methods: ['GET'],
        ),
    ]
    public function cutLines(string $task, int $lot, int $sheet, string $format): Response
    {
        $of = Record::of($this->laidOut($task))->records('lots')[$lot] ?? throw new NotFound('There is no such sheet.');

        [$content, $type] = GangCut::of(
            $of,
            $of->records('sheets')[$sheet] ?? throw new NotFound('There is no such sheet.'),
        )->file($format);

        return FileAnswer::of($content, $type, sprintf('cut-%d-%d.%s', $lot + 1, $sheet + 1, $format));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal when it is not there yet, or no longer
     */
    private function laidOut(string $task): array
    {
        $layout = $this->tasks->find($task);
        if (
            LayOutGang::kind() !== $layout->kind ||
            TaskState::Done->value !== $layout->state ||
            null === $layout->result
        ) {
            throw new NotFound('These sheets have no layout yet.');
        }

        return $layout->result;
    }
}
