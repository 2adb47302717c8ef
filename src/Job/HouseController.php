<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Refused;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Http\JsonBody;
use Wubbin\Refusal\InvalidInput;

/** How this house goes about what practitioners disagree on. */
#[AsController]
final readonly class HouseController
{
    public function __construct(private HouseStore $house, private Catalogue $catalogue) {}

    #[Route('/api/house', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/house',
            operationId: 'getHouse',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The disputed matters and which way this house goes',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: Matter::class)),
                ),
            ],
        ),
    ]
    public function get(): JsonResponse
    {
        $house = $this->house->get();
        $matters = [];
        foreach ($this->catalogue->schools as $school) {
            $matters[] = Matter::forSchool($school, $house->schools[$school->id] ?? null, $this->catalogue);
        }

        return new JsonResponse($matters);
    }

    /** Each change is an option by its matter; an empty one goes back to Wubbin's default. */
    #[Route('/api/house', methods: ['PATCH'])]
    #[
        OA\Patch(
            path: '/api/house',
            operationId: 'changeHouse',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    type: 'object',
                    additionalProperties: new OA\AdditionalProperties(type: 'string'),
                ),
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The disputed matters and which way this house goes',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: Matter::class)),
                ),
                new Refused(422, 'A way that Wubbin does not know'),
            ],
        ),
    ]
    public function change(Request $request): JsonResponse
    {
        $house = $this->house->get();
        foreach (JsonBody::fromRequest($request)->stringMap() as $matter => $option) {
            if ('' !== $option && !isset($this->catalogue->schools[$matter]->options[$option])) {
                throw InvalidInput::field($matter, 'Choose one of those offered.');
            }
            $house = $house->with($matter, '' === $option ? null : $option);
        }
        $this->house->put($house);

        return $this->get();
    }
}
