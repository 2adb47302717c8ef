<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\MovementKind;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** What a person says of one item: bought, used or counted, as it was typed. */
#[OA\Schema]
final readonly class StockMove
{
    private const MOST = 1_000_000.0;
    private const LONGEST_NOTE = 200;

    private function __construct(
        #[OA\Property(description: 'A new UUID, made by the page: a second click changes nothing')] public string $id,
        #[OA\Property(description: 'Such as “sheet film-clear-a4”')] public string $item,
        #[OA\Property(type: 'string', enum: ['bought', 'used', 'counted'])] public MovementKind $kind,
        #[OA\Property(type: 'string', description: 'In the item’s unit, as typed')] public float $amount,
        #[OA\Property(type: 'string', description: 'Of all of it, as typed')] public int $price,
        public string $note,
    ) {}

    /** The same, told from all others by another id. */
    public function as(string $id): self
    {
        return new self($id, $this->item, $this->kind, $this->amount, $this->price, $this->note);
    }

    /** @throws Refusal naming the fields that are wrong */
    public static function fromRecord(Record $record, Currency $currency): self
    {
        return self::typed(
            $record->string('id'),
            $record->string('item'),
            $record->string('kind'),
            $record->string('amount'),
            $record->string('price'),
            $record->string('note'),
            $currency,
        );
    }

    /** @throws Refusal */
    public static function typed(
        string $id,
        string $item,
        string $kind,
        string $amount,
        string $price,
        string $note,
        Currency $currency,
    ): self {
        $errors = [];
        $of = MovementKind::tryFrom($kind);
        if (null === $of) {
            $errors['kind'] = 'This is bought, used or counted.';
        }
        $number = PlainNumber::read($amount, self::MOST);
        if (null === $number || (0.0 === $number && MovementKind::Counted !== $of)) {
            $errors['amount'] =
                MovementKind::Counted === $of
                    ? 'Write how much there is, such as 24 or 0.'
                    : 'Write how much, above zero, such as 24 or 2.5.';
        }
        $minor = 0;
        if (MovementKind::Bought === $of) {
            try {
                $minor = Money::read($price, $currency)->minor;
                if ($minor < 0) {
                    $errors['price'] = 'A price cannot be below zero. Write 0 for a gift.';
                }
            } catch (UnreadableQuantity $e) {
                $errors['price'] = $e->getMessage();
            }
        }
        if (mb_strlen($note) > self::LONGEST_NOTE) {
            $errors['note'] = sprintf('A note has at most %d characters.', self::LONGEST_NOTE);
        }

        if ([] !== $errors || null === $number) {
            throw InvalidInput::fields([] === $errors ? ['amount' => 'Write how much.'] : $errors);
        }

        return new self($id, $item, $of, $number, $minor, trim($note));
    }
}
