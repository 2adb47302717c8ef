<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Plan;
use Wubbin\Http\PdfAnswer;
use Wubbin\Job\JobPlanner;
use Wubbin\Measure\SettingsStore;
use Wubbin\Pdf\Paper;
use Wubbin\Pdf\ShopPapers;

#[AsController]
final readonly class BenchCardController
{
    public function __construct(
        private JobPlanner $jobs,
        private SettingsStore $settings,
        private BenchCard $bench,
        private CareCard $care,
        private ShopPapers $papers,
    ) {}

    #[Route('/api/jobs/{id}/card.pdf', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/card.pdf',
            operationId: 'getBenchCard',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Ticket, stack and steps on paper',
                    content: new OA\MediaType(
                        mediaType: 'application/pdf',
                        schema: new OA\Schema(type: 'string', format: 'binary'),
                    ),
                ),
            ],
        ),
    ]
    public function get(string $id): Response
    {
        return $this->paper($id, $this->bench->of(...), 'bench-card');
    }

    #[Route('/api/jobs/{id}/care.pdf', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/care.pdf',
            operationId: 'getCareCards',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Four cards for whoever gets a piece: how it is looked after',
                    content: new OA\MediaType(
                        mediaType: 'application/pdf',
                        schema: new OA\Schema(type: 'string', format: 'binary'),
                    ),
                ),
            ],
        ),
    ]
    public function care(string $id): Response
    {
        return $this->paper($id, $this->care->of(...), 'care-cards');
    }

    /** @param \Closure(Plan, UnitFormat, PaperSize): Paper $draw */
    private function paper(string $id, \Closure $draw, string $name): Response
    {
        $settings = $this->settings->get();
        $plan = $this->jobs->plan($this->jobs->find($id)->job());

        return PdfAnswer::of($this->papers->press($draw($plan, $settings->format(), $this->papers->size())), $name);
    }
}
