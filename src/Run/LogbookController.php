<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\EntityManagerInterface;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Run\Deviation;
use Wubbin\Core\Run\EventType;
use Wubbin\Http\Problem;
use Wubbin\Storage\Instant;

#[AsController]
final readonly class LogbookController
{
    private const LISTED = 200;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    #[Route('/api/logbook', methods: ['GET'])]
    #[OA\Get(path: '/api/logbook', operationId: 'listLog', responses: [new OA\Response(response: 200, description: 'The latest judged pieces', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: LogEntry::class)))])]
    public function list(): JsonResponse
    {
        /** @var list<StoredPiece> $pieces */
        $pieces = $this->entities->createQuery('SELECT p, r FROM '.StoredPiece::class.' p JOIN p.run r WHERE p.judged IS NOT NULL ORDER BY p.judged DESC')
            ->setMaxResults(self::LISTED)
            ->getResult();

        return new JsonResponse(array_map(LogEntry::of(...), $pieces));
    }

    #[Route('/api/logbook/{id}', requirements: ['id' => '\d{1,9}'], methods: ['GET'])]
    #[OA\Get(path: '/api/logbook/{id}', operationId: 'getLog', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'The piece', content: new OA\JsonContent(ref: LogDetail::class)),
        new OA\Response(response: 404, description: 'No such piece', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: Problem::class))),
    ])]
    public function get(int $id): JsonResponse
    {
        $piece = $this->entities->find(StoredPiece::class, $id);
        if (null === $piece || null === $piece->outcome) {
            throw Problem::notFound('There is no such piece in the logbook.');
        }

        return new JsonResponse(new LogDetail(LogEntry::of($piece), $piece->run->document, $this->times($piece)));
    }

    /** @return list<StepTime> */
    private function times(StoredPiece $piece): array
    {
        $at = [];
        foreach ($piece->run->events as $event) {
            $at[$event->position][$event->type->value] = Instant::read($event->at);
        }
        $times = [];
        foreach ($piece->run->sequence()->steps as $position => $step) {
            if (null !== $step->piece && $step->piece !== $piece->number) {
                continue;
            }
            $started = $at[$position][EventType::Started->value] ?? null;
            $done = $at[$position][EventType::Done->value] ?? null;
            $taken = null === $started || null === $done ? null : round((float) $done->format('U.v') - (float) $started->format('U.v'), 1);
            $times[] = new StepTime($step->stepId, $step->seconds, $taken, null === $taken ? null : Deviation::of($step->seconds, $taken));
        }

        return $times;
    }
}
