<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Route\Catalogue;

/** The newest version of a recipe. */
#[OA\Schema]
final readonly class RecipeView
{
    /** @param array<string, mixed> $recipe */
    private function __construct(
        #[OA\Property(ref: './recipe.schema.json', type: 'object')] public array $recipe,
        #[OA\Property(description: 'The route, in words')] public string $route,
        public bool $retired,
        #[OA\Property(format: 'date-time')] public string $created,
    ) {}

    public static function fromRecipe(StoredRecipe $stored, Catalogue $catalogue): self
    {
        $recipe = $stored->recipe($catalogue);

        return new self(
            $recipe->toRecord(),
            $catalogue->routes[$recipe->routeId]->label,
            $stored->retired,
            $stored->created,
        );
    }
}
