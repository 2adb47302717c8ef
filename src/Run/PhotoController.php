<?php

declare(strict_types=1);

namespace Wubbin\Run;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Artwork\JpegEnd;
use Wubbin\Artwork\RasterFile;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Http\Upload;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Storage\FileStore;

/** Photos of finished pieces. Only a smaller copy is kept, without the place and the camera it was taken with. */
#[AsController]
final readonly class PhotoController
{
    private const LONGEST_SIDE = 2000;

    /** A photo that is measured in keeps what tells its corners apart. */
    private const LONGEST_TO_MEASURE = 4000;

    public function __construct(private RasterFile $raster, private FileStore $files) {}

    #[Route('/api/photos', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/photos',
            operationId: 'uploadPhoto',
            parameters: [
                new OA\QueryParameter(
                    name: 'to_measure',
                    required: false,
                    schema: new OA\Schema(type: 'string', enum: ['0', '1']),
                ),
            ],
            requestBody: new FileBody('file'),
            responses: [
                new OA\Response(
                    response: 201,
                    description: 'The photo',
                    content: new OA\JsonContent(
                        required: ['sha256'],
                        properties: [new OA\Property(property: 'sha256', type: 'string')],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'Not a photo'),
            ],
        ),
    ]
    public function upload(Request $request): JsonResponse
    {
        $path = Upload::fromRequest($request, 'file')->getPathname();
        $decoder =
            RasterFile::decoderFor((string) file_get_contents($path, false, null, 0, 16)) ??
            throw InvalidInput::field('file', 'This is not a JPEG, PNG or WebP photo.');
        if ('jpeg' === $decoder && !JpegEnd::isThere((string) file_get_contents($path))) {
            throw RasterFile::damaged($decoder);
        }
        $image = $this->raster->open($path, $decoder);
        $small = (string) tempnam(sys_get_temp_dir(), 'wubbin');
        try {
            $image->autoOrient();
            $image->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
            $longest = '1' === $request->query->getString('to_measure') ? self::LONGEST_TO_MEASURE : self::LONGEST_SIDE;
            if (max($image->getImageWidth(), $image->getImageHeight()) > $longest) {
                $image->thumbnailImage($longest, $longest, true);
            }
            $image->stripImage();
            $image->setImageFormat('jpeg');
            $image->setImageCompressionQuality(85);
            $image->writeImage('jpeg:' . $small);

            return new JsonResponse(['sha256' => $this->files->keep($small)], 201);
        } catch (\ImagickException $e) {
            throw RasterFile::failed($e, $decoder);
        } finally {
            unlink($small);
        }
    }

    #[Route('/api/photos/{sha256}', requirements: ['sha256' => '[0-9a-f]{64}'], methods: ['GET'])]
    public function get(string $sha256): Response
    {
        $path = $this->files->path($sha256);
        if (!is_file($path) || null === RasterFile::decoderFor((string) file_get_contents($path, false, null, 0, 16))) {
            throw new NotFound('There is no such photo.');
        }

        return new BinaryFileResponse($path, 200, [
            'Content-Type' => 'image/jpeg',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ]);
    }
}
