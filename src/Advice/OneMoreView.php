<?php

declare(strict_types=1);

namespace Wubbin\Advice;

use OpenApi\Attributes as OA;
use Wubbin\Core\Advice\OneMore;
use Wubbin\Core\Advice\OpenWay;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Route\Catalogue;

/** One thing more, what it costs, and what it would open. */
#[OA\Schema]
final readonly class OneMoreView
{
    /** @param list<OpenWayView> $opens */
    private function __construct(
        #[OA\Property(description: 'Among the things that people own')] public ?string $owned,
        public string $label,
        #[OA\Property(description: 'What one costs at least, in whole units of the shop’s currency')] public ?int $from,
        public ?int $to,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OpenWayView::class))] public array $opens,
    ) {}

    public static function of(OneMore $more, Catalogue $catalogue, Currency $currency): self
    {
        $owned = $more->want->owned($catalogue);
        $price = $owned?->priceIn($currency);

        return new self(
            $owned?->id,
            $more->want->label,
            $price[0] ?? null,
            $price[1] ?? null,
            array_map(static fn(OpenWay $way): OpenWayView => OpenWayView::of($way), $more->opens),
        );
    }
}
