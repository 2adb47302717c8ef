<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Sheet\Gang\Gang;

/** Sheets that several jobs share, by what is printed on what. */
#[OA\Schema(required: ['lots', 'plans'])]
final readonly class GangView
{
    /**
     * @param list<array<string, mixed>> $lots
     * @param array<string, string>      $plans ids of the plans they were laid out from, by job
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(required: ['id', 'medium', 'marking', 'mirrored', 'page_width_mm', 'page_height_mm', 'printable', 'sheets', 'pieces'], properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'medium', type: 'string'),
            new OA\Property(property: 'marking', type: 'string'),
            new OA\Property(property: 'mirrored', type: 'boolean'),
            new OA\Property(property: 'page_width_mm', type: 'number'),
            new OA\Property(property: 'page_height_mm', type: 'number'),
            new OA\Property(property: 'printable', ref: '#/components/schemas/PlacedRect'),
            new OA\Property(property: 'sheets', type: 'array', items: new OA\Items(required: ['places', 'filled', 'offcuts'], properties: [
                new OA\Property(property: 'places', type: 'array', items: new OA\Items(required: ['piece', 'turned'], allOf: [new OA\Schema(ref: '#/components/schemas/PlacedRect'), new OA\Schema(properties: [
                    new OA\Property(property: 'piece', type: 'string'),
                    new OA\Property(property: 'turned', type: 'boolean'),
                ])])),
                new OA\Property(property: 'filled', type: 'number', description: 'Of what can be printed on, 0 to 1'),
                new OA\Property(property: 'offcuts', type: 'array', items: new OA\Items(ref: '#/components/schemas/PlacedRect')),
            ], type: 'object')),
            new OA\Property(property: 'pieces', type: 'array', items: new OA\Items(required: ['id', 'label', 'count', 'width_mm', 'height_mm', 'share', 'job', 'artwork', 'bent', 'picture', 'mirrored', 'lines'], properties: [
                new OA\Property(property: 'id', type: 'string'),
                new OA\Property(property: 'label', type: 'string'),
                new OA\Property(property: 'count', type: 'integer'),
                new OA\Property(property: 'width_mm', type: 'number'),
                new OA\Property(property: 'height_mm', type: 'number'),
                new OA\Property(property: 'share', type: 'number', description: 'The part of a sheet that one of them takes up, its share of the waste with it'),
                new OA\Property(property: 'job', type: 'string'),
                new OA\Property(property: 'artwork', type: 'string', nullable: true),
                new OA\Property(property: 'bent', type: 'string', nullable: true, description: 'Its bend as part of an address'),
                new OA\Property(property: 'picture', ref: '#/components/schemas/PlacedRect', description: 'In the piece, as it lies unturned'),
                new OA\Property(property: 'mirrored', type: 'boolean'),
                new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))), description: 'To cut along, in the piece; its box where there are none'),
            ], type: 'object')),
        ], type: 'object'))]
        public array $lots,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public array $plans,
    ) {
    }

    /**
     * @param list<array{GangLot, Gang}>  $gangs
     * @param list<array{string, string}> $plans
     */
    public static function of(array $gangs, array $plans): self
    {
        return new self(
            array_map(static function (array $one): array {
                [$lot, $gang] = $one;
                /** @var array{pieces: list<array{id: string, ...<string, mixed>}>, ...<string, mixed>} $record */
                $record = json_decode(json_encode($gang, \JSON_THROW_ON_ERROR), true, 32, \JSON_THROW_ON_ERROR);

                return [
                    'id' => $lot->id,
                    'medium' => $lot->medium->label,
                    'marking' => $lot->marking->label,
                    'mirrored' => $lot->mirrored,
                    ...$record,
                    'pieces' => array_map(static fn (array $piece): array => $piece + self::pictureOf($lot->pictures[$piece['id']]), $record['pieces']),
                ];
            }, $gangs),
            array_column($plans, 1, 0),
        );
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
            'picture' => ['x_mm' => $sheet->picture->xMm - $sheet->cut->xMm, 'y_mm' => $sheet->picture->yMm - $sheet->cut->yMm, 'width_mm' => $sheet->picture->size->widthMm, 'height_mm' => $sheet->picture->size->heightMm],
            'mirrored' => $sheet->mirrored,
            'lines' => array_map(static fn (array $loop): array => array_map(static fn (array $p): array => [round($p[0] - $sheet->cut->xMm, 2), round($p[1] - $sheet->cut->yMm, 2)], $loop), $sheet->cutLines()),
        ];
    }
}
