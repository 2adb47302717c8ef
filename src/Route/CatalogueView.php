<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** Everything the page offers to choose from, and how large an upload may be. */
#[OA\Schema(required: ['sizes', 'materials', 'colours', 'conditions', 'media', 'markings', 'bases', 'guards', 'defects', 'upload', 'zones'])]
final readonly class CatalogueView
{
    /**
     * @param list<Option> $sizes
     * @param list<Option> $materials
     * @param list<Option> $colours
     * @param list<Option> $conditions
     * @param list<Option> $media
     * @param list<Option> $markings
     * @param list<Option> $bases
     * @param list<Option> $guards
     * @param list<Option> $defects
     * @param list<string> $zones
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $sizes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $materials,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $colours,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $conditions,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $media,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $markings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $bases,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $guards,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))]
        public array $defects,
        #[OA\Property(description: 'The largest upload, in MB')]
        public int $upload,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $zones,
    ) {
    }
}
