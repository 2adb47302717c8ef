<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Refused;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;

/** Lines to cut pictures out along, on the screen and as drawings at true size. */
#[AsController]
final readonly class CutLineController
{
    private const WIDEST_MARGIN_MM = 50.0;

    public function __construct(
        private ArtworkStore $store,
        private CutLines $lines,
        private SettingsStore $settings,
    ) {}

    #[Route('/api/artwork/{sha256}/cut-line', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/artwork/{sha256}/cut-line',
            operationId: 'getCutLine',
            parameters: [
                new OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(
                    name: 'width_mm',
                    required: true,
                    description: 'Of the picture as it is printed',
                    schema: new OA\Schema(type: 'number'),
                ),
                new OA\QueryParameter(
                    name: 'margin',
                    required: true,
                    description: 'Left round it, as typed',
                    schema: new OA\Schema(type: 'string'),
                ),
                new OA\QueryParameter(name: 'easier', schema: new OA\Schema(type: 'string', enum: ['0', '1'])),
            ],
            responses: [new Answer(200, 'The line', CutLineView::class), new Refused(422, 'A size that cannot be')],
        ),
    ]
    public function get(string $sha256, Request $request): JsonResponse
    {
        return new JsonResponse(CutLineView::of($this->line($this->found($sha256), $request)));
    }

    #[Route('/api/artwork/{sha256}/cut-line.svg', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function svg(string $sha256, Request $request): Response
    {
        $artwork = $this->found($sha256);

        return new Response($this->lines->svg($this->line($artwork, $request), $artwork->picture()->name), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, 'cut-line.svg'),
        ]);
    }

    private function found(string $sha256): Artwork
    {
        return $this->store->find($sha256) ?? throw new NotFound('This picture is not in the store.');
    }

    private function line(Artwork $artwork, Request $request): CutLine
    {
        $width = $request->query->getString('width_mm');
        if (!is_numeric($width) || (float) $width < Placement::LEAST_MM || (float) $width > Placement::MOST_MM) {
            throw InvalidInput::field('width_mm', 'A picture is from 5 to 2000 mm wide.');
        }
        try {
            $margin = (new QuantityParser($this->settings->get()->unit()))->length($request->query->getString('margin'))
                ->mm;
        } catch (UnreadableQuantity $e) {
            throw InvalidInput::field('margin', $e->getMessage());
        }
        if ($margin < 0.0 || $margin > self::WIDEST_MARGIN_MM) {
            throw InvalidInput::field('margin', 'Write a margin from 0 to 50 mm (2 in).');
        }

        return $this->lines->of($artwork, (float) $width, $margin, '1' === $request->query->getString('easier'));
    }
}
