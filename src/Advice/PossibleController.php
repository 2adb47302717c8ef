<?php

declare(strict_types=1);

namespace Wubbin\Advice;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Core\Advice\Possible;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Measure\SettingsStore;
use Wubbin\Shelf\ShelfStore;

#[AsController]
final readonly class PossibleController
{
    public function __construct(
        private ShelfStore $shelf,
        private Catalogue $catalogue,
        private SettingsStore $settings,
    ) {}

    #[Route('/api/possible', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/possible',
            operationId: 'getPossible',
            responses: [new Answer(200, 'What can be made, and what one thing more would open', PossibleView::class)],
        ),
    ]
    public function get(): JsonResponse
    {
        return new JsonResponse(
            PossibleView::of(
                Possible::with($this->shelf->get(), $this->catalogue),
                $this->catalogue,
                Currency::of($this->settings->get()->currency),
            ),
        );
    }
}
