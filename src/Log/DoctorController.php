<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Log\Complaint;
use Wubbin\Core\Log\Doctor;
use Wubbin\Core\Log\OwnWords;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Http\RequestBody;
use Wubbin\Refusal\InvalidInput;

/** The doctor, asked about a piece that is not in the logbook. */
#[AsController]
final readonly class DoctorController
{
    private const LONGEST = 1000;

    public function __construct(private Catalogue $catalogue, private RequestBody $bodies) {}

    #[Route('/api/doctor', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/doctor',
            operationId: 'askDoctor',
            requestBody: new Body(Consulted::class),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'What was understood, and the likely causes',
                    content: new OA\JsonContent(
                        required: ['defect', 'label', 'place', 'known', 'diagnoses'],
                        properties: [
                            new OA\Property(property: 'defect', type: 'string'),
                            new OA\Property(property: 'label', type: 'string'),
                            new OA\Property(property: 'place', type: 'string'),
                            new OA\Property(property: 'known', type: 'object', additionalProperties: true),
                            new OA\Property(
                                property: 'diagnoses',
                                type: 'array',
                                items: new OA\Items(ref: DiagnosisView::class),
                            ),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function ask(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, Consulted::class);
        $short = static fn(string $typed): string => mb_substr($typed, 0, self::LONGEST);
        $route =
            $this->catalogue->routes[$body->route] ??
            throw InvalidInput::field('route', 'Choose one of those offered.');
        $defect =
            OwnWords::defect($short($body->seen)) ??
            throw InvalidInput::field(
                'seen',
                'This is not understood. Say what is seen: pale, lifted, bubbles, smeared, cracked …',
            );
        $place = OwnWords::place($short($body->where));
        $done = OwnWords::done($short($body->done));

        return new JsonResponse([
            'defect' => $defect->value,
            'label' => $defect->label(),
            'place' => $place->value,
            'known' => (object) $done->known(),
            'diagnoses' => (new Doctor($this->catalogue))->diagnose(new Complaint($route, $defect, $place, $done)),
        ]);
    }
}
