<?php

declare(strict_types=1);

namespace Wubbin\Advice;

use OpenApi\Attributes as OA;
use Wubbin\Core\Advice\OpenWay;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Route\UseWanted;
use Wubbin\Route\Option;

/** A route on a kind of blank, with what it takes on and what the piece will bear. */
#[OA\Schema]
final readonly class OpenWayView
{
    /**
     * @param list<Option> $materials
     * @param list<array{use: string, label: string, grade: int}> $bears
     */
    private function __construct(
        public string $blank,
        public string $blank_label,
        public string $route,
        public string $route_label,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $materials,
        #[OA\Property(description: 'Why it may disappoint')] public ?string $risk,
        #[
            OA\Property(
                type: 'array',
                description: 'How it holds up to each use: 0 not, 3 well',
                items: new OA\Items(
                    required: ['use', 'label', 'grade'],
                    properties: [
                        new OA\Property(property: 'use', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'grade', type: 'integer', minimum: 0, maximum: 3),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $bears,
    ) {}

    public static function of(OpenWay $way): self
    {
        return new self(
            $way->blank->id,
            $way->blank->label,
            $way->route->id,
            $way->route->label,
            array_map(static fn(Material $m): Option => new Option($m->id, $m->label), $way->materials),
            $way->risk,
            array_map(
                static fn(UseWanted $use): array => [
                    'use' => $use->value,
                    'label' => $use->label(),
                    'grade' => $way->route->character->holds->upTo($use),
                ],
                $way->uses(),
            ),
        );
    }
}
