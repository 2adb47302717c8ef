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
use Wubbin\Http\Problem;
use Wubbin\Http\Upload;
use Wubbin\Storage\FileStore;

#[AsController]
final readonly class ArtworkController
{
    public function __construct(private ArtworkStore $store, private FileStore $files)
    {
    }

    #[Route('/api/artwork', methods: ['POST'])]
    #[OA\Post(
        path: '/api/artwork',
        operationId: 'uploadArtwork',
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')], type: 'object'))),
        responses: [
            new OA\Response(response: 201, description: 'The picture', content: new OA\JsonContent(ref: ArtworkView::class)),
            new OA\Response(response: 422, description: 'Not a picture that can be printed', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: Problem::class))),
        ],
    )]
    public function upload(Request $request): JsonResponse
    {
        $file = Upload::of($request, 'file');

        return new JsonResponse(ArtworkView::of($this->store->take($file->getPathname(), $file->getClientOriginalName())), 201);
    }

    #[Route('/api/artwork/{sha256}/preview', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function preview(string $sha256): Response
    {
        if (null === $this->store->find($sha256)) {
            throw Problem::notFound('This picture is not in the store.');
        }
        $response = new BinaryFileResponse($this->files->path($sha256, ReadPicture::PREVIEW), 200, ['Content-Type' => 'image/png', 'Content-Security-Policy' => "default-src 'none'; sandbox"], false, null, false, false);
        $response->headers->set('Cache-Control', 'private, max-age=31536000, immutable');

        return $response;
    }
}
