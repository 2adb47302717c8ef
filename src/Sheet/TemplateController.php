<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Sheet\WrapTemplate;
use Wubbin\Job\JobPlanner;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;

/** The paper template of a job's round blank. */
#[AsController]
final readonly class TemplateController
{
    public function __construct(private JobPlanner $jobs, private SettingsStore $settings, private TemplatePdf $pdf) {}

    #[Route('/api/jobs/{id}/template.pdf', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/template.pdf',
            operationId: 'getTemplate',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'At true size',
                    content: new OA\MediaType(
                        mediaType: 'application/pdf',
                        schema: new OA\Schema(type: 'string', format: 'binary'),
                    ),
                ),
                new Refused(422, 'The blank is not round, or does not fit the paper'),
            ],
        ),
    ]
    public function get(string $id): Response
    {
        $plan = $this->jobs->plan($this->jobs->find($id)->job());
        $size = $plan->transfers[0]->placing->size;
        try {
            $template = WrapTemplate::forSize($size, PaperSize::from($this->settings->get()->paper)->size());
        } catch (BadRecord $e) {
            throw InvalidInput::field('blank', $e->getMessage());
        }

        return new Response($this->pdf->draw($template, $plan->jobName . ' · ' . $size->label), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="template.pdf"',
        ]);
    }
}
