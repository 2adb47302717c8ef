<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Heat\Comparison;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\ImpossibleModel;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Heat\Readings;
use Wubbin\Core\Heat\Sweep;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Http\RequestBody;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

/** What happens under the iron before it comes down. The ticket does not wait for it. */
#[AsController]
final readonly class HeatController
{
    public function __construct(
        private HeatForecast $forecast,
        private TaskQueue $tasks,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/jobs/{id}/heat/{picture}', requirements: ['picture' => '\d'], methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/heat/{picture}',
            operationId: 'getHeat',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(
                    name: 'picture',
                    description: 'Of the job, from 0',
                    schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new Answer(200, 'At the middles of all ranges', HeatView::class),
                new Refused(404, 'No such picture'),
            ],
        ),
    ]
    public function get(string $id, int $picture): JsonResponse
    {
        $case = $this->forecast->caseOf($id, $picture);
        if (null === $case) {
            return new JsonResponse(
                HeatView::not(
                    'Wubbin cannot work out the heat here. Something is not chosen yet, or nothing is heated.',
                ),
            );
        }
        $draw = Draw::middles();
        try {
            $window = PressWindow::forCase($case, $this->forecast->parameters(), $draw);
        } catch (ImpossibleModel $e) {
            return new JsonResponse(HeatView::not($e->getMessage()));
        }

        return new JsonResponse(
            HeatView::fromWindow($case, $window, $draw, PressWindow::lumped($case, $this->forecast->parameters())),
        );
    }

    /** Over a range of settings, and beside the ways that people disagree about. */
    #[Route('/api/jobs/{id}/heat/{picture}/others', requirements: ['picture' => '\d'], methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/heat/{picture}/others',
            operationId: 'compareHeat',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'picture', schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new Answer(
                    200,
                    'Settings, sources, bases or coolings, at the middles of all ranges',
                    OtherHeatView::class,
                ),
            ],
        ),
    ]
    public function others(string $id, int $picture): JsonResponse
    {
        $case = $this->forecast->caseOf($id, $picture) ?? throw new NotFound('Wubbin cannot work out the heat here.');
        try {
            return new JsonResponse(
                new OtherHeatView(
                    Sweep::forCase($case, $this->forecast->parameters()),
                    Comparison::forCase($case, $this->forecast->parameters()),
                ),
            );
        } catch (ImpossibleModel $e) {
            throw InvalidInput::field('heat', $e->getMessage());
        }
    }

    /** Readings of a probe against the model; kept, what they tell is used for this source from then on. */
    #[Route('/api/jobs/{id}/heat/{picture}/calibration', requirements: ['picture' => '\d'], methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/heat/{picture}/calibration',
            operationId: 'calibrateHeat',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'picture', schema: new OA\Schema(type: 'integer')),
            ],
            requestBody: new Body(ProbeReadings::class),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The fit',
                    content: new OA\JsonContent(
                        required: ['parameter', 'value', 'assumed', 'rms_c', 'points', 'at_an_end'],
                        properties: [
                            new OA\Property(property: 'parameter', type: 'string'),
                            new OA\Property(property: 'value', type: 'number', description: 'In W/m²K'),
                            new OA\Property(property: 'assumed', type: 'number'),
                            new OA\Property(
                                property: 'rms_c',
                                type: 'number',
                                description: 'What is left between readings and model, in K',
                            ),
                            new OA\Property(
                                property: 'points',
                                type: 'array',
                                items: new OA\Items(
                                    required: ['s', 'c', 'model'],
                                    properties: [
                                        new OA\Property(property: 's', type: 'number'),
                                        new OA\Property(property: 'c', type: 'number'),
                                        new OA\Property(property: 'model', type: 'number'),
                                    ],
                                    type: 'object',
                                ),
                            ),
                            new OA\Property(
                                property: 'at_an_end',
                                type: 'boolean',
                                description: 'No value explains the readings',
                            ),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'Readings that cannot be'),
            ],
        ),
    ]
    public function calibrate(string $id, int $picture, Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, ProbeReadings::class);
        try {
            $readings = Readings::fromCsv($body->readings, $body->face);
        } catch (BadRecord $e) {
            throw InvalidInput::field($e->field, $e->getMessage());
        }

        return new JsonResponse($this->forecast->calibrate($id, $picture, $readings, $body->keep));
    }

    #[Route('/api/jobs/{id}/heat/{picture}/calibration', requirements: ['picture' => '\d'], methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/jobs/{id}/heat/{picture}/calibration',
            operationId: 'forgetCalibration',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'picture', schema: new OA\Schema(type: 'integer')),
            ],
            responses: [new OA\Response(response: 204, description: 'What is assumed is used again')],
        ),
    ]
    public function forget(string $id, int $picture): Response
    {
        $this->forecast->forget($id, $picture);

        return new Response(status: 204);
    }

    /** With its parameters drawn from their ranges, many times. */
    #[Route('/api/jobs/{id}/heat/{picture}/spread', requirements: ['picture' => '\d'], methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/heat/{picture}/spread',
            operationId: 'spreadHeat',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'picture', schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new OA\Response(
                    response: 202,
                    description: 'The work, whose result are draws, earliest_s and ' .
                        'latest_s (a tenth, half and nine tenths of ' .
                        'the draws below it), inside and never',
                    content: new OA\JsonContent(ref: TaskView::class),
                ),
            ],
        ),
    ]
    public function spread(string $id, int $picture): JsonResponse
    {
        if (null === $this->forecast->caseOf($id, $picture)) {
            throw new NotFound('Wubbin cannot work out the heat here.');
        }

        return new JsonResponse(
            TaskView::of($this->tasks->add(SpreadHeat::kind(), ['job' => $id, 'picture' => $picture])),
            202,
        );
    }
}
