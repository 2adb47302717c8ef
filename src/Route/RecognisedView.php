<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;

/** What a sheet can be, after so many answers, and what is asked next. */
#[OA\Schema]
final readonly class RecognisedView
{
    /**
     * @param list<array{id: string, label: string, test: string}> $fitting
     * @param array{id: string, text: string, answers: list<array{id: string, label: string}>}|null $next
     */
    public function __construct(
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'label', 'test'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'test', type: 'string', description: 'What settles whether it is it'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $fitting,
        #[
            OA\Property(
                required: ['id', 'text', 'answers'],
                properties: [
                    new OA\Property(property: 'id', type: 'string'),
                    new OA\Property(property: 'text', type: 'string'),
                    new OA\Property(
                        property: 'answers',
                        type: 'array',
                        items: new OA\Items(
                            required: ['id', 'label'],
                            properties: [
                                new OA\Property(property: 'id', type: 'string'),
                                new OA\Property(property: 'label', type: 'string'),
                            ],
                            type: 'object',
                        ),
                    ),
                ],
                type: 'object',
                nullable: true,
            ),
        ]
        public ?array $next,
    ) {}
}
