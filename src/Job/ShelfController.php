<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Http\JsonBody;
use Wubbin\Http\Problem;
use Wubbin\Measure\SettingsStore;
use Wubbin\Storage\SchemaCheck;

#[AsController]
final readonly class ShelfController
{
    public function __construct(
        private ShelfStore $shelf,
        private Catalogue $catalogue,
        private SchemaCheck $schemas,
        private SettingsStore $settings,
    ) {
    }

    #[Route('/api/shelf', methods: ['GET'])]
    #[OA\Get(path: '/api/shelf', operationId: 'getShelf', responses: [new OA\Response(response: 200, description: 'What the shop has', content: new OA\JsonContent(ref: './shelf.schema.json'))])]
    public function get(): JsonResponse
    {
        return new JsonResponse($this->shelf->get()->toRecord());
    }

    #[Route('/api/shelf', methods: ['PUT'])]
    #[OA\Put(path: '/api/shelf', operationId: 'putShelf', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: './shelf.schema.json')), responses: [new OA\Response(response: 200, description: 'What the shop has', content: new OA\JsonContent(ref: './shelf.schema.json'))])]
    public function put(Request $request): JsonResponse
    {
        $shelf = Shelf::fromRecord($this->schemas->decode('shelf', $request->getContent()), $this->catalogue);
        $this->shelf->put($shelf);

        return new JsonResponse($shelf->toRecord());
    }

    /** Adds a heat source whose measures were typed in the person's own units. */
    #[Route('/api/shelf/heat', methods: ['POST'])]
    #[OA\Post(path: '/api/shelf/heat', operationId: 'addHeatSource', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: NewHeatSource::class)), responses: [
        new OA\Response(response: 201, description: 'What the shop has', content: new OA\JsonContent(ref: './shelf.schema.json')),
        new OA\Response(response: 422, description: 'One that cannot be', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: Problem::class))),
    ])]
    public function addHeat(Request $request): JsonResponse
    {
        $new = NewHeatSource::fromRecord(JsonBody::of($request));
        $record = $this->shelf->get()->toRecord();
        $record['heat'] = array_values(array_filter($record['heat'], static fn (array $known): bool => $known['id'] !== $new->id));
        $record['heat'][] = $new->toRecord(new QuantityParser($this->settings->get()->unit()));
        try {
            $shelf = Shelf::fromRecord(Record::of($record), $this->catalogue);
        } catch (BadRecord $e) {
            throw Problem::field(NewHeatSource::fieldOf($e->field), $e->getMessage());
        }
        $this->shelf->put($shelf);

        return new JsonResponse($shelf->toRecord(), 201);
    }

    /** Copies something that Wubbin knows as an entry of the shop's own, and puts it on the shelf. */
    #[Route('/api/shelf/own', methods: ['POST'])]
    #[OA\Post(path: '/api/shelf/own', operationId: 'addOwnThing', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: NewOwnThing::class)), responses: [
        new OA\Response(response: 201, description: 'What the shop has', content: new OA\JsonContent(ref: './shelf.schema.json')),
        new OA\Response(response: 422, description: 'One that cannot be', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: Problem::class))),
    ])]
    public function addOwn(Request $request): JsonResponse
    {
        $new = NewOwnThing::fromRecord(JsonBody::of($request));

        return new JsonResponse($this->shelf->addOwn($new->kind, $new->toRecord(new QuantityParser($this->settings->get()->unit())))->toRecord(), 201);
    }
}
