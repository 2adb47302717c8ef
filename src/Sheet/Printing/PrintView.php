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
     * @param list<FaultView> $faults
     * @param list<PrintedPage> $pages
     */
    private function __construct(
        public string $device,
        public string $title,
        public bool $simulated,
        public bool $comes_out,
        public array $faults,
        public array $pages,
        #[OA\Property(type: 'string', nullable: true, description: 'Id of the sheet')] public ?string $sheet = null,
    ) {}

    public function ofSheet(string $sheet): self
    {
        return new self(
            $this->device,
            $this->title,
            $this->simulated,
            $this->comes_out,
            $this->faults,
            $this->pages,
            $sheet,
        );
    }

    /** @param list<PrintedPage> $pages */
    public static function fromOrder(PrintDevice $device, PrintOrder $order, array $pages): self
    {
        return new self(
            $device->label(),
            $order->title,
            SimulatedPrinter::ID === $device->id(),
            $order->printout->comesOut(),
            array_map(
                static fn(PrintFault $fault): FaultView => new FaultView(
                    id: $fault->value,
                    message: $fault->message(),
                    mend: $fault->mend(),
                ),
                $order->printout->faults,
            ),
            $pages,
        );
    }
}
