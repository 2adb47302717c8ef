<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\String\UnicodeString;
use Wubbin\Artwork\PrivateDetails;
use Wubbin\Contract\Answer;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\JobFile;
use Wubbin\Http\Upload;
use Wubbin\Storage\FileStore;

/** Jobs leave and enter a shop as open files that carry their picture with them. */
#[AsController]
final readonly class JobFileController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private JobImport $import,
        private FileStore $files,
        private PrivateDetails $details,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/jobs/{id}/export', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/export',
            operationId: 'exportJob',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'The job file', './job.schema.json')],
        ),
    ]
    public function export(string $id): Response
    {
        $job = $this->jobs->find($id)->job();
        $file = JobFile::write($job);
        foreach ($job->transfers as $at => $transfer) {
            if (null !== $transfer->made && is_file($this->files->path($transfer->made->of))) {
                $bytes = (string) file_get_contents($this->details->storedWithout($transfer->made->of));
                $made = ['of' => hash('sha256', $bytes), 'embedded' => base64_encode($bytes)];
                $file['transfers'][$at] = ['made' => $made + $transfer->made->toRecord()] + $file['transfers'][$at];
            }
        }
        foreach ($file['transfers'] as $at => $transfer) {
            $sha256 = $transfer['artwork']['sha256'] ?? '';
            if (null !== $transfer['artwork'] && is_file($this->files->path($sha256))) {
                // Where and when a photo was taken stays here, and so it is another file by its fingerprint.
                $bytes = (string) file_get_contents($this->details->storedWithout($sha256));
                $file['transfers'][$at]['artwork']['sha256'] = hash('sha256', $bytes);
                $file['transfers'][$at]['artwork']['embedded'] = base64_encode($bytes);
            }
        }
        $name = (new UnicodeString($job->name))
            ->ascii()
            ->lower()
            ->replaceMatches('/[^a-z0-9]+/', '-')
            ->trim('-')
            ->toString();

        return new Response(
            json_encode(
                $file,
                \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
            ),
            200,
            [
                'Content-Type' => 'application/json',
                'Content-Disposition' => HeaderUtils::makeDisposition(
                    HeaderUtils::DISPOSITION_ATTACHMENT,
                    ('' === $name ? 'job' : $name) . '.wubbin.json',
                ),
            ],
        );
    }

    #[Route('/api/jobs/import', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/import',
            operationId: 'importJob',
            requestBody: new FileBody('file'),
            responses: [
                new Answer(201, 'The job', JobView::class),
                new Refused(422, 'Not a job file, or a field of it is wrong'),
            ],
        ),
    ]
    public function import(Request $request): JsonResponse
    {
        $stored = StoredJob::fromJob(
            $this->import->read((string) file_get_contents(Upload::fromRequest($request, 'file')->getPathname())),
            $this->clock->now(),
        );
        $view = $this->jobs->view($stored);
        $this->entities->persist($stored);
        $this->entities->flush();

        return new JsonResponse($view, 201);
    }
}
