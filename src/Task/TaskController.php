<?php

declare(strict_types=1);

namespace Wubbin\Task;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Refused;

#[AsController]
final readonly class TaskController
{
    public function __construct(private TaskQueue $tasks) {}

    #[Route('/api/tasks/{id}', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/tasks/{id}',
            operationId: 'getTask',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'How far it has come', TaskView::class), new Refused(404, 'No such work')],
        ),
    ]
    public function get(string $id): JsonResponse
    {
        return new JsonResponse(TaskView::of($this->tasks->find($id)));
    }

    #[Route('/api/tasks/{id}/enough', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/tasks/{id}/enough',
            operationId: 'takeBestSoFar',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'How far it had come', TaskView::class)],
        ),
    ]
    public function enough(string $id): JsonResponse
    {
        $this->tasks->enough($id);

        return new JsonResponse(TaskView::of($this->tasks->find($id)));
    }

    #[Route('/api/tasks/{id}', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/tasks/{id}',
            operationId: 'cancelTask',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'How far it had come', TaskView::class)],
        ),
    ]
    public function cancel(string $id): JsonResponse
    {
        $this->tasks->cancel($id);

        return new JsonResponse(TaskView::of($this->tasks->find($id)));
    }
}
