<?php

declare(strict_types=1);

namespace Wubbin\Advice;

use OpenApi\Attributes as OA;
use Wubbin\Core\Advice\OneMore;
use Wubbin\Core\Advice\OpenWay;
use Wubbin\Core\Advice\Possible;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Route\Catalogue;

/** What can be made with what is on the shelf. */
#[OA\Schema]
final readonly class PossibleView
{
    /**
     * @param list<OpenWayView> $open
     * @param list<OneMoreView> $one_more
     * @param list<string> $clashes
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: OpenWayView::class))] public array $open,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OneMoreView::class))] public array $one_more,
        #[OA\Property(description: 'Why a sheet cannot be marked with anything here')] public array $clashes,
    ) {}

    public static function of(Possible $possible, Catalogue $catalogue, Currency $currency): self
    {
        return new self(
            array_map(static fn(OpenWay $way): OpenWayView => OpenWayView::of($way), $possible->open),
            array_map(
                static fn(OneMore $more): OneMoreView => OneMoreView::of($more, $catalogue, $currency),
                $possible->oneMore,
            ),
            $possible->clashes,
        );
    }
}
