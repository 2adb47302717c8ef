<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\Reach;
use Wubbin\Contract\Answer;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Http\Upload;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\NotFound;
use Wubbin\Shelf\ShelfStore;

/** Colour profiles of printers, and what they tell of a job's pictures. */
#[AsController]
final readonly class ProfileController
{
    public function __construct(
        private PrinterProfiles $profiles,
        private ShelfStore $shelf,
        private JobPlanner $jobs,
        private ArtworkStore $artwork,
        private Reach $reach,
    ) {}

    #[Route('/api/printers/{id}/profile', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/printers/{id}/profile',
            operationId: 'getPrinterProfile',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The name of its file; null for none',
                    content: new OA\JsonContent(
                        required: ['name'],
                        properties: [new OA\Property(property: 'name', type: 'string', nullable: true)],
                        type: 'object',
                    ),
                ),
            ],
        ),
    ]
    public function name(string $id): JsonResponse
    {
        return new JsonResponse(['name' => $this->profiles->name($id)]);
    }

    #[Route('/api/printers/{id}/profile', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/printers/{id}/profile',
            operationId: 'putPrinterProfile',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new FileBody('file'),
            responses: [
                new OA\Response(response: 204, description: 'It is kept'),
                new Refused(422, 'Not the profile of a printer'),
            ],
        ),
    ]
    public function put(string $id, Request $request): Response
    {
        if (!isset($this->shelf->get()->markings[$id])) {
            throw new NotFound('This printer is not on the shelf.');
        }
        $file = Upload::fromRequest($request, 'file');
        Reach::refuseOther((string) file_get_contents($file->getPathname()));
        $this->profiles->put($id, $file->getPathname(), mb_substr($file->getClientOriginalName(), 0, 120));

        return new Response(status: 204);
    }

    #[Route('/api/printers/{id}/profile', methods: ['DELETE'])]
    #[
        OA\Delete(
            path: '/api/printers/{id}/profile',
            operationId: 'removePrinterProfile',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new OA\Response(response: 204, description: 'It is gone')],
        ),
    ]
    public function remove(string $id): Response
    {
        $this->profiles->remove($id);

        return new Response(status: 204);
    }

    #[Route('/api/jobs/{id}/reach/{transfer}', requirements: ['transfer' => '\d'], methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/reach/{transfer}',
            operationId: 'getReach',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\PathParameter(name: 'transfer', schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new Answer(200, 'What its printer cannot print of it', ReachView::class),
                new Refused(404, 'No such job or picture'),
            ],
        ),
    ]
    public function reach(string $id, int $transfer): JsonResponse
    {
        $plan =
            $this->jobs->plan($this->jobs->find($id)->job())->transfers[$transfer] ??
            throw new NotFound('There is no such picture on this piece.');
        $artwork = $this->artwork->find($plan->artwork());
        $marking = $plan->outfit->marking->id ?? '';
        $profile = $this->profiles->profile($marking);
        if (null === $artwork || null === $profile) {
            return new JsonResponse(new ReachView($this->profiles->name($marking), 0.0, ''));
        }
        [$share, $png] = $this->reach->of($artwork, $profile);

        return new JsonResponse(
            new ReachView($this->profiles->name($marking), $share, 'data:image/png;base64,' . base64_encode($png)),
        );
    }
}
