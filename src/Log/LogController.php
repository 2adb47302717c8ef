<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Log\Differences;
use Wubbin\Core\Measure\Record;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Upload;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Session\StoredEntry;
use Wubbin\Session\StoredLater;
use Wubbin\Storage\Instant;

#[AsController]
final readonly class LogController
{
    private const MOST_WASHES = 10000;

    public function __construct(
        private LogSearch $search,
        private LogCsv $csv,
        private LogStats $stats,
        private Consultation $consultation,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/logbook', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/logbook',
            operationId: 'listLog',
            parameters: [
                new OA\QueryParameter(name: 'words', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'route', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'medium', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'printer', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'heat', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'blank', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'outcome', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(name: 'defect', required: false, schema: new OA\Schema(type: 'string')),
                new OA\QueryParameter(
                    name: 'from',
                    required: false,
                    schema: new OA\Schema(type: 'string', format: 'date'),
                ),
                new OA\QueryParameter(
                    name: 'to',
                    required: false,
                    schema: new OA\Schema(type: 'string', format: 'date'),
                ),
                new OA\QueryParameter(
                    name: 'after',
                    description: 'How many of the latest are passed over',
                    required: false,
                    schema: new OA\Schema(type: 'integer'),
                ),
            ],
            responses: [
                new Answer(200, 'Judged pieces, the latest first', LogPage::class),
                new Refused(422, 'A filter that cannot be'),
            ],
        ),
    ]
    public function list(Request $request): JsonResponse
    {
        return new JsonResponse($this->search->page(self::filter($request), (int) $request->query->getString('after')));
    }

    #[Route('/api/logbook.csv', methods: ['GET'])]
    public function export(Request $request): Response
    {
        $filter = self::filter($request);

        return new StreamedResponse(
            function () use ($filter): void {
                $out = fopen('php://output', 'w');
                if (false === $out) {
                    throw new \RuntimeException('Nothing can be sent.');
                }
                $this->csv->write($filter, $out);
            },
            200,
            [
                'Content-Type' => 'text/csv; charset=utf-8; header=present',
                'Content-Disposition' => 'attachment; filename="logbook.csv"',
            ],
        );
    }

    #[Route('/api/logbook/import', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/logbook/import',
            operationId: 'importLog',
            requestBody: new FileBody('file'),
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'All lines are in',
                    content: new OA\JsonContent(
                        required: ['added', 'known'],
                        properties: [
                            new OA\Property(property: 'added', type: 'integer'),
                            new OA\Property(
                                property: 'known',
                                type: 'integer',
                                description: 'Lines that were there already',
                            ),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(422, 'Lines that are wrong; nothing is taken in'),
            ],
        ),
    ]
    public function import(Request $request): JsonResponse
    {
        return new JsonResponse($this->csv->read(Upload::fromRequest($request, 'file')->getPathname()));
    }

    #[Route('/api/logbook/lessons', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/logbook/lessons',
            operationId: 'getLessons',
            responses: [new Answer(200, 'What past pieces teach', LogLessons::class)],
        ),
    ]
    public function lessons(): JsonResponse
    {
        return new JsonResponse($this->stats->all());
    }

    #[Route('/api/logbook/{id}', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/logbook/{id}',
            operationId: 'getLog',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))],
            responses: [new Answer(200, 'The piece', LogDetail::class), new Refused(404, 'No such piece')],
        ),
    ]
    public function get(int $id): JsonResponse
    {
        return $this->detail($this->search->find($id));
    }

    #[
        Route(
            '/api/logbook/{one}/beside/{other}',
            requirements: ['one' => '\d{1,9}', 'other' => '\d{1,9}'],
            methods: ['GET'],
        ),
    ]
    #[
        OA\Get(
            path: '/api/logbook/{one}/beside/{other}',
            operationId: 'compareLog',
            parameters: [
                new OA\PathParameter(name: 'one', schema: new OA\Schema(type: 'integer')),
                new OA\PathParameter(name: 'other', schema: new OA\Schema(type: 'integer')),
            ],
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'Two pieces side by side',
                    content: new OA\JsonContent(
                        required: ['one', 'other', 'rows'],
                        properties: [
                            new OA\Property(property: 'one', ref: LogEntry::class),
                            new OA\Property(property: 'other', ref: LogEntry::class),
                            new OA\Property(
                                property: 'rows',
                                type: 'array',
                                items: new OA\Items(
                                    required: ['what', 'kind', 'one', 'other', 'differs'],
                                    properties: [
                                        new OA\Property(property: 'what', type: 'string'),
                                        new OA\Property(
                                            property: 'kind',
                                            type: 'string',
                                            enum: ['text', 'duration', 'temperature'],
                                        ),
                                        new OA\Property(
                                            property: 'one',
                                            oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')],
                                            nullable: true,
                                        ),
                                        new OA\Property(
                                            property: 'other',
                                            oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number')],
                                            nullable: true,
                                        ),
                                        new OA\Property(property: 'differs', type: 'boolean'),
                                    ],
                                    type: 'object',
                                ),
                            ),
                        ],
                        type: 'object',
                    ),
                ),
                new Refused(404, 'No such piece'),
            ],
        ),
    ]
    public function compare(int $one, int $other): JsonResponse
    {
        [$first, $second] = [$this->search->find($one), $this->search->find($other)];

        return new JsonResponse([
            'one' => LogEntry::of($first),
            'other' => LogEntry::of($second),
            'rows' => Differences::between(
                Record::of($first->done),
                $this->consultation->done($first),
                Record::of($second->done),
                $this->consultation->done($second),
            ),
        ]);
    }

    #[Route('/api/logbook/{id}/later', requirements: ['id' => '\d{1,9}'], methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/logbook/{id}/later',
            operationId: 'addLater',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))],
            requestBody: new Body(NewLook::class),
            responses: [new Answer(200, 'The piece', LogDetail::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function later(int $id, Request $request): JsonResponse
    {
        $entry = $this->search->find($id);
        $body = $this->bodies->read($request, NewLook::class);
        $washes = $body->washes;
        if ($washes < ($entry->washes ?? 0) || $washes > self::MOST_WASHES) {
            throw InvalidInput::field(
                'washes',
                null === $entry->washes
                    ? sprintf('From 0 to %d washes.', self::MOST_WASHES)
                    : sprintf('It had %d washes at the last look already.', $entry->washes),
            );
        }
        if ($entry->failed) {
            throw InvalidInput::field('washes', 'It had gone already at the last look.');
        }
        $this->entities->persist(
            new StoredLater(
                $entry,
                Instant::write($this->clock->now()),
                $washes,
                $body->good,
                JobFile::note($body->note),
            ),
        );
        $entry->washes = $washes;
        $entry->failed = !$body->good;
        $this->entities->flush();

        return $this->detail($entry);
    }

    private function detail(StoredEntry $entry): JsonResponse
    {
        return new JsonResponse(
            LogDetail::fromEntry($entry, $this->search->later($entry), $this->consultation->of($entry)),
        );
    }

    private static function filter(Request $request): LogFilter
    {
        $typed = [];
        foreach (LogFilter::FIELDS as $field) {
            $typed[$field] = $request->query->getString($field);
        }

        return LogFilter::fromTyped($typed);
    }
}
