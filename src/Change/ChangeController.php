<?php

declare(strict_types=1);

namespace Wubbin\Change;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Refused;

/** Takes changes back. */
#[AsController]
final readonly class ChangeController
{
    public function __construct(private TakingBack $back) {}

    /** Every answer to a change names it in its header `Undo`; so does this one, which is a change too. */
    #[Route('/api/changes/{number}/undo', methods: ['POST'], requirements: ['number' => '\d{1,12}'])]
    #[
        OA\Post(
            path: '/api/changes/{number}/undo',
            operationId: 'undoChange',
            parameters: [new OA\PathParameter(name: 'number', schema: new OA\Schema(type: 'integer'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'It is as it was before',
                    content: new OA\JsonContent(
                        required: ['kind', 'thing'],
                        properties: [
                            new OA\Property(property: 'kind', ref: ChangeKind::class),
                            new OA\Property(property: 'thing', description: 'Its id', type: 'string'),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(404, 'No such change'),
                new Refused(409, 'The same was changed again since'),
            ],
        ),
    ]
    public function undo(int $number): JsonResponse
    {
        $change = $this->back->undo($number);

        return new JsonResponse(['kind' => $change->kind, 'thing' => $change->thing]);
    }
}
