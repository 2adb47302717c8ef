<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Http\JsonBody;
use Wubbin\Http\RequestBody;
use Wubbin\Http\ShopKey;
use Wubbin\Refusal\InvalidInput;

/** The shop's press and probe. */
#[AsController]
final readonly class DeviceController
{
    public function __construct(private DeviceStore $devices, private RequestBody $bodies, private ShopKey $key) {}

    #[Route('/api/device', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/device',
            operationId: 'readDevice',
            responses: [new Answer(200, 'Its readings now', DeviceView::class)],
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
            requestBody: new Body(DeviceAddress::class),
            responses: [
                new Answer(200, 'Its readings now', DeviceView::class),
                new Refused(422, 'No address of this machine, or no token'),
            ],
        ),
    ]
    public function setUp(Request $request): JsonResponse
    {
        $this->key->holdToThisMachine($request);
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
                new Answer(200, 'Its readings now', DeviceView::class),
                new Refused(422, 'It cannot, or does not answer'),
            ],
        ),
    ]
    public function command(Request $request): JsonResponse
    {
        $this->key->holdToThisMachine($request);
        $body = JsonBody::fromRequest($request);
        $device =
            $this->devices->get() ?? throw InvalidInput::field('do', 'No press is set up. See the page “Settings”.');
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
