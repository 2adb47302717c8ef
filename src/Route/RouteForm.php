<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\QuantityKind;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Route;

/** What a recipe for a route can say: its figures as they are built in, its sheets and its kinds of heat. */
#[OA\Schema]
final readonly class RouteForm
{
    /**
     * @param list<FigureField> $figures
     * @param list<Option> $media
     * @param list<Option> $heat
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: FigureField::class))] public array $figures,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $media,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $heat,
    ) {}

    public static function forRoute(Route $route, Catalogue $catalogue): self
    {
        $plain = array_filter(
            $route->figures,
            static fn(Figure $figure): bool => null === $figure->restOf && QuantityKind::Speed !== $figure->kind,
        );

        return new self(
            array_values(
                array_map(
                    static fn(Figure $figure): FigureField => new FigureField(
                        $figure->id,
                        $figure->label(),
                        new BuiltInFigure(...$figure->quantity()->jsonSerialize()),
                    ),
                    $plain,
                ),
            ),
            array_map(
                static fn(string $id): Option => new Option($id, $catalogue->sheets->media[$id]->label),
                $route->making->media,
            ),
            array_map(
                static fn(HeatKind $kind): Option => new Option($kind->value, $kind->label()),
                $route->heating->kinds,
            ),
        );
    }
}
