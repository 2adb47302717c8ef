<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\PaperStock;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Sheet\Gang\Gang;

/** Sheets that several jobs share, by what is printed on what. */
#[OA\Schema]
final readonly class GangView
{
    /**
     * @param list<array<string, mixed>> $lots
     * @param array<string, string> $plans ids of the plans they were laid out from, by job
     * @param list<string> $later jobs whose pieces fill what was left
     * @param list<string> $apart why what is printed on the same is not on the same sheets
     */
    private function __construct(
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: [
                        'id',
                        'medium',
                        'medium_id',
                        'marking',
                        'mirrored',
                        'whole',
                        'nested',
                        'short',
                        'printable_margin_mm',
                        'sheets',
                        'pieces',
                        'loading',
                    ],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'medium', type: 'string'),
                        new OA\Property(property: 'medium_id', type: 'string'),
                        new OA\Property(property: 'marking', type: 'string'),
                        new OA\Property(property: 'mirrored', type: 'boolean'),
                        new OA\Property(property: 'whole', type: 'integer', description: 'Whole sheets that it takes'),
                        new OA\Property(
                            property: 'nested',
                            type: 'boolean',
                            description: 'Pieces lie by their outlines, not by their boxes',
                        ),
                        new OA\Property(
                            property: 'short',
                            type: 'integer',
                            description: 'Sheets that the shelf has too few, where they were counted',
                        ),
                        new OA\Property(property: 'printable_margin_mm', type: 'number'),
                        new OA\Property(
                            property: 'loading',
                            ref: './plan.schema.json#/$defs/Loading',
                            nullable: true,
                            description: 'Which way a sheet goes into the printer',
                        ),
                        new OA\Property(
                            property: 'sheets',
                            type: 'array',
                            items: new OA\Items(
                                required: [
                                    'page_width_mm',
                                    'page_height_mm',
                                    'room',
                                    'offcut',
                                    'places',
                                    'filled',
                                    'offcuts',
                                    'bar',
                                ],
                                properties: [
                                    new OA\Property(property: 'page_width_mm', type: 'number'),
                                    new OA\Property(property: 'page_height_mm', type: 'number'),
                                    new OA\Property(property: 'room', ref: '#/components/schemas/PlacedRect'),
                                    new OA\Property(
                                        property: 'offcut',
                                        type: 'string',
                                        nullable: true,
                                        description: 'Of the shelf, where it is one',
                                    ),
                                    new OA\Property(
                                        property: 'places',
                                        type: 'array',
                                        items: new OA\Items(
                                            required: [
                                                'piece',
                                                'quarters',
                                                'pinned',
                                                'spare',
                                                'x_mm',
                                                'y_mm',
                                                'width_mm',
                                                'height_mm',
                                            ],
                                            properties: [
                                                new OA\Property(property: 'piece', type: 'string'),
                                                new OA\Property(
                                                    property: 'quarters',
                                                    type: 'integer',
                                                    description: 'That it is turned by with the clock',
                                                ),
                                                new OA\Property(property: 'pinned', type: 'boolean'),
                                                new OA\Property(
                                                    property: 'spare',
                                                    type: 'boolean',
                                                    description: 'It fills what was left',
                                                ),
                                                new OA\Property(property: 'x_mm', type: 'number'),
                                                new OA\Property(property: 'y_mm', type: 'number'),
                                                new OA\Property(property: 'width_mm', type: 'number'),
                                                new OA\Property(property: 'height_mm', type: 'number'),
                                            ],
                                            type: 'object',
                                        ),
                                    ),
                                    new OA\Property(
                                        property: 'filled',
                                        type: 'number',
                                        description: 'Of what can be printed on, 0 to 1',
                                    ),
                                    new OA\Property(
                                        property: 'offcuts',
                                        type: 'array',
                                        items: new OA\Items(ref: '#/components/schemas/PlacedRect'),
                                    ),
                                    new OA\Property(
                                        property: 'bar',
                                        ref: '#/components/schemas/PlacedRect',
                                        nullable: true,
                                        description: 'The upright check bar, where there is room for it',
                                    ),
                                ],
                                type: 'object',
                            ),
                        ),
                        new OA\Property(
                            property: 'pieces',
                            type: 'array',
                            items: new OA\Items(
                                required: [
                                    'id',
                                    'label',
                                    'count',
                                    'width_mm',
                                    'height_mm',
                                    'share',
                                    'upright',
                                    'spare',
                                    'job',
                                    'artwork',
                                    'bent',
                                    'picture',
                                    'mirrored',
                                    'lines',
                                ],
                                properties: [
                                    new OA\Property(property: 'id', type: 'string'),
                                    new OA\Property(property: 'label', type: 'string'),
                                    new OA\Property(property: 'count', type: 'integer'),
                                    new OA\Property(property: 'width_mm', type: 'number'),
                                    new OA\Property(property: 'height_mm', type: 'number'),
                                    new OA\Property(
                                        property: 'share',
                                        type: 'number',
                                        description: 'The part of a sheet that one of them ' .
                                            'takes up, its share of the waste ' .
                                            'with it',
                                    ),
                                    new OA\Property(
                                        property: 'upright',
                                        type: 'boolean',
                                        description: 'It is not turned',
                                    ),
                                    new OA\Property(property: 'spare', type: 'boolean', description: 'Of a later job'),
                                    new OA\Property(property: 'job', type: 'string'),
                                    new OA\Property(property: 'artwork', type: 'string', nullable: true),
                                    new OA\Property(
                                        property: 'bent',
                                        type: 'string',
                                        nullable: true,
                                        description: 'Its bend as part of an address',
                                    ),
                                    new OA\Property(
                                        property: 'picture',
                                        ref: '#/components/schemas/PlacedRect',
                                        description: 'In the piece, as it lies unturned',
                                    ),
                                    new OA\Property(property: 'mirrored', type: 'boolean'),
                                    new OA\Property(
                                        property: 'lines',
                                        type: 'array',
                                        items: new OA\Items(
                                            type: 'array',
                                            items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')),
                                        ),
                                        description: 'To cut along, in the piece; its box where there are none',
                                    ),
                                ],
                                type: 'object',
                            ),
                        ),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $lots,
        public array $plans,
        public array $later,
        public array $apart,
    ) {}

    /**
     * @param list<array{GangLot, GangLot|null, Gang}> $gangs what is laid out, and what may fill the rest
     * @param list<array{string, string}> $plans
     */
    public static function fromGangs(array $gangs, array $plans, GangWish $wish, PaperStock $paper): self
    {
        return new self(
            array_map(static fn(array $one): array => self::lot($one[0], $one[1], $one[2], $wish, $paper), $gangs),
            array_column($plans, 1, 0),
            $wish->later,
            GangLot::apart(array_column($gangs, 0)),
        );
    }

    /** @return array<string, mixed> */
    private static function lot(GangLot $lot, ?GangLot $later, Gang $gang, GangWish $wish, PaperStock $paper): array
    {
        /** @var array{pieces: list<array{id: string, ...<string, mixed>}>, ...<string, mixed>} $record */
        $record = json_decode(json_encode($gang, \JSON_THROW_ON_ERROR), true, 32, \JSON_THROW_ON_ERROR);
        $there = $paper->sheets[$lot->medium->id] ?? null;

        return [
            'id' => $lot->id,
            'medium' => $lot->medium->label,
            'medium_id' => $lot->medium->id,
            'marking' => $lot->marking->label,
            'mirrored' => $lot->mirrored,
            'short' => null === $there ? 0 : max(0, $gang->whole() - $there),
            'printable_margin_mm' => $lot->marking->marginMm,
            'loading' => $lot->first()->loading,
            ...$record,
            'pieces' => [
                ...array_map(
                    static fn(array $piece): array => $piece + [
                            'upright' => in_array($piece['id'], $wish->upright, true) || $lot->medium->oneWay,
                            'spare' => false,
                        ] +
                        self::pictureOf($lot->pictures[$piece['id']]),
                    $record['pieces'],
                ),
                ...array_values(
                    array_map(
                        static fn(GangPicture $picture): array => [
                            'id' => $picture->piece->id,
                            'label' => $picture->piece->label,
                            'count' => $picture->piece->count,
                            'width_mm' => $picture->piece->size->widthMm,
                            'height_mm' => $picture->piece->size->heightMm,
                            'share' => 0.0,
                            'upright' => false,
                            'spare' => true,
                        ] + self::pictureOf($picture),
                        $later->pictures ?? [],
                    ),
                ),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function pictureOf(GangPicture $picture): array
    {
        $transfer = $picture->transfer;
        $sheet = $transfer->sheet ?? throw new \LogicException('What is ganged has a sheet of its own.');

        return [
            'job' => $picture->jobId,
            'artwork' => $transfer->artwork,
            'bent' => $transfer->bend?->toQuery(),
            'picture' => [
                'x_mm' => $sheet->picture->xMm - $sheet->cut->xMm,
                'y_mm' => $sheet->picture->yMm - $sheet->cut->yMm,
                'width_mm' => $sheet->picture->size->widthMm,
                'height_mm' => $sheet->picture->size->heightMm,
            ],
            'mirrored' => $sheet->mirrored,
            'lines' => array_map(
                static fn(array $loop): array => array_map(
                    static fn(array $p): array => [
                        round($p[0] - $sheet->cut->xMm, 2),
                        round($p[1] - $sheet->cut->yMm, 2),
                    ],
                    $loop,
                ),
                $sheet->cutLines(),
            ),
        ];
    }
}
