<?php

declare(strict_types=1);

namespace Wubbin\Order;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** An order as it was typed. */
#[OA\Schema(required: ['id', 'label', 'due', 'note', 'lines'])]
final readonly class NewOrder
{
    public const MOST_LINES = 40;
    public const LONGEST = 120;

    /** @param list<array{what: string, quantity: string, sizes: string}> $lines */
    private function __construct(
        #[OA\Property(description: 'A new UUID, made by the page')] public string $id,
        #[OA\Property(description: 'Who it is for')] public string $label,
        #[OA\Property(type: 'string', description: 'A day as 2026-12-05; empty for none')] public ?string $due,
        public string $note,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(
                    required: ['what', 'quantity', 'sizes'],
                    properties: [
                        new OA\Property(property: 'what', type: 'string', description: 'Id of the job that it is like'),
                        new OA\Property(property: 'quantity', type: 'string'),
                        new OA\Property(property: 'sizes', type: 'string', description: 'Such as “6 S, 10 M”'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $lines,
        #[OA\Property(description: 'Who pays for it, where that is somebody else')] public string $customer,
        #[OA\Property(description: 'How the customer is reached')] public string $contact,
        #[OA\Property(description: 'What it costs, money as typed; empty for none')] public string $agreed,
    ) {}

    /** @throws Refusal naming the fields that are wrong */
    public static function fromRecord(Record $record): self
    {
        $lines = array_map(
            static fn(Record $line): array => [
                'what' => $line->string('what'),
                'quantity' => $line->string('quantity'),
                'sizes' => $line->string('sizes'),
            ],
            $record->records('lines'),
        );
        if (count($lines) > self::MOST_LINES) {
            throw InvalidInput::field('lines', sprintf('At most %d lines in one order.', self::MOST_LINES));
        }

        return new self(
            $record->id('id'),
            self::label($record->string('label')),
            self::due($record->string('due')),
            self::note($record->string('note')),
            $lines,
            OrderLedger::short('customer', $record->stringOrNull('customer') ?? '', self::LONGEST),
            OrderLedger::short('contact', $record->stringOrNull('contact') ?? '', 200),
            $record->stringOrNull('agreed') ?? '',
        );
    }

    /** @throws Refusal */
    public static function label(string $label): string
    {
        $label = trim($label);

        return '' !== $label && mb_strlen($label) <= self::LONGEST
            ? $label
            : throw InvalidInput::field('label', sprintf('Say who it is for, in up to %d characters.', self::LONGEST));
    }

    /** @throws Refusal */
    public static function due(string $typed): ?string
    {
        try {
            return JobFile::due('' === trim($typed) ? null : trim($typed));
        } catch (BadRecord $e) {
            throw InvalidInput::field('due', $e->getMessage());
        }
    }

    /** @throws Refusal */
    public static function note(string $note): string
    {
        try {
            return JobFile::note($note);
        } catch (BadRecord $e) {
            throw InvalidInput::field('note', $e->getMessage());
        }
    }
}
