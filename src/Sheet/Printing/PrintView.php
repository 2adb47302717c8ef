<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use OpenApi\Attributes as OA;
use Wubbin\Core\Sheet\PrintFault;

/** What came of a print. */
#[OA\Schema]
final readonly class PrintView
{
    /**
     * @param list<array{id: string, message: string, mend: string}> $faults
     * @param list<PrintedPage> $pages
     */
    private function __construct(
        public string $device,
        public string $title,
        public bool $simulated,
        public bool $comes_out,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['id', 'message', 'mend'],
                    properties: [
                        new OA\Property(property: 'id', type: 'string'),
                        new OA\Property(property: 'message', type: 'string'),
                        new OA\Property(property: 'mend', type: 'string'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $faults,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['page', 'label', 'faces'],
                    properties: [
                        new OA\Property(property: 'page', type: 'integer'),
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(
                            property: 'faces',
                            required: ['print', 'back'],
                            properties: [
                                new OA\Property(property: 'print', type: 'string'),
                                new OA\Property(property: 'back', type: 'string'),
                            ],
                            type: 'object',
                            nullable: true,
                        ),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $pages,
    ) {}

    /** @param list<PrintedPage> $pages */
    public static function fromOrder(PrintDevice $device, PrintOrder $order, array $pages): self
    {
        return new self(
            $device->label(),
            $order->title,
            SimulatedPrinter::ID === $device->id(),
            $order->printout->comesOut(),
            array_map(
                static fn(PrintFault $fault): array => [
                    'id' => $fault->value,
                    'message' => $fault->message(),
                    'mend' => $fault->mend(),
                ],
                $order->printout->faults,
            ),
            $pages,
        );
    }
}
