<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\ResponseHeaderBag;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

/** Backups, the whole shop in open formats, and how the place stands where it is kept. */
#[AsController]
final readonly class BackupController
{
    public function __construct(
        private Backups $backups,
        private Condition $condition,
        private ShopExport $export,
        private TaskQueue $tasks,
    ) {}

    #[Route('/api/condition', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/condition',
            operationId: 'getCondition',
            responses: [
                new Answer(200, 'What is wrong with where the shop is kept, if anything', ConditionView::class),
            ],
        ),
    ]
    public function condition(): JsonResponse
    {
        return new JsonResponse($this->condition->view());
    }

    #[Route('/api/backups', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/backups',
            operationId: 'listBackups',
            responses: [new Answer(200, 'The newest first', BackupsView::class)],
        ),
    ]
    public function list(): JsonResponse
    {
        return new JsonResponse(new BackupsView($this->backups->directory(), $this->backups->all()));
    }

    #[Route('/api/backups', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/backups',
            operationId: 'takeBackup',
            responses: [new Answer(202, 'The work of taking one', TaskView::class)],
        ),
    ]
    public function take(): JsonResponse
    {
        return new JsonResponse(TaskView::of($this->tasks->add(BackUp::kind(), [])), 202);
    }

    #[Route('/api/backups/{name}', methods: ['GET'])]
    public function download(string $name): Response
    {
        $response = new BinaryFileResponse($this->backups->path($name), 200, [
            'Content-Type' => 'application/octet-stream',
        ]);

        return $response->setContentDisposition(ResponseHeaderBag::DISPOSITION_ATTACHMENT, $name);
    }

    /** Jobs, recipes and shelf as their files, the tables, and the pictures: one archive that every system opens. */
    #[Route('/api/export.tar', methods: ['GET'])]
    public function export(): Response
    {
        return new StreamedResponse(fn() => $this->export->write(new EchoSink()), 200, [
            'Content-Type' => 'application/x-tar',
            'Content-Disposition' => 'attachment; filename="shop.tar"',
        ]);
    }
}
