<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Plan\CutSheets;
use Wubbin\Core\Sheet\CutSheet;
use Wubbin\Http\FileAnswer;
use Wubbin\Http\PdfAnswer;
use Wubbin\Job\JobPlanner;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Refusal\NotFound;

/** The sheets of a job for a cutter. */
#[AsController]
final readonly class CutController
{
    public function __construct(private JobPlanner $jobs, private ShopPapers $papers) {}

    /** The cut lines of one of a job's sheets, those that are alike counted once, from 1. */
    #[
        Route(
            '/api/jobs/{id}/cut/{sheet}.{format}',
            requirements: ['sheet' => '\d{1,4}', 'format' => 'svg|dxf'],
            methods: ['GET'],
        ),
    ]
    public function lines(string $id, int $sheet, string $format): Response
    {
        [$content, $type] = $this->sheet($id, $sheet)->file($format);

        return FileAnswer::of($content, $type, sprintf('cut-%d.%s', $sheet, $format));
    }

    /** How the cutter finds them. */
    #[Route('/api/jobs/{id}/cut/{sheet}.pdf', requirements: ['sheet' => '\d{1,4}'], methods: ['GET'], priority: 1)]
    public function page(string $id, int $sheet): Response
    {
        return PdfAnswer::of(
            $this->papers->press(
                CutPaper::of($this->jobs->find($id)->job()->name, $this->sheet($id, $sheet), $this->papers->size()),
            ),
            'cutter',
        );
    }

    private function sheet(string $id, int $sheet): CutSheet
    {
        return CutSheets::of($this->jobs->plan($this->jobs->find($id)->job()))[$sheet - 1] ??
            throw new NotFound('This job has no such sheet for a cutter. Pictures in parts are cut by hand.');
    }
}
