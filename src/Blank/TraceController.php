<?php

declare(strict_types=1);

namespace Wubbin\Blank;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Blank\TracedEdge;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Http\JsonBody;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\NotFound;
use Wubbin\Shelf\ShelfStore;
use Wubbin\Storage\FileStore;

/** Blanks measured from a photo: marks are measured as they are set, and kept as a blank of the shop's own. */
#[AsController]
final readonly class TraceController
{
    public function __construct(
        private FileStore $files,
        private SettingsStore $settings,
        private ShelfStore $shelf,
        private Catalogue $catalogue,
    ) {}

    #[Route('/api/trace', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/trace',
            operationId: 'trace',
            requestBody: new Body(TraceMarks::class),
            responses: [
                new Answer(200, 'At true size', TracedView::class),
                new Refused(422, 'Marks that tell nothing'),
            ],
        ),
    ]
    public function measure(Request $request): JsonResponse
    {
        return new JsonResponse(
            TracedView::of(
                TraceMarks::fromRecord(JsonBody::fromRequest($request))->traced($this->files, $this->parser()),
            ),
        );
    }

    #[Route('/api/shelf/traced', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/shelf/traced',
            operationId: 'addTracedBlank',
            requestBody: new Body(NewTracedBlank::class),
            responses: [
                new Answer(201, 'What the shop has', './shelf.schema.json'),
                new Refused(422, 'One that cannot be'),
            ],
        ),
    ]
    public function add(Request $request): JsonResponse
    {
        $new = NewTracedBlank::fromRecord(JsonBody::fromRequest($request));

        return new JsonResponse(
            $this->shelf->addOwn('blanks', $new->toRecord($this->files, $this->parser()))->toRecord(),
            201,
        );
    }

    /** Front and back side by side, the edge and the line that is printed to. */
    #[Route('/api/shelf/blanks/{id}/outline.svg', methods: ['GET'])]
    public function svg(string $id): Response
    {
        $size =
            $this->shelf->get()->stocked($this->catalogue)->sizes()[$id] ??
            throw new NotFound('There is no such blank on this shelf.');
        $edges = [];
        foreach ($this->catalogue->kindOf($size->like)->sides as $side => $label) {
            $edge = $size->seenFrom($side)->edge;
            $edges += $edge instanceof TracedEdge ? [$label => $edge] : [];
        }
        if ([] === $edges) {
            throw new NotFound('This blank was not traced.');
        }
        $disposition = HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, 'outline.svg');

        return new Response(OutlineSvg::draw($size->label, $edges), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => $disposition,
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }

    private function parser(): QuantityParser
    {
        return new QuantityParser($this->settings->get()->unit());
    }
}
