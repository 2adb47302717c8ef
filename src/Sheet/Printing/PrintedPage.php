<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

/** What became of one page: its picture on both sides of the sheet, where the device can show them. */
final readonly class PrintedPage implements \JsonSerializable
{
    /** @param array{print: string, back: string}|null $faces where the pictures of both sides are, by address */
    public function __construct(public int $page, public string $label, public ?array $faces) {}

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['page' => $this->page, 'label' => $this->label, 'faces' => $this->faces];
    }
}
