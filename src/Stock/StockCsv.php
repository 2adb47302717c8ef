<?php

declare(strict_types=1);

namespace Wubbin\Stock;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\CsvFile;

/** All that came into stock, went and was counted, as a table; `docs/stock-csv.md` says what each column holds. */
final readonly class StockCsv
{
    public const COLUMNS = ['id', 'at', 'item', 'label', 'kind', 'amount', 'unit', 'price', 'pack', 'note'];
    private const NEEDED = ['item', 'kind', 'amount'];

    public function __construct(private EntityManagerInterface $entities, private Inventory $stock) {}

    /** @param resource $to */
    public function write($to, Currency $currency): void
    {
        CsvFile::write($to, self::COLUMNS, $this->lines($currency));
    }

    /**
     * Takes all lines in, or none; lines that were there already are left as they are.
     *
     * @return array{added: int, known: int}
     *
     * @throws Refusal naming the lines that are wrong
     */
    public function read(string $path, StockNames $names, Currency $currency): array
    {
        $file = CsvFile::read($path, self::COLUMNS, self::NEEDED, static function (array $cells) use (
            $names,
            $currency,
        ): array {
            $names->of($cells['item'] ?? '');
            $pack =
                '' === ($cells['pack'] ?? '')
                    ? null
                    : PlainNumber::read($cells['pack'], Inventory::MOST_PACK) ??
                        throw BadRecord::at('pack', 'Write how many come in a pack, such as 10.');
            try {
                return [
                    StockMove::typed(
                        $cells['id'] ?? '',
                        $cells['item'] ?? '',
                        $cells['kind'] ?? '',
                        $cells['amount'] ?? '',
                        '' === ($cells['price'] ?? '') ? '0' : $cells['price'],
                        $cells['note'] ?? '',
                        $currency,
                    ),
                    $pack,
                ];
            } catch (Refusal $e) {
                throw BadRecord::at((string) array_key_first($e->errors), $e->getMessage());
            }
        });
        $moves = $file->whole();
        $named = $packs = [];
        foreach ($moves as $line => [$move, $pack]) {
            $named[$line] = '' === $move->id ? $move->as('csv-' . substr($file->keys[$line], 0, 60)) : $move;
            if (null !== $pack) {
                $packs[$move->item] = $pack;
            }
        }
        $added = $this->stock->moveAll($named, $packs, $names);

        return ['added' => $added, 'known' => count($moves) - $added];
    }

    /** @return iterable<list<string>> */
    private function lines(Currency $currency): iterable
    {
        foreach ($this->entities->getRepository(StoredMove::class)->findBy([], ['number' => 'ASC']) as $move) {
            yield [
                $move->source,
                $move->at,
                $move->item->key,
                $move->item->label,
                $move->kind->value,
                (string) round($move->amount, 3),
                $move->item->unit,
                Money::minor($move->price, $currency)->text(),
                (string) $move->item->pack,
                $move->note,
            ];
        }
    }
}
