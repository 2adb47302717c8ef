<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Uid\Uuid;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Http\RequestBody;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Shelf\ShelfStore;

/** How many sheets there are, and what is left of some. */
#[AsController]
final readonly class PaperController
{
    private const MOST_SHEETS = 999_999;

    public function __construct(private ShelfStore $shelf, private RequestBody $bodies) {}

    #[Route('/api/shelf/offcuts', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/shelf/offcuts',
            operationId: 'keepOffcut',
            requestBody: new Body(NewOffcut::class),
            responses: [
                new Answer(201, 'What the shop has', './shelf.schema.json'),
                new Refused(422, 'Too small to keep'),
            ],
        ),
    ]
    public function keep(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, NewOffcut::class);
        $this->refuseUnknown($body->medium);
        $offcut = [
            'id' => Uuid::v4()->toRfc4122(),
            'medium' => $body->medium,
            'width_mm' => floor($body->width_mm),
            'height_mm' => floor($body->height_mm),
        ];

        return new JsonResponse(
            $this->shelf
                ->changePaper(static fn(array $paper): array => ['offcuts' => [...$paper['offcuts'], $offcut]] + $paper)
                ->toRecord(),
            201,
        );
    }

    #[Route('/api/shelf/offcuts/{id}', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/shelf/offcuts/{id}',
            operationId: 'dropOffcut',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'What the shop has', './shelf.schema.json')],
        ),
    ]
    public function drop(string $id): JsonResponse
    {
        return new JsonResponse(
            $this->shelf
                ->changePaper(
                    static fn(array $paper): array => [
                        'offcuts' => array_values(
                            array_filter($paper['offcuts'], static fn(array $one): bool => $id !== $one['id']),
                        ),
                    ] + $paper,
                )
                ->toRecord(),
        );
    }

    /** Emptied, nobody counts them. */
    #[Route('/api/shelf/sheets', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/shelf/sheets',
            operationId: 'countSheets',
            requestBody: new Body(SheetCount::class),
            responses: [new Answer(200, 'What the shop has', './shelf.schema.json'), new Refused(422, 'No number')],
        ),
    ]
    public function count(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, SheetCount::class);
        [$medium, $typed] = [$body->medium, trim($body->count)];
        $this->refuseUnknown($medium);
        $sheets = PlainNumber::whole($typed, self::MOST_SHEETS);
        if ('' !== $typed && null === $sheets) {
            throw InvalidInput::field(
                'count',
                'Write how many sheets you have, such as 24. Leave it empty if you do not count them.',
            );
        }

        return new JsonResponse(
            $this->shelf
                ->changePaper(static function (array $paper) use ($medium, $sheets): array {
                    unset($paper['sheets'][$medium]);

                    return ['sheets' => (null === $sheets ? [] : [$medium => $sheets]) + $paper['sheets']] + $paper;
                })
                ->toRecord(),
        );
    }

    private function refuseUnknown(string $medium): void
    {
        if (!isset($this->shelf->get()->media[$medium])) {
            throw InvalidInput::field('medium', 'Choose one of those offered.');
        }
    }
}
