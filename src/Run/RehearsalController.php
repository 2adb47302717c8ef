<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Http\JsonBody;

#[AsController]
final readonly class RehearsalController
{
    public function __construct(private Rehearsal $rehearsal) {}

    #[Route('/api/jobs/{job}/rehearsal', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{job}/rehearsal',
            operationId: 'rehearse',
            parameters: [new OA\PathParameter(name: 'job', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(RehearsalWish::class),
            responses: [
                new Answer(200, 'Where it stands after all that', RunView::class),
                new Refused(404, 'No such job'),
                new Refused(409, 'Something was pressed that could not be'),
                new Refused(422, 'The job is not ready'),
            ],
        ),
    ]
    public function view(string $job, Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->rehearsal->view($job, RehearsalWish::fromRecord(JsonBody::fromRequest($request))),
        );
    }

    #[Route('/api/jobs/{job}/rehearsal/drawings', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{job}/rehearsal/drawings',
            operationId: 'getRehearsalDrawings',
            parameters: [new OA\PathParameter(name: 'job', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'A drawing for each step, by its id',
                    content: new OA\JsonContent(
                        type: 'object',
                        additionalProperties: new OA\AdditionalProperties(ref: './drawing.schema.json'),
                    ),
                ),
                new Refused(404, 'No such job'),
            ],
        ),
    ]
    public function drawings(string $job): JsonResponse
    {
        return new JsonResponse((object) $this->rehearsal->drawings($job));
    }
}
