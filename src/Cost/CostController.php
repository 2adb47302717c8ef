<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Http\JsonBody;
use Wubbin\Http\Version;
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
                new Answer(200, 'What they cost', CostView::class),
                new Refused(404, 'No such job'),
                new Refused(422, 'No number of pieces'),
            ],
        ),
    ]
    public function cost(string $id, Request $request): JsonResponse
    {
        $job = $this->jobs->find($id)->job();
        $typed = trim($request->query->getString('pieces'));
        $pieces = '' === $typed ? $job->quantity : PlainNumber::whole($typed, Job::MOST_PIECES) ?? 0;
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
            responses: [new Answer(200, 'What the shop reckons with', ShopRates::class)],
        ),
    ]
    public function rates(): JsonResponse
    {
        $rates = $this->rates->get();

        return Version::of($rates->toRecord())->on(new JsonResponse($rates));
    }

    #[Route('/api/rates', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/rates',
            operationId: 'putRates',
            requestBody: new Body(ShopRates::class),
            responses: [
                new Answer(200, 'What the shop reckons with', ShopRates::class),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function put(Request $request): JsonResponse
    {
        $rates = ShopRates::fromRecord(JsonBody::fromRequest($request));
        $this->rates->put(
            $rates,
            $this->costs->currency(),
            static fn(ShopRates $now) => Version::of($now->toRecord())->hold($request, $now->toRecord()),
        );

        return Version::of($rates->toRecord())->on(new JsonResponse($rates));
    }
}
