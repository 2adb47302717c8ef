<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Refused;
use Wubbin\Storage\Removed;
use Wubbin\Storage\RemovedKind;

/** What was deleted: put there, listed, and taken back. */
#[AsController]
final readonly class RemovalController
{
    public function __construct(private Removal $removal, private Removed $removed) {}

    #[Route('/api/removed', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/removed',
            operationId: 'listRemoved',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What can be taken back, the latest first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RemovedView::class)),
                ),
            ],
        ),
    ]
    public function list(): JsonResponse
    {
        return new JsonResponse(array_map(RemovedView::of(...), $this->removed->all()));
    }

    #[Route('/api/removed/{kind}/{id}', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/removed/{kind}/{id}',
            operationId: 'remove',
            parameters: [
                new OA\PathParameter(name: 'kind', schema: new OA\Schema(type: 'string', enum: RemovedKind::class)),
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Deleted; what can be taken back',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RemovedView::class)),
                ),
                new Refused(404, 'There is no such thing'),
                new Refused(422, 'Something needs it'),
            ],
        ),
    ]
    public function remove(RemovedKind $kind, string $id): JsonResponse
    {
        $this->removal->remove($kind, $id);

        return $this->list();
    }

    #[Route('/api/removed/{kind}/{id}', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/removed/{kind}/{id}',
            operationId: 'takeBack',
            parameters: [
                new OA\PathParameter(name: 'kind', schema: new OA\Schema(type: 'string', enum: RemovedKind::class)),
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Taken back; what else can be',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RemovedView::class)),
                ),
                new Refused(404, 'It is gone for good'),
            ],
        ),
    ]
    public function takeBack(RemovedKind $kind, string $id): JsonResponse
    {
        $this->removal->takeBack($kind, $id);

        return $this->list();
    }
}
