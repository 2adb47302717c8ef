<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Wubbin\Core\Measure\Record;

/** What is said of an order as a whole. */
final readonly class OrderHead
{
    /**
     * @param string|null $due as 2026-12-31
     * @param int|null $agreed what it costs, in minor units of the shop's currency
     */
    public function __construct(
        public string $label,
        public ?string $due,
        public string $note,
        public bool $archived = false,
        public string $customer = '',
        public string $contact = '',
        public ?int $agreed = null,
    ) {}

    /** @param array<array-key, mixed> $document as it was kept; those of before say nothing of customer and money */
    public static function fromDocument(array $document, self $now): self
    {
        $record = Record::of($document);

        return new self(
            $record->string('label'),
            $record->stringOrNull('due'),
            $record->string('note'),
            $record->boolean('archived'),
            $record->has('customer') ? $record->string('customer') : $now->customer,
            $record->has('contact') ? $record->string('contact') : $now->contact,
            array_key_exists('customer', $document)
                ? ($record->has('agreed')
                    ? $record->integer('agreed')
                    : null)
                : $now->agreed,
        );
    }

    /** @return array<string, mixed> */
    public function toDocument(): array
    {
        return [
            'label' => $this->label,
            'due' => $this->due,
            'note' => $this->note,
            'archived' => $this->archived,
            'customer' => $this->customer,
            'contact' => $this->contact,
            'agreed' => $this->agreed,
        ];
    }
}
