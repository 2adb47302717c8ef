<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\OptimisticLockException;
use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Plan\Check;
use Wubbin\Http\JsonBody;
use Wubbin\Http\RequestBody;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\Conflict;
use Wubbin\Refusal\InvalidInput;

#[AsController]
final readonly class JobController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private JobPlanner $jobs,
        private JobChanges $changes,
        private ArtworkStore $artwork,
        private SettingsStore $settings,
        private JobList $list,
        private RequestBody $bodies,
        private ClockInterface $clock,
    ) {}

    #[Route('/api/jobs', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs',
            operationId: 'listJobs',
            parameters: [
                new OA\QueryParameter(
                    name: 'words',
                    description: 'In its name',
                    required: false,
                    schema: new OA\Schema(type: 'string'),
                ),
                new OA\QueryParameter(
                    name: 'after',
                    description: 'How many are passed over',
                    required: false,
                    schema: new OA\Schema(type: 'integer'),
                ),
                new OA\QueryParameter(
                    name: 'which',
                    description: 'Which of them',
                    required: false,
                    schema: new OA\Schema(
                        type: 'string',
                        enum: ['', 'late', 'print', 'bench', 'finished', 'handed', 'archived'],
                    ),
                ),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Up to 60 jobs, the soonest due first',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: JobSummary::class)),
                ),
            ],
        ),
    ]
    public function list(Request $request): JsonResponse
    {
        return new JsonResponse(
            $this->list->page(
                trim($request->query->getString('words')),
                (int) $request->query->getString('after'),
                JobsWanted::tryFrom($request->query->getString('which')) ?? JobsWanted::All,
            ),
        );
    }

    /** The page names the job, so that a second click of the same button finds the first one's job. */
    #[Route('/api/jobs', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs',
            operationId: 'createJob',
            requestBody: new Body(NewJob::class),
            responses: [new Answer(201, 'The job', JobView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function create(Request $request): JsonResponse
    {
        $new = NewJob::fromRecord(JsonBody::fromRequest($request));
        $known = $this->entities->find(StoredJob::class, $new->id);
        if (null === $known) {
            $job = JobEdit::apply(
                JobPlanner::blankJob($new->id, $new->name),
                $new->changes,
                $this->parser(),
                $this->jobs->catalogue(),
                $this->artwork->pictures([$new->changes['artwork'] ?? null]),
                offered: $this->jobs->offered(),
            );
            $known = StoredJob::fromJob($job, $this->clock->now());
            $view = $this->viewOr422($known);
            $this->entities->persist($known);
            try {
                $this->entities->flush();
            } catch (UniqueConstraintViolationException) {
                throw new Conflict('Another click made this job already.', ['id' => $new->id]);
            }

            return new JsonResponse($view, 201);
        }

        return new JsonResponse($this->jobs->view($known), 201);
    }

    /** The page names the copy, so that a second click finds the first one's. */
    #[Route('/api/jobs/{id}/copy', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/jobs/{id}/copy',
            operationId: 'copyJob',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new OA\RequestBody(
                required: true,
                content: new OA\JsonContent(
                    required: ['id'],
                    properties: [new OA\Property(property: 'id', type: 'string')],
                    type: 'object',
                ),
            ),
            responses: [new Answer(201, 'The copy', JobView::class), new Refused(404, 'No such job')],
        ),
    ]
    public function copy(string $id, Request $request): JsonResponse
    {
        $new = JsonBody::fromRequest($request)->id('id');
        $copy = $this->entities->find(StoredJob::class, $new);
        if (null === $copy) {
            $copy = StoredJob::fromJob($this->jobs->find($id)->job()->copiedAs($new), $this->clock->now());
            $this->entities->persist($copy);
            $this->entities->flush();
        }

        return new JsonResponse($this->jobs->view($copy), 201);
    }

    #[Route('/api/jobs/many', methods: ['POST'], priority: 1)]
    #[
        OA\Post(
            path: '/api/jobs/many',
            operationId: 'changeManyJobs',
            requestBody: new Body(ManyJobs::class),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'How many it was done to',
                    content: new OA\JsonContent(
                        required: ['jobs'],
                        properties: [new OA\Property(property: 'jobs', type: 'integer')],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'Too many, or none'),
            ],
        ),
    ]
    public function many(Request $request): JsonResponse
    {
        return new JsonResponse([
            'jobs' => $this->changes->many($this->bodies->read($request, ManyJobs::class)),
        ]);
    }

    #[Route('/api/jobs/{id}', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}',
            operationId: 'getJob',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'The job', JobView::class), new Refused(404, 'No such job')],
        ),
    ]
    public function get(string $id): JsonResponse
    {
        return new JsonResponse($this->jobs->view($this->jobs->find($id)));
    }

    #[Route('/api/jobs/{id}', methods: ['PATCH'])]
    #[
        OA\Patch(
            path: '/api/jobs/{id}',
            operationId: 'changeJob',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(JobChange::class),
            responses: [
                new Answer(200, 'The job as changed', JobView::class),
                new Refused(409, 'The job was changed elsewhere'),
                new Refused(422, 'A field is wrong'),
            ],
        ),
    ]
    public function change(string $id, Request $request): JsonResponse
    {
        $stored = $this->jobs->find($id);
        $change = JobChange::fromRecord(JsonBody::fromRequest($request));
        if ($change->revision !== $stored->revision) {
            throw $this->changedElsewhere($stored);
        }
        $this->changes->change(
            $stored,
            JobEdit::apply(
                $stored->job(),
                $change->changes,
                $this->parser(),
                $this->jobs->catalogue(),
                $this->jobs->pictures($stored->job()) + $this->artwork->pictures($this->named($stored->job(), $change)),
                $change->transfer,
                $this->jobs->offered(),
            ),
            $change->archived,
        );
        $view = $this->viewOr422($stored);
        self::refuseUnknownChecks($view, $change);
        try {
            $this->entities->flush();
        } catch (OptimisticLockException) {
            $this->entities->clear();
            throw $this->changedElsewhere($this->jobs->find($id));
        }

        return new JsonResponse($view->stored($stored->revision));
    }

    /** @return list<string|null> pictures that a change may put in the place of another */
    private function named(Job $job, JobChange $change): array
    {
        return [
            $change->changes['artwork'] ?? null,
            explode(' ', $change->changes['ready'] ?? '')[0],
            $job->transfers[$change->transfer]->made->of ?? null,
            ...isset($change->changes['series']) ? $this->artwork->called($change->changes['series']) : [],
        ];
    }

    /** Only what was found can be set aside. */
    private static function refuseUnknownChecks(JobView $view, JobChange $change): void
    {
        $named = array_filter(
            array_keys($change->changes),
            static fn(string $field): bool => str_starts_with($field, 'override.') && '' !== $change->changes[$field],
        );
        $checks = $view->plan->transfers[$change->transfer]->checks ?? [];
        foreach ($named as $field) {
            $found = array_filter($checks, static fn(Check $check): bool => 'override.' . $check->id === $field);
            if ([] === $found) {
                throw InvalidInput::field($field, 'There is no such check.');
            }
        }
    }

    private function changedElsewhere(StoredJob $stored): Conflict
    {
        return new Conflict('Somebody changed this job in another window.', ['revision' => $stored->revision]);
    }

    /** What the job names is checked by planning it; the last word of a record's path is the field of the form. */
    private function viewOr422(StoredJob $stored): JobView
    {
        try {
            return $this->jobs->view($stored);
        } catch (BadRecord $e) {
            $path = explode('.', $e->field);
            throw InvalidInput::field(end($path), $e->getMessage());
        }
    }

    private function parser(): QuantityParser
    {
        return new QuantityParser($this->settings->get()->unit());
    }
}
