<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Run\BenchState;
use Wubbin\Http\JsonBody;
use Wubbin\Session\StoredPiece;
use Wubbin\Session\StoredRun;
use Wubbin\Storage\Instant;

#[AsController]
final readonly class RunController
{
    private const LISTED = 50;

    public function __construct(
        private BenchSessions $sessions,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/runs', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/runs',
            operationId: 'listRuns',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The latest sessions',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RunSummary::class)),
                ),
            ],
        ),
    ]
    public function list(): JsonResponse
    {
        $runs = $this->entities->getRepository(StoredRun::class)->findBy([], ['created' => 'DESC'], self::LISTED);

        return new JsonResponse(
            array_map(
                static fn(StoredRun $run): RunSummary => new RunSummary(
                    $run->id,
                    $run->job,
                    $run->name,
                    $run->pieces->count(),
                    $run->pieces->filter(static fn(StoredPiece $piece): bool => null !== $piece->outcome)->count(),
                    $run->created,
                    $run->finished,
                ),
                $runs,
            ),
        );
    }

    #[Route('/api/jobs/{job}/runs', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{job}/runs',
            operationId: 'offerRuns',
            parameters: [new OA\PathParameter(name: 'job', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'What is left of it', Offer::class), new Refused(404, 'No such job')],
        ),
    ]
    public function offer(string $job): JsonResponse
    {
        return new JsonResponse($this->sessions->offer($job));
    }

    #[Route('/api/jobs/{job}/runs', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{job}/runs',
            operationId: 'beginRun',
            parameters: [new OA\PathParameter(name: 'job', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(NewRun::class),
            responses: [new Answer(201, 'The session', RunView::class), new Refused(422, 'The job is not ready')],
        ),
    ]
    public function begin(string $job, Request $request): JsonResponse
    {
        $new = NewRun::fromRecord(JsonBody::fromRequest($request));

        $run = $this->sessions->begin($new->id, $job, $new->pieces, $new->share, $new->left);

        return $this->view($run, $this->sessions->state($run), 201);
    }

    #[Route('/api/runs/{id}', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/runs/{id}',
            operationId: 'getRun',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'The session', RunView::class), new Refused(404, 'No such session')],
        ),
    ]
    public function get(string $id): JsonResponse
    {
        $run = $this->sessions->find($id);

        return $this->view($run, $this->sessions->state($run));
    }

    #[Route('/api/runs/{id}/drawings', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/runs/{id}/drawings',
            operationId: 'getRunDrawings',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'A drawing for each step, by its id; none where the job is another by now',
                    content: new OA\JsonContent(
                        type: 'object',
                        additionalProperties: new OA\AdditionalProperties(ref: './drawing.schema.json'),
                    ),
                ),
                new Refused(404, 'No such session'),
            ],
        ),
    ]
    public function drawings(string $id): JsonResponse
    {
        return new JsonResponse((object) $this->sessions->drawings($this->sessions->find($id)));
    }

    #[Route('/api/runs/{id}/presses', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/runs/{id}/presses',
            operationId: 'press',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(Press::class),
            responses: [
                new Answer(200, 'Where the session stands now', RunView::class),
                new Refused(409, 'Another screen was quicker'),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function press(string $id, Request $request): JsonResponse
    {
        return $this->view(...$this->sessions->press($id, Press::fromRecord(JsonBody::fromRequest($request))));
    }

    #[Route('/api/bench', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/bench',
            operationId: 'getBench',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'All that is at hand in all sessions under way',
                    content: new OA\JsonContent(
                        required: ['hands', 'now'],
                        properties: [
                            new OA\Property(
                                property: 'hands',
                                type: 'array',
                                items: new OA\Items(ref: HandView::class),
                                description: 'What needs hands next in front',
                            ),
                            new OA\Property(
                                property: 'now',
                                type: 'string',
                                format: 'date-time',
                                description: 'The server’s clock',
                            ),
                        ],
                        type: 'object',
                    ),
                ),
            ],
        ),
    ]
    public function bench(): JsonResponse
    {
        return new JsonResponse(['hands' => $this->sessions->bench(), 'now' => Instant::write($this->clock->now())]);
    }

    private function view(StoredRun $run, BenchState $state, int $status = 200): JsonResponse
    {
        return new JsonResponse(
            RunView::fromRun(
                $run,
                $state,
                $this->sessions->hands($run, $state),
                $this->sessions->stale($run),
                $this->clock->now(),
            ),
            $status,
        );
    }
}
