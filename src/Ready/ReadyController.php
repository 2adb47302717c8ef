<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Artwork\ArtworkView;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\Series;
use Wubbin\Http\JsonBody;
use Wubbin\Http\Upload;
use Wubbin\Job\JobPlanner;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

#[AsController]
final readonly class ReadyController
{
    public function __construct(
        private JobPlanner $jobs,
        private ReadyWork $work,
        private Names $names,
        private TaskQueue $tasks,
    ) {}

    /** How the picture would look, and where it would lie. */
    #[Route('/api/jobs/{id}/ready/look', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/ready/look',
            operationId: 'lookAtReady',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(ReadyWish::class),
            responses: [
                new Answer(200, 'The picture, small', ReadyLook::class),
                new Refused(422, 'A field of a step is wrong, or nothing would be left'),
            ],
        ),
    ]
    public function look(string $id, Request $request): JsonResponse
    {
        return new JsonResponse($this->work->look($this->jobs->find($id)->job(), self::wish($request)));
    }

    /** The picture in full; the job takes it as a change of its own. */
    #[Route('/api/jobs/{id}/ready', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/ready',
            operationId: 'makeReady',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(ReadyWish::class),
            responses: [
                new Answer(201, 'The picture', ReadyMade::class),
                new Answer(202, 'Where that takes long: the work, whose result is the picture', TaskView::class),
                new Refused(422, 'A field of a step is wrong, or nothing would be left'),
            ],
        ),
    ]
    public function make(string $id, Request $request): JsonResponse
    {
        $wish = self::wish($request);
        $job = $this->jobs->find($id)->job();

        return $this->work->takesLong($job, $wish)
            ? new JsonResponse(
                TaskView::of(
                    $this->tasks->add(MakeReady::kind(), [
                        'job' => $id,
                        'transfer' => $wish->transfer,
                        'steps' => $wish->steps,
                    ]),
                ),
                202,
            )
            : new JsonResponse($this->work->make($job, $wish), 201);
    }

    /** A picture with nothing on it but room for words. */
    #[Route('/api/artwork/words', methods: ['POST'], priority: 1)]
    #[
        OA\Post(
            path: '/api/artwork/words',
            operationId: 'beginWithWords',
            responses: [new Answer(201, 'The picture', ArtworkView::class)],
        ),
    ]
    public function words(): JsonResponse
    {
        return new JsonResponse(ArtworkView::of($this->work->empty()), 201);
    }

    #[Route('/api/jobs/{id}/names', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/names',
            operationId: 'getNames',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new Answer(200, 'Its names as they come out', NamesView::class),
                new Refused(404, 'No such job'),
            ],
        ),
    ]
    public function names(string $id): JsonResponse
    {
        return new JsonResponse($this->names->view($this->jobs->find($id)->job()));
    }

    /** Nothing is kept: the list is sent back to be looked at. */
    #[Route('/api/names/read', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/names/read',
            operationId: 'readNames',
            requestBody: new FileBody('file'),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The list, a line for each piece',
                    content: new OA\JsonContent(
                        required: ['typed'],
                        properties: [new OA\Property(property: 'typed', type: 'string')],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'Not a table'),
            ],
        ),
    ]
    public function read(Request $request): JsonResponse
    {
        $file = Upload::fromRequest($request, 'file');

        return new JsonResponse(['typed' => Series::fromTable(TableFile::rows($file->getPathname()))]);
    }

    private static function wish(Request $request): ReadyWish
    {
        return ReadyWish::fromRecord(JsonBody::fromRequest($request));
    }
}
