<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;

/** The first page. */
#[AsController]
final readonly class TodayController
{
    public function __construct(private Today $today, private ReadyAtBench $ready) {}

    #[Route('/api/today', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/today',
            operationId: 'getToday',
            parameters: [
                new OA\QueryParameter(
                    name: 'person',
                    description: 'Whose things come next, from 0; those of all where nothing is said',
                    required: false,
                    schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [new Answer(200, 'What to do now', TodayView::class)],
        ),
    ]
    public function get(Request $request): JsonResponse
    {
        $person = $request->query->getString('person');

        return new JsonResponse($this->today->view('' === $person ? null : (int) $person));
    }

    #[Route('/api/bench/ready', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/bench/ready',
            operationId: 'getReadyAtBench',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What can begin at the bench, by what has to be set for it, the hottest first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ReadyHeat::class)),
                ),
            ],
        ),
    ]
    public function ready(): JsonResponse
    {
        return new JsonResponse($this->ready->all());
    }
}
