<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\NamedColour;
use Wubbin\Core\Run\Defect;

/** What can be chosen from, for the page's lists. */
#[AsController]
final readonly class CatalogueController
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    #[Route('/api/catalogue', methods: ['GET'])]
    #[OA\Get(path: '/api/catalogue', operationId: 'getCatalogue', responses: [new OA\Response(response: 200, description: 'What Wubbin knows', content: new OA\JsonContent(ref: CatalogueView::class))])]
    public function get(): JsonResponse
    {
        return new JsonResponse(new CatalogueView(
            self::options($this->catalogue->shirtSizes),
            self::options($this->catalogue->materials),
            array_map(static fn (NamedColour $c): Option => new Option($c->colour->toHex(), $c->label), $this->catalogue->colours),
            array_map(static fn (Condition $c): Option => new Option($c->value, $c->label()), Condition::cases()),
            self::options($this->catalogue->media),
            self::options($this->catalogue->markings),
            self::options($this->catalogue->bases),
            self::options($this->catalogue->guards),
            array_map(static fn (Defect $d): Option => new Option($d->value, $d->label()), Defect::cases()),
            intdiv((int) UploadedFile::getMaxFilesize(), 1048576),
            \DateTimeZone::listIdentifiers(),
        ));
    }

    /**
     * @param array<string, object{id: string, label: string}> $things
     *
     * @return list<Option>
     */
    private static function options(array $things): array
    {
        return array_values(array_map(static fn (object $thing): Option => new Option($thing->id, $thing->label), $things));
    }
}
