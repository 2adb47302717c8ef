<?php

declare(strict_types=1);

namespace Wubbin\Today;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Storage\WordIndex;

/** One box to search in for everything. */
#[AsController]
final readonly class SearchController
{
    public function __construct(private WordIndex $words) {}

    #[Route('/api/search', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/search',
            operationId: 'search',
            parameters: [
                new OA\QueryParameter(
                    name: 'words',
                    description: 'Each by how it begins; what has all of them is found',
                    required: true,
                    schema: new OA\Schema(type: 'string'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Up to eight of each kind, the best first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: FoundView::class)),
                ),
            ],
        ),
    ]
    public function search(Request $request): JsonResponse
    {
        return new JsonResponse(
            array_map(
                static fn(array $one): FoundView => new FoundView(...$one),
                $this->words->find($request->query->getString('words')),
            ),
        );
    }
}
