<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\ArtworkView;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Http\RequestBody;
use Wubbin\Refusal\NotFound;
use Wubbin\Storage\Removed;
use Wubbin\Storage\RemovedKind;

/** The shop's pictures: where each is used, and one put in another's place. */
#[AsController]
final readonly class PictureController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ArtworkStore $artwork,
        private JobPlanner $jobs,
        private JobChanges $changes,
        private RequestBody $bodies,
        private Removed $removed,
    ) {}

    #[Route('/api/pictures', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/pictures',
            operationId: 'listPictures',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'All pictures, the latest first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PictureEntry::class)),
                ),
            ],
        ),
    ]
    public function list(): JsonResponse
    {
        $used = [];
        $removed = $this->removed->ids(RemovedKind::Job);
        foreach ($this->entities->getRepository(StoredJob::class)->findAll() as $stored) {
            $job = $stored->job();
            if (isset($removed[$job->id])) {
                continue;
            }
            foreach (
                array_unique(
                    array_map(static fn(Transfer $transfer): string => $transfer->artwork ?? '', $job->transfers),
                )
                as $sha256
            ) {
                $used[$sha256][] = new PictureUse($job->id, $job->name, $stored->archived);
            }
        }
        $gone = $this->removed->ids(RemovedKind::Picture);
        $pictures = array_values(
            array_filter(
                $this->entities->getRepository(Artwork::class)->findBy([], ['created' => 'DESC']),
                static fn(Artwork $artwork): bool => !isset($gone[$artwork->sha256]),
            ),
        );

        return new JsonResponse(
            array_map(
                static fn(Artwork $artwork): PictureEntry => new PictureEntry(
                    ArtworkView::of($artwork),
                    $artwork->created,
                    $used[$artwork->sha256] ?? [],
                ),
                $pictures,
            ),
        );
    }

    /**
     * Every job on the list takes the new picture at the width that the old one had; jobs that were put away keep
     * theirs.
     */
    #[Route('/api/pictures/{sha256}/replace', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/pictures/{sha256}/replace',
            operationId: 'replacePicture',
            parameters: [new OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(Replacement::class),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The jobs that took it',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PictureUse::class)),
                ),
                new Refused(404, 'No such picture'),
            ],
        ),
    ]
    public function replace(string $sha256, Request $request): JsonResponse
    {
        $by = $this->bodies->read($request, Replacement::class)->by;
        foreach ([$sha256, $by] as $wanted) {
            $this->artwork->find($wanted) ?? throw new NotFound('This picture is not in the store.');
        }
        $taken = [];
        $catalogue = $this->jobs->catalogue();
        $new = $this->artwork->pictures([$by]);
        foreach ($this->entities->getRepository(StoredJob::class)->findBy(['archived' => false]) as $stored) {
            $job = $stored->job();
            $pictures = $this->jobs->pictures($job) + $new;
            $changed = $job;
            foreach ($job->transfers as $at => $transfer) {
                if ($transfer->artwork === $sha256) {
                    $changed = JobEdit::apply(
                        $changed,
                        ['artwork' => $by],
                        new QuantityParser(),
                        $catalogue,
                        $pictures,
                        $at,
                    );
                }
            }
            if ($changed !== $job) {
                $this->changes->change($stored, $changed);
                $taken[] = new PictureUse($job->id, $job->name, false);
            }
        }
        $this->entities->flush();

        return new JsonResponse($taken);
    }
}
