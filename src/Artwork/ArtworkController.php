<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Core\Artwork\CutOut\Stroke;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Upload;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\TaskView;

#[AsController]
final readonly class ArtworkController
{
    public function __construct(
        private ArtworkStore $store,
        private FileStore $files,
        private BackgroundRemover $remover,
        private BentPictures $bent,
        private LossMap $lost,
        private TaskQueue $tasks,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/artwork', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/artwork',
            operationId: 'uploadArtwork',
            requestBody: new FileBody('file'),
            responses: [
                new Answer(201, 'The picture', ArtworkView::class),
                new Answer(202, 'A large one: the work of reading it, whose result is the picture', TaskView::class),
                new Refused(422, 'Not a picture that can be printed'),
            ],
        ),
    ]
    public function upload(Request $request): JsonResponse
    {
        $file = Upload::fromRequest($request, 'file');
        if ($this->store->takesLong($file->getPathname())) {
            $task = $this->tasks->add(TakePicture::kind(), [
                'parked' => $this->files->park($file->getPathname()),
                'name' => $file->getClientOriginalName(),
            ]);

            return new JsonResponse(TaskView::of($task), 202);
        }

        return new JsonResponse(
            ArtworkView::of($this->store->take($file->getPathname(), $file->getClientOriginalName())),
            201,
        );
    }

    #[Route('/api/artwork/{sha256}/preview', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function preview(string $sha256): Response
    {
        $this->found($sha256);
        $response = new BinaryFileResponse(
            $this->files->path($sha256, ReadPicture::PREVIEW),
            200,
            ['Content-Type' => 'image/png', 'Content-Security-Policy' => "default-src 'none'; sandbox"],
            false,
            null,
            false,
            false,
        );
        $response->headers->set('Cache-Control', 'private, max-age=31536000, immutable');

        return $response;
    }

    /** Bent as it will be for a piece that tapers. */
    #[Route('/api/artwork/{sha256}/bent', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function bent(string $sha256, Request $request): Response
    {
        try {
            $bend = Bend::fromQuery($request->query->all());
        } catch (BadRecord $e) {
            throw InvalidInput::field('bend', $e->getMessage());
        }

        return new Response($this->bent->preview($this->found($sha256), $bend), 200, [
            'Content-Type' => 'image/png',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }

    /** What would be taken away of a picture, to lay over its preview. */
    #[Route('/api/artwork/{sha256}/background', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function background(string $sha256, Request $request): Response
    {
        $islands = '1' === $request->query->getString('islands');

        return new Response(
            $this->remover->preview(
                $this->found($sha256),
                self::tolerance($request->query->getString('tolerance')),
                $islands,
            ),
            200,
            ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=600'],
        );
    }

    /**
     * Where its colours are lost on cloth of one colour, to lay over its preview: hatched where they look different,
     * filled where they vanish.
     */
    #[Route('/api/artwork/{sha256}/lost', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function lost(string $sha256, Request $request): Response
    {
        try {
            $cloth = Colour::hex($request->query->getString('on'));
        } catch (UnreadableQuantity $e) {
            throw InvalidInput::field('on', $e->getMessage());
        }

        return new Response($this->lost->ofColours($this->found($sha256), $cloth), 200, [
            'Content-Type' => 'image/png',
            'Cache-Control' => 'private, max-age=600',
        ]);
    }

    /** Where its lines are finer than a route holds at this width, to lay over its preview. */
    #[Route('/api/artwork/{sha256}/too-fine', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function tooFine(string $sha256, Request $request): Response
    {
        [$width, $holds] = [$request->query->get('width_mm'), $request->query->get('holds_mm')];
        if (!is_numeric($width) || !is_numeric($holds) || (float) $width <= 0.0) {
            throw InvalidInput::field('width_mm', 'Say how wide the picture is, and how fine a line is held.');
        }

        return new Response($this->lost->ofLines($this->found($sha256), (float) $holds / (float) $width), 200, [
            'Content-Type' => 'image/png',
            'Cache-Control' => 'private, max-age=600',
        ]);
    }

    #[Route('/api/artwork/{sha256}/without-background', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/artwork/{sha256}/without-background',
            operationId: 'removeBackground',
            parameters: [new OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(BackgroundWish::class),
            responses: [
                new Answer(201, 'A picture without it; the first stays as it is', ArtworkView::class),
                new Answer(202, 'Of a large one: the work, whose result is the picture', TaskView::class),
                new Refused(422, 'There is no background to take away'),
            ],
        ),
    ]
    public function withoutBackground(string $sha256, Request $request): JsonResponse
    {
        $artwork = $this->found($sha256);
        $body = $this->bodies->read($request, BackgroundWish::class);
        $tolerance = self::tolerance((string) $body->tolerance);
        $strokes = self::strokes($body->strokes);
        if (
            PictureKind::Vector === $artwork->picture()->kind ||
            $this->store->takesLong($this->files->path($sha256, $artwork->form()))
        ) {
            return new JsonResponse(
                TaskView::of(
                    $this->tasks->add(TakeBackgroundAway::kind(), [
                        'sha256' => $sha256,
                        'tolerance' => $tolerance,
                        'islands' => $body->islands,
                        'strokes' => $body->strokes,
                    ]),
                ),
                202,
            );
        }

        return new JsonResponse(
            ArtworkView::of($this->remover->remove($artwork, $tolerance, $body->islands, $strokes)),
            201,
        );
    }

    /** What would be taken away by lines drawn over a photograph, to lay over its preview. */
    #[Route('/api/artwork/{sha256}/background', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/artwork/{sha256}/background',
            operationId: 'showBackground',
            parameters: [new OA\PathParameter(name: 'sha256', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(BackgroundWish::class),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Violet where it goes',
                    content: new OA\MediaType(
                        mediaType: 'image/png',
                        schema: new OA\Schema(type: 'string', format: 'binary'),
                    ),
                ),
                new Refused(422, 'Lines that cannot be read, or nothing that is to be kept'),
            ],
        ),
    ]
    public function backgroundByStrokes(string $sha256, Request $request): Response
    {
        $body = $this->bodies->read($request, BackgroundWish::class);

        return new Response(
            $this->remover->preview(
                $this->found($sha256),
                self::tolerance((string) $body->tolerance),
                $body->islands,
                self::strokes($body->strokes),
            ),
            200,
            ['Content-Type' => 'image/png', 'Cache-Control' => 'no-store'],
        );
    }

    /**
     * @return list<Stroke>
     *
     * @throws Refusal when they cannot be read
     */
    private static function strokes(string $typed): array
    {
        try {
            return Stroke::parse($typed);
        } catch (BadRecord $e) {
            throw InvalidInput::field('strokes', $e->getMessage());
        }
    }

    private function found(string $sha256): Artwork
    {
        return $this->store->find($sha256) ?? throw new NotFound('This picture is not in the store.');
    }

    /** @throws Refusal unless from 0 to 100 */
    private static function tolerance(string $typed): float
    {
        return is_numeric($typed) && (float) $typed >= 0.0 && (float) $typed <= 100.0
            ? (float) $typed
            : throw InvalidInput::field('tolerance', 'Write a tolerance from 0 to 100.');
    }
}
