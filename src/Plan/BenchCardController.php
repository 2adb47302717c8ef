<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Job\JobPlanner;
use Wubbin\Measure\SettingsStore;

#[AsController]
final readonly class BenchCardController
{
    public function __construct(private JobPlanner $jobs, private SettingsStore $settings, private BenchCardPdf $pdf) {}

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
        $settings = $this->settings->get();
        $plan = $this->jobs->plan($this->jobs->find($id)->job());

        return new Response($this->pdf->draw($plan, $settings->format(), PaperSize::from($settings->paper)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="bench-card.pdf"',
        ]);
    }
}
