<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** Everything the page offers to choose from, and how large an upload may be. */
#[OA\Schema]
final readonly class CatalogueView
{
    /**
     * @param list<BlankOption> $blanks
     * @param list<Option> $colours
     * @param list<Option> $media
     * @param list<Option> $markings
     * @param list<Option> $bases
     * @param list<Option> $guards
     * @param list<Option> $covers
     * @param list<Option> $heat
     * @param list<Option> $routes
     * @param list<Option> $uses
     * @param list<Option> $looks
     * @param list<Option> $defects
     * @param list<string> $zones
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BlankOption::class))] public array $blanks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $colours,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $media,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $markings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $bases,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $guards,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $covers,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $heat,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $routes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $uses,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $looks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $defects,
        #[OA\Property(description: 'The largest upload, in MB')] public int $upload,
        public array $zones,
    ) {}
}
