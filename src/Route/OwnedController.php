<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\Owning;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Http\JsonBody;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Shelf\ShelfStore;

/** What do you have: what people own, tapped on and off the shelf. */
#[AsController]
final readonly class OwnedController
{
    public function __construct(
        private ShelfStore $shelf,
        private Catalogue $catalogue,
        private SettingsStore $settings,
    ) {}

    #[Route('/api/owned', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/owned',
            operationId: 'getOwned',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'All that people own, and what of it is here',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OwnedView::class)),
                ),
            ],
        ),
    ]
    public function get(): JsonResponse
    {
        return $this->view($this->shelf->get());
    }

    #[Route('/api/owned/{id}', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/owned/{id}',
            operationId: 'putOwned',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(OwnedWish::class),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'All that people own, and what of it is here now',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OwnedView::class)),
                ),
                new Refused(404, 'Nothing of this kind'),
                new Refused(422, 'An answer that is not offered'),
            ],
        ),
    ]
    public function put(string $id, Request $request): JsonResponse
    {
        $thing = $this->catalogue->owned[$id] ?? throw new NotFound('Wubbin knows no such thing.');
        $answers = OwnedWish::fromRecord(JsonBody::fromRequest($request))->answers;

        return $this->view(
            $this->shelf->change(fn(array $record): array => Owning::set($record, $thing, $answers, $this->catalogue)),
        );
    }

    #[Route('/api/recognise', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/recognise',
            operationId: 'recogniseSheet',
            parameters: [
                new OA\QueryParameter(
                    name: 'answers',
                    description: 'As question:answer, with commas between; an empty answer is that nobody could tell',
                    schema: new OA\Schema(type: 'string'),
                ),
            ],
            responses: [
                new Answer(200, 'What it can be, and what is asked next', RecognisedView::class),
                new Refused(422, 'An answer that is not offered'),
            ],
        ),
    ]
    public function recognise(Request $request): JsonResponse
    {
        $recognition = $this->catalogue->recognition;
        $answers = $passed = [];
        foreach (
            array_filter(explode(',', $request->query->getString('answers')), static fn(string $p): bool => '' !== $p)
            as $pair
        ) {
            [$question, $answer] = explode(':', $pair . ':');
            if ('' === $answer) {
                $passed[] = $question;
            } else {
                $answers[$question] = $answer;
            }
        }
        try {
            $fitting = $recognition->fitting($answers);
        } catch (BadRecord $e) {
            throw InvalidInput::field('answers', $e->getMessage());
        }
        $next = $recognition->next($answers, $passed);

        return new JsonResponse(
            new RecognisedView(
                array_map(
                    fn(array $sheet): array => [
                        'id' => $sheet['owned'],
                        'label' => $this->catalogue->owned[$sheet['owned']]->label,
                        'test' => $sheet['test'],
                    ],
                    $fitting,
                ),
                null === $next
                    ? null
                    : [
                        'id' => $next,
                        'text' => $recognition->questions[$next]['text'],
                        'answers' => array_map(
                            static fn(string $id, string $label): array => ['id' => $id, 'label' => $label],
                            array_keys($recognition->questions[$next]['answers']),
                            $recognition->questions[$next]['answers'],
                        ),
                    ],
            ),
        );
    }

    private function view(Shelf $shelf): JsonResponse
    {
        return new JsonResponse(
            OwnedView::all($shelf, $this->catalogue, PaperSize::from($this->settings->get()->paper)),
        );
    }
}
