<?php

declare(strict_types=1);

namespace Wubbin\Ladder;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Log\LadderAxis;
use Wubbin\Core\Log\LadderMark;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\MirrorsIn;
use Wubbin\Core\Route\Recipe;
use Wubbin\Http\JsonBody;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Version;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Route\RecipeStore;
use Wubbin\Storage\WriteTurn;

/** Test ladders: swatches over two settings, marked, and a recipe of the best. */
#[AsController]
final readonly class LadderController
{
    private const LISTED = 100;

    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private RecipeStore $recipes,
        private Catalogue $catalogue,
        private LadderPdf $pdf,
        private ClockInterface $clock,
        private RequestBody $bodies,
        private WriteTurn $turn,
    ) {}

    #[Route('/api/ladders', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/ladders',
            operationId: 'listLadders',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The latest first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: LadderView::class)),
                ),
            ],
        ),
    ]
    public function list(): JsonResponse
    {
        return new JsonResponse(
            array_map(
                LadderView::of(...),
                $this->entities->getRepository(StoredLadder::class)->findBy([], ['created' => 'DESC'], self::LISTED),
            ),
        );
    }

    #[Route('/api/jobs/{id}/ladders', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/ladders',
            operationId: 'planLadder',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['id', 'picture', 'x', 'y', 'swatch_mm'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string', description: 'A new UUID, made by the page'),
                        new OA\Property(property: 'picture', type: 'integer', description: 'Of the job, from 0'),
                        new OA\Property(
                            property: 'x',
                            required: ['of', 'values'],
                            properties: [
                                new OA\Property(property: 'of', type: 'string'),
                                new OA\Property(property: 'values', type: 'array', items: new OA\Items(type: 'string')),
                            ],
                            type: 'object',
                        ),
                        new OA\Property(
                            property: 'y',
                            required: ['of', 'values'],
                            properties: [
                                new OA\Property(property: 'of', type: 'string'),
                                new OA\Property(property: 'values', type: 'array', items: new OA\Items(type: 'string')),
                            ],
                            type: 'object',
                        ),
                        new OA\Property(property: 'swatch_mm', type: 'number'),
                    ],
                    type: 'object',
                ),
            ),
            responses: [new Answer(201, 'The ladder', LadderView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function plan(string $id, Request $request): JsonResponse
    {
        $body = JsonBody::fromRequest($request);
        $known = $this->entities->find(StoredLadder::class, $body->id('id'));
        if (null !== $known) {
            return new JsonResponse(LadderView::of($known), 201);
        }
        $plan = $this->jobs->plan($this->jobs->find($id)->job());
        $transfer =
            $plan->transfers[$body->integer('picture')] ??
            throw InvalidInput::field('picture', 'There is no such picture on this piece.');
        [$page, $marginMm] = $this->sheetOf($transfer);
        try {
            $ladder = StoredLadder::read($body);
            $ladder->places($page->paper->size(), $marginMm);
        } catch (BadRecord $e) {
            throw InvalidInput::field($e->field, $e->getMessage());
        }
        $facts = $transfer->facts->jsonSerialize();
        $stored = new StoredLadder(
            $body->id('id'),
            $id,
            $plan->jobName,
            [
                'x' => self::side($ladder->x),
                'y' => self::side($ladder->y),
                'swatch_mm' => $ladder->swatchMm,
                'facts' => $facts + [
                    'paper' => $page->paper->value,
                    'margin_mm' => $marginMm,
                    'medium_like' => $page->like,
                    'mirrored_in_file' =>
                        $transfer->arrangement->stack->mirrored() &&
                        MirrorsIn::Driver !== $transfer->outfit->marking?->printer?->mirrors,
                ],
            ],
            $this->clock->now(),
        );
        $this->entities->persist($stored);
        $this->entities->flush();

        return new JsonResponse(LadderView::of($stored), 201);
    }

    #[Route('/api/ladders/{id}', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/ladders/{id}',
            operationId: 'getLadder',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'The ladder', LadderView::class), new Refused(404, 'No such ladder')],
        ),
    ]
    public function get(string $id): JsonResponse
    {
        $stored = $this->find($id);

        return Version::of($stored->marks)->on(new JsonResponse(LadderView::of($stored)));
    }

    #[Route('/api/ladders/{id}/sheet.pdf', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/ladders/{id}/sheet.pdf',
            operationId: 'getLadderSheet',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The swatches at true size',
                    content: new OA\MediaType(
                        mediaType: 'application/pdf',
                        schema: new OA\Schema(type: 'string', format: 'binary'),
                    ),
                ),
            ],
        ),
    ]
    public function sheet(string $id): Response
    {
        $stored = $this->find($id);
        $facts = $stored->facts();
        $paper = $facts->enum('paper', PaperSize::class);

        return new Response(
            $this->pdf->draw(
                $stored->ladder(),
                $paper->size(),
                $facts->number('margin_mm'),
                $facts->boolean('mirrored_in_file'),
                $stored->name,
            ),
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="ladder.pdf"'],
        );
    }

    #[Route('/api/ladders/{id}/marks', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/ladders/{id}/marks',
            operationId: 'markLadder',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['marks'],
                    properties: [
                        new OA\Property(
                            property: 'marks',
                            type: 'object',
                            additionalProperties: new OA\AdditionalProperties(
                                type: 'string',
                                enum: ['not-yet', 'good', 'too-much'],
                            ),
                        ),
                    ],
                    type: 'object',
                ),
            ),
            responses: [
                new Answer(200, 'The ladder', LadderView::class),
                new Refused(422, 'A swatch it does not have'),
            ],
        ),
    ]
    public function mark(string $id, Request $request): JsonResponse
    {
        $stored = $this->find($id);
        $marks = JsonBody::fromRequest($request)->record('marks')->stringMap();
        try {
            $stored
                ->ladder()
                ->marked(
                    array_map(
                        static fn(string $mark): LadderMark => LadderMark::tryFrom($mark) ??
                            throw BadRecord::at('marks', 'A swatch is not yet, good, or too much.'),
                        $marks,
                    ),
                );
        } catch (BadRecord $e) {
            throw InvalidInput::field('marks', $e->getMessage());
        }
        $this->turn->take(function () use ($request, $stored, $marks): void {
            $this->entities->refresh($stored);
            Version::of($stored->marks)->hold($request, ['marks' => (object) $stored->marks]);
            $stored->marks = $marks;
            $this->entities->flush();
        });

        return Version::of($stored->marks)->on(new JsonResponse(LadderView::of($stored)));
    }

    /** The chosen setting as a recipe of the house; a second time it is a further version of it. */
    #[Route('/api/ladders/{id}/recipe', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/ladders/{id}/recipe',
            operationId: 'ladderToRecipe',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(LadderName::class),
            responses: [
                new Answer(200, 'The ladder, with its recipe', LadderView::class),
                new Refused(422, 'No swatch is good, or a field is wrong'),
            ],
        ),
    ]
    public function recipe(string $id, Request $request): JsonResponse
    {
        $stored = $this->find($id);
        $ladder = $stored->ladder();
        $chosen = $ladder->chosen() ?? throw InvalidInput::field('marks', 'Mark a swatch as good first.');
        try {
            $recipe = Recipe::fromRecord(
                LadderRecipe::forSwatch(
                    $this->catalogue,
                    $stored,
                    $ladder,
                    $chosen['x'],
                    $chosen['y'],
                    $this->bodies->read($request, LadderName::class)->name,
                    $chosen['name'],
                ),
                $this->catalogue,
            );
        } catch (BadRecord $e) {
            throw InvalidInput::field($e->field, $e->getMessage());
        }
        $this->recipes->put($recipe);
        $stored->recipe = $recipe->id;
        $this->entities->flush();

        return new JsonResponse(LadderView::of($stored));
    }

    /** @return array{of: string, values: list<string>} */
    private static function side(LadderAxis $axis): array
    {
        return ['of' => $axis->of, 'values' => array_map(strval(...), $axis->given())];
    }

    /** @return array{Medium, float} what it is printed on, and the white edge */
    private function sheetOf(TransferPlan $transfer): array
    {
        if (null === $transfer->outfit->medium || null === $transfer->outfit->marking) {
            throw InvalidInput::field(
                'picture',
                'Nothing is printed for this picture, or its sheet and printer are not chosen yet.',
            );
        }

        return [$transfer->outfit->medium, $transfer->outfit->marking->marginMm];
    }

    private function find(string $id): StoredLadder
    {
        return $this->entities->find(StoredLadder::class, $id) ?? throw new NotFound('There is no such test ladder.');
    }
}
