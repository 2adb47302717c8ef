<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Http\JsonBody;
use Wubbin\Http\Problem;
use Wubbin\Http\RequestBody;
use Wubbin\Refusal\InvalidInput;

/** The shop's press and probe. */
#[AsController]
final readonly class DeviceController
{
    public function __construct(private DeviceStore $devices, private RequestBody $bodies) {}

    #[Route('/api/device', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/device',
            operationId: 'readDevice',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Its readings now',
                    content: new OA\JsonContent(ref: DeviceView::class),
                ),
            ],
        ),
    ]
    public function read(): JsonResponse
    {
        $device = $this->devices->get();
        $press = $probe = null;
        $trouble = [];
        try {
            $press = $device?->state();
        } catch (DeviceTrouble $e) {
            $trouble[$e->getMessage()] = true;
        }
        // One may answer where the other does not.
        try {
            $probe = $device?->celsius();
        } catch (DeviceTrouble $e) {
            $trouble[$e->getMessage()] = true;
        }

        return new JsonResponse(
            new DeviceView($this->devices->address(), $press, $probe, implode(' ', array_keys($trouble))),
        );
    }

    #[Route('/api/device', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/device',
            operationId: 'setUpDevice',
            requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: DeviceAddress::class)),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Its readings now',
                    content: new OA\JsonContent(ref: DeviceView::class),
                ),
                new OA\Response(
                    response: 422,
                    description: 'No address of this machine, or no token',
                    content: new OA\MediaType(
                        mediaType: 'application/problem+json',
                        schema: new OA\Schema(ref: Problem::class),
                    ),
                ),
            ],
        ),
    ]
    public function setUp(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, DeviceAddress::class);
        $this->devices->put($body->address, $body->token);

        return $this->read();
    }

    #[Route('/api/device/commands', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/device/commands',
            operationId: 'commandDevice',
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['do'],
                    properties: [
                        new OA\Property(property: 'do', type: 'string', enum: ['set', 'close', 'open', 'start']),
                        new OA\Property(
                            property: 'value',
                            type: 'number',
                            description: '°C to set, or seconds to count',
                        ),
                    ],
                    type: 'object',
                ),
            ),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Its readings now',
                    content: new OA\JsonContent(ref: DeviceView::class),
                ),
                new OA\Response(
                    response: 422,
                    description: 'It cannot, or does not answer',
                    content: new OA\MediaType(
                        mediaType: 'application/problem+json',
                        schema: new OA\Schema(ref: Problem::class),
                    ),
                ),
            ],
        ),
    ]
    public function command(Request $request): JsonResponse
    {
        $body = JsonBody::fromRequest($request);
        $device = $this->devices->get() ?? throw InvalidInput::field('do', 'No press is set up: see Settings.');
        try {
            match ($body->string('do')) {
                'set' => $device->set($body->number('value')),
                'start' => $device->start($body->number('value')),
                'close' => $device->close(),
                'open' => $device->open(),
                default => throw InvalidInput::field('do', 'Choose one of those offered.'),
            };
        } catch (DeviceTrouble $e) {
            throw InvalidInput::field('do', $e->getMessage());
        }

        return $this->read();
    }
}
