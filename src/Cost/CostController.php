<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Job\Job;
use Wubbin\Http\JsonBody;
use Wubbin\Http\Problem;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Stock\RatesStore;
use Wubbin\Stock\ShopRates;

/** What pieces cost. */
#[AsController]
final readonly class CostController
{
    public function __construct(private CostEstimator $costs, private JobPlanner $jobs, private RatesStore $rates) {}

    #[Route('/api/jobs/{id}/cost', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/cost',
            operationId: 'getCost',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(
                    name: 'pieces',
                    description: 'Made in one go; the job’s own number where none is given',
                    required: false,
                    schema: new OA\Schema(type: 'string'),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What they cost',
                    content: new OA\JsonContent(ref: CostView::class),
                ),
                new OA\Response(
                    response: 404,
                    description: 'No such job',
                    content: new OA\MediaType(
                        mediaType: 'application/problem+json',
                        schema: new OA\Schema(ref: Problem::class),
                    ),
                ),
                new OA\Response(
                    response: 422,
                    description: 'No number of pieces',
                    content: new OA\MediaType(
                        mediaType: 'application/problem+json',
                        schema: new OA\Schema(ref: Problem::class),
                    ),
                ),
            ],
        ),
    ]
    public function cost(string $id, Request $request): JsonResponse
    {
        $job = $this->jobs->find($id)->job();
        $typed = trim($request->query->getString('pieces'));
        $pieces = '' === $typed ? $job->quantity : (1 === preg_match('/^\d{1,5}$/', $typed) ? (int) $typed : 0);
        if ($pieces < 1 || $pieces > Job::MOST_PIECES) {
            throw InvalidInput::field('pieces', sprintf('From 1 to %d pieces.', Job::MOST_PIECES));
        }
        $plan = $this->jobs->plan($job);
        $sheet = $this->costs->sheet($job, $plan, $pieces);

        return new JsonResponse(
            CostView::fromSheet(
                $job->name,
                $sheet,
                $this->costs->cheaper($job, $plan, $sheet),
                $this->costs->currency(),
            ),
        );
    }

    #[Route('/api/rates', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/rates',
            operationId: 'getRates',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What the shop reckons with',
                    content: new OA\JsonContent(ref: ShopRates::class),
                ),
            ],
        ),
    ]
    public function rates(): JsonResponse
    {
        return new JsonResponse($this->rates->get());
    }

    #[Route('/api/rates', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/rates',
            operationId: 'putRates',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ShopRates::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What the shop reckons with',
                    content: new OA\JsonContent(ref: ShopRates::class),
                ),
                new OA\Response(
                    response: 422,
                    description: 'A field is wrong',
                    content: new OA\MediaType(
                        mediaType: 'application/problem+json',
                        schema: new OA\Schema(ref: Problem::class),
                    ),
                ),
            ],
        ),
    ]
    public function put(Request $request): JsonResponse
    {
        $rates = ShopRates::fromRecord(JsonBody::fromRequest($request));
        $this->rates->put($rates, $this->costs->currency());

        return new JsonResponse($rates);
    }
}
