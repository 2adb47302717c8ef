<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Http\RequestBody;

/** What can be promised to somebody who has not ordered yet. */
#[AsController]
final readonly class PromiseController
{
    public function __construct(private CanWe $can, private RequestBody $bodies) {}

    #[Route('/api/promises', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/promises',
            operationId: 'askPromise',
            requestBody: new Body(PromiseWish::class),
            responses: [
                new Answer(200, 'Whether it can be done by then; nothing is kept', PromiseView::class),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function ask(Request $request): JsonResponse
    {
        return new JsonResponse($this->can->answer($this->bodies->read($request, PromiseWish::class)));
    }
}
