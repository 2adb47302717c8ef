<?php

declare(strict_types=1);

namespace Wubbin\Sums;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Sums\Given;
use Wubbin\Core\Sums\Sum;
use Wubbin\Core\Sums\Sums;
use Wubbin\Core\Sums\WrongSum;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Shelf\ShelfStore;

#[AsController]
final readonly class SumsController
{
    public function __construct(
        private Catalogue $catalogue,
        private ShelfStore $shelf,
        private SettingsStore $settings,
    ) {}

    #[Route('/api/sums', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/sums',
            operationId: 'getSums',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The quick sums, and what they ask for',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SumView::class)),
                ),
            ],
        ),
    ]
    public function all(): JsonResponse
    {
        $given = $this->given([]);
        $units = $this->settings->get()->unit();

        return new JsonResponse(
            array_map(static fn(Sum $sum): SumView => SumView::of($sum, $given, $units), array_values(Sums::all())),
        );
    }

    #[Route('/api/sums/{id}', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/sums/{id}',
            operationId: 'workSum',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(
                    name: 'typed',
                    description: 'What is in its fields, by field',
                    style: 'deepObject',
                    explode: true,
                    schema: new OA\Schema(
                        type: 'object',
                        additionalProperties: new OA\AdditionalProperties(type: 'string'),
                    ),
                ),
            ],
            responses: [
                new Answer(200, 'What follows', WorkedView::class),
                new Refused(404, 'No such sum'),
                new Refused(422, 'A figure that cannot be'),
            ],
        ),
    ]
    public function work(string $id, Request $request): JsonResponse
    {
        $sum = Sums::all()[$id] ?? throw new NotFound('There is no such sum.');
        $typed = array_filter((array) ($request->query->all()['typed'] ?? []), is_string(...));
        try {
            return new JsonResponse(WorkedView::of($sum->worked($this->given($typed))));
        } catch (WrongSum $e) {
            throw InvalidInput::fields($e->problems);
        }
    }

    /** @param array<array-key, string> $typed */
    private function given(array $typed): Given
    {
        $settings = $this->settings->get();
        $named = [];
        foreach ($typed as $field => $value) {
            $named[(string) $field] = $value;
        }

        return new Given(
            $named,
            new QuantityParser($settings->unit()),
            $this->catalogue,
            $this->shelf->get(),
            Currency::of($settings->currency),
        );
    }
}
