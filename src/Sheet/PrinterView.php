<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Tray;

/** A printer of the shelf. */
#[OA\Schema]
final readonly class PrinterView
{
    /**
     * @param list<array{id: string,
     *     label: string}>                                                                  $sizes
     * @param list<array{id: string, label: string, straight: bool, feed: array{prints: string,
     *     leads: string}|null}> $trays
     */
    private function __construct(
        public string $id,
        public string $label,
        #[OA\Property(enum: ['file', 'driver'])] public string $mirrors,
        public string $largest,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'label'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                    ],
                    type: 'object',
                ),
                description: 'That the largest sheet may have',
            ),
        ]
        public array $sizes,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'label', 'straight', 'feed'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'straight', type: 'boolean'),
                        new OA\Property(
                            property: 'feed',
                            required: ['prints', 'leads'],
                            properties: [
                                new OA\Property(property: 'prints', type: 'string', enum: ['up', 'down']),
                                new OA\Property(
                                    property: 'leads',
                                    type: 'string',
                                    enum: ['top', 'right', 'bottom', 'left'],
                                ),
                            ],
                            type: 'object',
                            nullable: true,
                        ),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $trays,
    ) {}

    public static function of(Marking $marking): self
    {
        $printer = $marking->printer ?? throw new \LogicException('A printer has trays.');

        return new self(
            $marking->id,
            $marking->label,
            $printer->mirrors->value,
            $printer->largest->value,
            array_map(
                static fn(PaperSize $size): array => ['id' => $size->value, 'label' => $size->label()],
                PaperSize::cases(),
            ),
            array_map(
                static fn(Tray $tray): array => [
                    'id' => $tray->id,
                    'label' => $tray->label,
                    'straight' => $tray->straight,
                    'feed' => $tray->feed?->toRecord(),
                ],
                $printer->trays,
            ),
        );
    }
}
