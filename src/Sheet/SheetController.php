<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Archive\SheetArchive;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Http\RequestBody;
use Wubbin\Job\JobPlanner;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

#[AsController]
final readonly class SheetController
{
    public function __construct(
        private JobPlanner $jobs,
        private SheetMaker $sheets,
        private SheetArchive $archive,
        private TaskQueue $tasks,
        private RequestBody $bodies,
    ) {}

    /** Making the sheet freezes the plan it is made from. */
    #[Route('/api/jobs/{id}/sheet', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/sheet',
            operationId: 'makeSheet',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new Answer(201, 'The sheet', SheetView::class),
                new Answer(202, 'Where pictures are bent for it: the work, whose result is the sheet', TaskView::class),
                new Refused(422, 'A check stands against printing'),
            ],
        ),
    ]
    public function make(string $id): JsonResponse
    {
        $plan = $this->jobs->plan($this->jobs->find($id)->job());
        if ($plan->printable() && $this->sheets->takesLong($plan)) {
            return new JsonResponse(
                TaskView::of($this->tasks->add(MakeSheet::kind(), ['job' => $id, 'plan' => $plan->id()])),
                202,
            );
        }

        return new JsonResponse(SheetView::of($this->sheets->make($plan)), 201);
    }

    /** For some of the pieces: those that are left, or one that has to be made again. */
    #[Route('/api/jobs/{id}/sheet/some', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/sheet/some',
            operationId: 'makeSomeSheets',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(SomePieces::class),
            responses: [
                new Answer(201, 'The sheets', SheetView::class),
                new Answer(202, 'Where that takes long: the work, whose result they are', TaskView::class),
                new Refused(422, 'A check stands against printing, or not so many pieces'),
            ],
        ),
    ]
    public function some(string $id, Request $request): JsonResponse
    {
        $some = $this->bodies->read($request, SomePieces::class);
        $plan = $this->jobs->plan($this->jobs->find($id)->job());
        if ($plan->printable() && $this->sheets->takesLongFor($plan, $some)) {
            return new JsonResponse(
                TaskView::of(
                    $this->tasks->add(MakeSheet::kind(), [
                        'job' => $id,
                        'plan' => $plan->id(),
                        'pieces' => $some->pieces,
                        'share' => $some->share,
                        'names' => $some->names,
                    ]),
                ),
                202,
            );
        }

        return new JsonResponse(SheetView::of($this->sheets->makeSome($plan, $some)), 201);
    }

    /** What is found is kept with the job, and read wherever its sheets are counted. */
    #[Route('/api/jobs/{id}/sheets/search', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/sheets/search',
            operationId: 'searchSheets',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new Answer(202, 'The work, whose result are the sheets before and after', TaskView::class),
                new Refused(404, 'No such job'),
            ],
        ),
    ]
    public function search(string $id): JsonResponse
    {
        return new JsonResponse(
            TaskView::of($this->tasks->add(SearchSheets::kind(), ['job' => $this->jobs->find($id)->id])),
            202,
        );
    }

    #[Route('/api/sheets/{id}.pdf', requirements: ['id' => '[0-9a-f-]{36}'], methods: ['GET'])]
    public function pdf(string $id): Response
    {
        $response = new BinaryFileResponse($this->archive->file($id), 200, ['Content-Type' => 'application/pdf']);
        $response->headers->set(
            'Content-Disposition',
            HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_INLINE, 'sheet.pdf'),
        );

        return $response;
    }
}
