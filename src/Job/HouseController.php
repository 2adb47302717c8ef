<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\House;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\School;
use Wubbin\Http\JsonBody;
use Wubbin\Http\Version;
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

        return Version::of($house->schools)->on(new JsonResponse($this->matters($house)));
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
        $changes = JsonBody::fromRequest($request)->stringMap();
        $this->house->change(function (House $house) use ($request, $changes): House {
            Version::of($house->schools)->hold($request, ['schools' => (object) $house->schools]);
            foreach ($changes as $matter => $option) {
                if (!isset($this->catalogue->schools[$matter])) {
                    throw InvalidInput::field($matter, 'There is no such house rule.');
                }
                if ('' !== $option && !isset($this->catalogue->schools[$matter]->options[$option])) {
                    throw InvalidInput::field($matter, 'Choose one of those offered.');
                }
                $house = $house->with($matter, '' === $option ? null : $option);
            }

            return $house;
        });

        return $this->get();
    }

    /** @return list<Matter> */
    private function matters(House $house): array
    {
        return array_values(
            array_map(
                fn(School $school): Matter => Matter::forSchool(
                    $school,
                    $house->schools[$school->id] ?? null,
                    $this->catalogue,
                ),
                $this->catalogue->schools,
            ),
        );
    }
}
