<?php

declare(strict_types=1);

namespace Wubbin\Advice;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Refused;
use Wubbin\Core\Advice\Advisor;
use Wubbin\Core\Advice\Wish;
use Wubbin\Core\Log\SuccessShare;
use Wubbin\Core\Route\LookWanted;
use Wubbin\Core\Route\UseWanted;
use Wubbin\Job\JobPlanner;
use Wubbin\Log\LogStats;
use Wubbin\Refusal\InvalidInput;

#[AsController]
final readonly class AdviceController
{
    public function __construct(private JobPlanner $jobs, private Advisor $advisor, private LogStats $stats) {}

    #[Route('/api/jobs/{id}/advice', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/jobs/{id}/advice',
            operationId: 'getAdvice',
            parameters: [
                new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(
                    name: 'transfer',
                    description: 'The picture on the piece that is meant, from 0',
                    schema: new OA\Schema(type: 'integer', minimum: 0),
                ),
                new OA\QueryParameter(
                    name: 'use',
                    schema: new OA\Schema(
                        type: 'string',
                        enum: ['', 'washed', 'hung', 'burned', 'counter', 'outdoors'],
                    ),
                ),
                new OA\QueryParameter(
                    name: 'look',
                    schema: new OA\Schema(
                        type: 'string',
                        enum: ['', 'gloss', 'matte', 'worn', 'full-colour', 'black-only'],
                    ),
                ),
            ],
            responses: [
                new Answer(200, 'All routes, those that work first', './advice.schema.json'),
                new Refused(404, 'No such job'),
            ],
        ),
    ]
    public function get(string $id, Request $request): JsonResponse
    {
        $wish = new Wish(
            $this->wished($request, 'use', UseWanted::class),
            $this->wished($request, 'look', LookWanted::class),
        );
        $job = $this->jobs->find($id)->job();
        $transfer =
            $job->transfers[$request->query->getInt('transfer')] ??
            throw InvalidInput::field('transfer', 'There is no such picture on this piece.');

        return new JsonResponse([
            'advice' => $this->advisor->advise(
                $job,
                $transfer,
                $this->jobs->shelf(),
                $this->jobs->pictures($job)[$transfer->artwork ?? ''] ?? null,
                $this->jobs->house(),
                $wish,
                array_map(
                    static fn(SuccessShare $share): array => ['good' => $share->good, 'started' => $share->count()],
                    $this->stats->byRoute(),
                ),
            ),
        ]);
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return E|null
     */
    private function wished(Request $request, string $name, string $enum): ?\BackedEnum
    {
        $word = $request->query->getString($name);

        return '' === $word
            ? null
            : $enum::tryFrom($word) ?? throw InvalidInput::field($name, 'Choose one of those offered.');
    }
}
