<?php

declare(strict_types=1);

namespace Wubbin\Measure;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Http\JsonBody;

#[AsController]
final readonly class SettingsController
{
    public function __construct(private SettingsStore $settings)
    {
    }

    #[Route('/api/settings', methods: ['GET'])]
    #[OA\Get(path: '/api/settings', operationId: 'getSettings', responses: [new OA\Response(response: 200, description: 'The settings', content: new OA\JsonContent(ref: Settings::class))])]
    public function get(): JsonResponse
    {
        return new JsonResponse($this->settings->get());
    }

    #[Route('/api/settings', methods: ['PUT'])]
    #[OA\Put(path: '/api/settings', operationId: 'putSettings', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: Settings::class)), responses: [new OA\Response(response: 200, description: 'The settings', content: new OA\JsonContent(ref: Settings::class))])]
    public function put(Request $request): JsonResponse
    {
        $settings = Settings::fromRecord(JsonBody::of($request));
        $this->settings->put($settings);

        return new JsonResponse($settings);
    }
}
