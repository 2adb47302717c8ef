<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Http\JsonBody;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Version;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Storage\SchemaCheck;

#[AsController]
final readonly class ShelfController
{
    public function __construct(
        private ShelfStore $shelf,
        private Catalogue $catalogue,
        private SchemaCheck $schemas,
        private SettingsStore $settings,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/shelf', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/shelf',
            operationId: 'getShelf',
            responses: [new Answer(200, 'What the shop has', './shelf.schema.json')],
        ),
    ]
    public function get(): JsonResponse
    {
        $shelf = $this->shelf->get()->toRecord();

        return Version::of($shelf)->on(new JsonResponse($shelf));
    }

    #[Route('/api/shelf', methods: ['PUT'])]
    #[
        OA\Put(
            path: '/api/shelf',
            operationId: 'putShelf',
            requestBody: new Body('./shelf.schema.json'),
            responses: [new Answer(200, 'What the shop has', './shelf.schema.json')],
        ),
    ]
    public function put(Request $request): JsonResponse
    {
        $shelf = Shelf::fromRecord($this->schemas->decode('shelf', $request->getContent()), $this->catalogue);
        $kept = $this->shelf
            ->change(static function (array $now) use ($request, $shelf): array {
                Version::of($now)->hold($request, $now);

                return $shelf->toRecord();
            })
            ->toRecord();

        return Version::of($kept)->on(new JsonResponse($kept));
    }

    /** Adds a heat source whose measures were typed in the person's own units. */
    #[Route('/api/shelf/heat', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/shelf/heat',
            operationId: 'addHeatSource',
            requestBody: new Body(NewHeatSource::class),
            responses: [
                new Answer(201, 'What the shop has', './shelf.schema.json'),
                new Refused(422, 'One that cannot be'),
            ],
        ),
    ]
    public function addHeat(Request $request): JsonResponse
    {
        $new = NewHeatSource::fromRecord(JsonBody::fromRequest($request));
        $entry = $new->toRecord(new QuantityParser($this->settings->get()->unit()));
        try {
            HeatSource::fromRecord(Record::of($entry), Provenance::person());
        } catch (BadRecord $e) {
            throw InvalidInput::field(NewHeatSource::fieldOf($e->field), $e->getMessage());
        }
        $shelf = $this->shelf->change(
            static fn(array $record): array => [
                'heat' => [
                    ...array_values(
                        array_filter($record['heat'], static fn(array $known): bool => $known['id'] !== $new->id),
                    ),
                    $entry,
                ],
            ] + $record,
        );

        return new JsonResponse($shelf->toRecord(), 201);
    }

    /** Puts one thing on the shelf or takes it off; what others change at the same time stays. */
    #[Route('/api/shelf/things', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/shelf/things',
            operationId: 'changeShelf',
            requestBody: new Body(ShelfThing::class),
            responses: [new Answer(200, 'What the shop has', './shelf.schema.json')],
        ),
    ]
    public function change(Request $request): JsonResponse
    {
        $body = $this->bodies->read($request, ShelfThing::class);
        [$kind, $id, $has] = [$body->kind, $body->id, $body->has];
        $shelf = $this->shelf->change(static function (array $record) use ($kind, $id, $has): array {
            if ('heat' === $kind) {
                return [
                    'heat' => array_values(
                        array_filter($record['heat'], static fn(array $known): bool => $known['id'] !== $id),
                    ),
                ] + $record;
            }
            $others = array_values(
                array_filter((array) ($record[$kind] ?? []), static fn(mixed $known): bool => $known !== $id),
            );

            return [$kind => $has ? [...$others, $id] : $others] + $record;
        });

        return new JsonResponse($shelf->toRecord());
    }

    /** Copies something that Wubbin knows as an entry of the shop's own, and puts it on the shelf. */
    #[Route('/api/shelf/own', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/shelf/own',
            operationId: 'addOwnThing',
            requestBody: new Body(NewOwnThing::class),
            responses: [
                new Answer(201, 'What the shop has', './shelf.schema.json'),
                new Refused(422, 'One that cannot be'),
            ],
        ),
    ]
    public function addOwn(Request $request): JsonResponse
    {
        $new = NewOwnThing::fromRecord(JsonBody::fromRequest($request));

        return new JsonResponse(
            $this->shelf
                ->addOwn($new->kind, $new->toRecord(new QuantityParser($this->settings->get()->unit())))
                ->toRecord(),
            201,
        );
    }
}
