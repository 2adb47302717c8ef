<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Contract\Body;
use Wubbin\Contract\FileBody;
use Wubbin\Contract\Refused;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Recipe;
use Wubbin\Http\JsonBody;
use Wubbin\Http\RequestBody;
use Wubbin\Http\Upload;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Storage\SchemaCheck;

/** Suppliers' sheets and the house's own findings. */
#[AsController]
final readonly class RecipeController
{
    public function __construct(
        private RecipeStore $recipes,
        private Catalogue $catalogue,
        private SettingsStore $settings,
        private SchemaCheck $schemas,
        private RequestBody $bodies,
    ) {}

    #[Route('/api/recipes', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/recipes',
            operationId: 'listRecipes',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'The newest version of each, retired ones last',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RecipeView::class)),
                ),
            ],
        ),
    ]
    public function list(): JsonResponse
    {
        return new JsonResponse(
            array_map(
                fn(StoredRecipe $stored): RecipeView => RecipeView::fromRecipe($stored, $this->catalogue),
                $this->recipes->newest(),
            ),
        );
    }

    #[Route('/api/routes/{id}/form', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/routes/{id}/form',
            operationId: 'getRouteForm',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'What a recipe for this route can say', RouteForm::class)],
        ),
    ]
    public function form(string $id): JsonResponse
    {
        return new JsonResponse(
            RouteForm::forRoute(
                $this->catalogue->routes[$id] ?? throw new NotFound('There is no such route.'),
                $this->catalogue,
            ),
        );
    }

    /** A known id gets a further version; what was made by an old one stays told by it. */
    #[Route('/api/recipes', methods: ['POST'])]
    #[
        OA\Post(
            path: '/api/recipes',
            operationId: 'putRecipe',
            requestBody: new Body(NewRecipe::class),
            responses: [new Answer(201, 'The recipe', RecipeView::class), new Refused(422, 'A field is wrong')],
        ),
    ]
    public function put(Request $request): JsonResponse
    {
        $new = NewRecipe::fromRecord(JsonBody::fromRequest($request));
        try {
            $recipe = $new->recipe($this->catalogue, new QuantityParser($this->settings->get()->unit()));
        } catch (BadRecord $e) {
            throw InvalidInput::field(NewRecipe::fieldOf($e->field), $e->getMessage());
        }

        return new JsonResponse(RecipeView::fromRecipe($this->recipes->put($recipe), $this->catalogue), 201);
    }

    #[Route('/api/recipes/{id}', methods: ['PATCH'])]
    #[
        OA\Patch(
            path: '/api/recipes/{id}',
            operationId: 'retireRecipe',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            requestBody: new Body(Retirement::class),
            responses: [new Answer(200, 'The recipe', RecipeView::class)],
        ),
    ]
    public function retire(string $id, Request $request): JsonResponse
    {
        $stored = $this->recipes->find($id);
        $this->recipes->retire($stored, $this->bodies->read($request, Retirement::class)->retired);

        return new JsonResponse(RecipeView::fromRecipe($stored, $this->catalogue));
    }

    #[Route('/api/recipes/{id}/export', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/recipes/{id}/export',
            operationId: 'exportRecipe',
            parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))],
            responses: [new Answer(200, 'The recipe file', './recipe.schema.json')],
        ),
    ]
    public function export(string $id): Response
    {
        $recipe = $this->recipes->find($id)->recipe($this->catalogue);

        return new Response(
            json_encode(
                $recipe->toRecord(),
                \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES,
            ),
            200,
            [
                'Content-Type' => 'application/json',
                'Content-Disposition' => HeaderUtils::makeDisposition(
                    HeaderUtils::DISPOSITION_ATTACHMENT,
                    'recipe.wubbin.json',
                ),
            ],
        );
    }

    #[Route('/api/recipes/import', methods: ['POST'], priority: 1)]
    #[
        OA\Post(
            path: '/api/recipes/import',
            operationId: 'importRecipe',
            requestBody: new FileBody('file'),
            responses: [
                new Answer(201, 'The recipe', RecipeView::class),
                new Refused(422, 'Not a recipe file, or a field of it is wrong'),
            ],
        ),
    ]
    public function import(Request $request): JsonResponse
    {
        $record = $this->schemas->decode(
            'recipe',
            (string) file_get_contents(Upload::fromRequest($request, 'file')->getPathname()),
        );

        return new JsonResponse(
            RecipeView::fromRecipe(
                $this->recipes->put(Recipe::fromRecord($record, $this->catalogue)),
                $this->catalogue,
            ),
            201,
        );
    }
}
