<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\School;
use Wubbin\Core\Route\SchoolOption;

/** A matter on which practitioners disagree, and which way this house goes. */
#[OA\Schema]
final readonly class Matter
{
    /**
     * @param list<string> $routes in words
     * @param list<MatterWay> $options
     */
    private function __construct(
        public string $id,
        public string $label,
        #[
            OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'The routes it matters to'),
        ]
        public array $routes,
        #[OA\Property(type: 'string', nullable: true, description: 'Null leaves it to Wubbin')] public ?string $chosen,
        #[OA\Property(description: 'What Wubbin takes for most of its routes')] public string $usual,
        #[OA\Property(type: 'array', items: new OA\Items(ref: MatterWay::class))] public array $options,
        public string $provenance,
    ) {}

    public static function forSchool(School $school, ?string $chosen, Catalogue $catalogue): self
    {
        return new self(
            $school->id,
            $school->label,
            array_map(static fn(string $id): string => $catalogue->routes[$id]->label, $school->routes),
            $chosen,
            $school->defaultFor($school->routes[0]),
            array_values(
                array_map(
                    static fn(SchoolOption $option): MatterWay => new MatterWay(
                        $option->id,
                        ucfirst($option->label),
                        $option->why,
                    ),
                    $school->options,
                ),
            ),
            $school->provenance->kind->label(),
        );
    }
}
