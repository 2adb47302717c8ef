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
use Wubbin\Core\Log\Doctor;
use Wubbin\Core\Log\OwnWordsReader;
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
                            new OA\Property(property: 'defect', type: 'string', nullable: true),
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
        $words = OwnWordsReader::builtIn();
        $seen = $short($body->seen);
        $defects = $words->defects($seen);
        $place = $words->place($short($body->where));
        $done = $words->done($seen . '; ' . $short($body->done));
        $diagnoses = (new Doctor($this->catalogue))->ofAny($route, $defects, $place, $done);
        if ([] === $defects && [] === $diagnoses) {
            throw InvalidInput::field(
                'seen',
                'Wubbin does not understand this. Say what you see: pale, lifted, bubbles, smeared, cracked …',
            );
        }

        return new JsonResponse([
            'defect' => $defects[0]->value ?? null,
            'label' => [] === $defects ? 'by what was done' : $defects[0]->label(),
            'place' => $place->value,
            'known' => (object) $done->known(),
            'diagnoses' => $diagnoses,
        ]);
    }
}
