<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Heat\Comparison;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\ImpossibleModel;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Heat\Sweep;
use Wubbin\Http\Problem;
use Wubbin\Task\Tasks;
use Wubbin\Task\TaskView;

/** What happens under the iron before it comes down. The ticket does not wait for it. */
#[AsController]
final readonly class HeatController
{
    public function __construct(private HeatDesk $desk, private Tasks $tasks)
    {
    }

    #[Route('/api/jobs/{id}/heat/{picture}', requirements: ['picture' => '\d'], methods: ['GET'])]
    #[OA\Get(path: '/api/jobs/{id}/heat/{picture}', operationId: 'getHeat', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')), new OA\PathParameter(name: 'picture', description: 'Of the job, from 0', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'At the middles of all ranges', content: new OA\JsonContent(ref: HeatView::class)),
        new OA\Response(response: 404, description: 'No such picture', content: new OA\MediaType(mediaType: 'application/problem+json', schema: new OA\Schema(ref: Problem::class))),
    ])]
    public function get(string $id, int $picture): JsonResponse
    {
        $case = $this->desk->caseOf($id, $picture);
        if (null === $case) {
            return new JsonResponse(HeatView::not('Nothing is heated here that the model knows, or something for it is not chosen yet.'));
        }
        $draw = Draw::middles();
        try {
            $window = PressWindow::of($case, $this->desk->parameters(), $draw);
        } catch (ImpossibleModel $e) {
            return new JsonResponse(HeatView::not($e->getMessage()));
        }

        return new JsonResponse(HeatView::of($case, $window, $draw));
    }

    /** Over a range of settings, and beside the ways that people disagree about. */
    #[Route('/api/jobs/{id}/heat/{picture}/others', requirements: ['picture' => '\d'], methods: ['GET'])]
    #[OA\Get(path: '/api/jobs/{id}/heat/{picture}/others', operationId: 'compareHeat', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')), new OA\PathParameter(name: 'picture', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Settings, sources, bases or coolings, at the middles of all ranges', content: new OA\JsonContent(ref: OtherHeatView::class)),
    ])]
    public function others(string $id, int $picture): JsonResponse
    {
        $case = $this->desk->caseOf($id, $picture) ?? throw Problem::notFound('Nothing is heated here that the model knows.');
        try {
            return new JsonResponse(new OtherHeatView(Sweep::of($case, $this->desk->parameters()), Comparison::of($case, $this->desk->parameters())));
        } catch (ImpossibleModel $e) {
            throw Problem::field('heat', $e->getMessage());
        }
    }

    /** With its parameters drawn from their ranges, many times. */
    #[Route('/api/jobs/{id}/heat/{picture}/spread', requirements: ['picture' => '\d'], methods: ['POST'])]
    #[OA\Post(path: '/api/jobs/{id}/heat/{picture}/spread', operationId: 'spreadHeat', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string')), new OA\PathParameter(name: 'picture', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 202, description: 'The work, whose result are draws, earliest_s and latest_s (a tenth, half and nine tenths of the draws below it), inside and never', content: new OA\JsonContent(ref: TaskView::class)),
    ])]
    public function spread(string $id, int $picture): JsonResponse
    {
        if (null === $this->desk->caseOf($id, $picture)) {
            throw Problem::notFound('Nothing is heated here that the model knows.');
        }

        return new JsonResponse(TaskView::of($this->tasks->add(SpreadHeat::kind(), ['job' => $id, 'picture' => $picture])), 202);
    }
}
