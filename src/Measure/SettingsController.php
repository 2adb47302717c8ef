<?php

declare(strict_types=1);

namespace Wubbin\Measure;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Core\Measure\Record;
use Wubbin\Http\JsonBody;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Stock\Priced;

#[AsController]
final readonly class SettingsController
{
    public function __construct(private SettingsStore $settings, private Priced $priced) {}

    #[Route('/api/settings', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/settings',
            operationId: 'getSettings',
            responses: [new Answer(200, 'The settings', Settings::class)],
        ),
    ]
    public function get(): JsonResponse
    {
        return new JsonResponse($this->settings->get());
    }

    /** Settings that are not sent stay as they are. */
    #[Route('/api/settings', methods: ['PATCH'])]
    #[
        OA\Patch(
            path: '/api/settings',
            operationId: 'changeSettings',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    properties: [
                        new OA\Property(property: 'units', type: 'string', enum: ['metric', 'us']),
                        new OA\Property(property: 'comma', type: 'boolean'),
                        new OA\Property(property: 'paper', type: 'string', enum: ['a4', 'letter']),
                        new OA\Property(property: 'currency', type: 'string'),
                        new OA\Property(property: 'zone', type: 'string'),
                        new OA\Property(property: 'theme', type: 'string', enum: ['light', 'dark', 'system']),
                        new OA\Property(property: 'inches', type: 'string', enum: ['fractions', 'decimals']),
                    ],
                    type: 'object',
                ),
            ),
            responses: [new Answer(200, 'The settings', Settings::class)],
        ),
    ]
    public function change(Request $request): JsonResponse
    {
        $old = $this->settings->get();
        $settings = Settings::fromRecord(JsonBody::fromRequest($request)->over(Record::of($old->toRecord())));
        if ($settings->currency !== $old->currency && $this->priced->anything()) {
            throw InvalidInput::field(
                'currency',
                sprintf(
                    'Prices and rates are in %s: they would become %s. The currency of a shop is chosen ' .
                        'before its first price.',
                    $old->currency,
                    $settings->currency,
                ),
            );
        }
        $this->settings->put($settings);

        return new JsonResponse($settings);
    }
}
