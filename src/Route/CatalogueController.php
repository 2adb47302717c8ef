<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;
use Wubbin\Contract\Answer;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Drawing\Portrait;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\LookWanted;
use Wubbin\Core\Route\NamedColour;
use Wubbin\Core\Route\UseWanted;
use Wubbin\Core\Run\Defect;
use Wubbin\Shelf\ShelfStore;

/** What can be chosen from, for the page's lists. */
#[AsController]
final readonly class CatalogueController
{
    public function __construct(private Catalogue $catalogue, private ShelfStore $shelf) {}

    #[Route('/api/catalogue', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/catalogue',
            operationId: 'getCatalogue',
            responses: [new Answer(200, 'What Wubbin knows', CatalogueView::class)],
        ),
    ]
    public function get(): JsonResponse
    {
        $own = $this->shelf->get()->blanks;

        return new JsonResponse(
            new CatalogueView(
                array_values(
                    array_map(
                        fn(BlankKind $kind): BlankOption => BlankOption::fromKind($kind, $this->catalogue, $own),
                        $this->catalogue->blanks,
                    ),
                ),
                array_map(
                    static fn(NamedColour $c): Option => new Option($c->colour->toHex(), $c->label),
                    $this->catalogue->colours->named,
                ),
                self::options($this->catalogue->sheets->media),
                self::options($this->catalogue->sheets->markings),
                self::options($this->catalogue->supports->bases),
                self::options($this->catalogue->supports->guards),
                self::options($this->catalogue->supports->covers),
                array_map(
                    static fn(HeatKind $kind): Option => new Option($kind->value, $kind->label()),
                    HeatKind::cases(),
                ),
                self::options($this->catalogue->routes),
                array_map(
                    static fn(UseWanted $use): Option => new Option($use->value, $use->label()),
                    UseWanted::cases(),
                ),
                array_map(
                    static fn(LookWanted $look): Option => new Option($look->value, $look->label()),
                    LookWanted::cases(),
                ),
                array_map(static fn(Defect $d): Option => new Option($d->value, $d->label()), Defect::cases()),
                intdiv((int) UploadedFile::getMaxFilesize(), 1048576),
                \DateTimeZone::listIdentifiers(),
            ),
        );
    }

    #[Route('/api/blanks', methods: ['GET'])]
    #[
        OA\Get(
            path: '/api/blanks',
            operationId: 'getPortraits',
            responses: [
                new OA\Response(
                    response: 200,
                    description: 'How every blank looks on the table, to scale',
                    content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PortraitView::class)),
                ),
            ],
        ),
    ]
    public function portraits(): JsonResponse
    {
        $own = $this->shelf->get()->blanks;
        $white = $this->catalogue->colours->named[0]->colour;
        $portraits = [];
        foreach ($this->catalogue->blanks as $kind) {
            foreach ($kind->with($own)->sizes as $size) {
                $portraits[] = new PortraitView($kind->id, $size->id, Portrait::of($kind, $size, $white));
            }
        }

        return new JsonResponse($portraits);
    }

    /**
     * @param array<string, object{id: string, label: string}> $things
     *
     * @return list<Option>
     */
    private static function options(array $things): array
    {
        return array_values(
            array_map(static fn(object $thing): Option => new Option($thing->id, $thing->label), $things),
        );
    }
}
