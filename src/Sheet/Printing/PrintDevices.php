<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** Every device that there is to print on. */
final readonly class PrintDevices
{
    public function __construct(private SimulatedPrinter $simulated) {}

    /** @return non-empty-list<PrintDevice> */
    public function all(): array
    {
        return [
            $this->simulated,
            new PdfPrinter(),
            ...array_map(static fn(string $destination): Spooler => new Spooler($destination), Spooler::destinations()),
        ];
    }

    /** @throws Refusal when it is not there, or no longer */
    public function find(string $id): PrintDevice
    {
        foreach ($this->all() as $device) {
            if ($device->id() === $id) {
                return $device;
            }
        }

        throw InvalidInput::field(
            'device',
            'This printer is no longer there. The sheet is still stored. Print it on another one.',
        );
    }
}
