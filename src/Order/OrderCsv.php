<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Uid\Uuid;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\OrderLine;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Job\JobPlanner;
use Wubbin\Job\StoredJob;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\CsvFile;
use Wubbin\Storage\WriteTurn;

/** Orders from a table; `docs/orders-csv.md` says what each column holds. Lines of one label and day are one order. */
final readonly class OrderCsv
{
    private const COLUMNS = ['order', 'due', 'what', 'quantity', 'sizes', 'note'];
    private const NEEDED = ['order', 'what'];
    private const MOST_ORDERS = 500;

    public function __construct(
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private OrderBook $orders,
        private JobPlanner $jobs,
    ) {}

    /**
     * What a table says, and what is wrong with it; nothing is taken in.
     *
     * @return array{lines: list<array{line: int, order: string, due: string|null, what: string, quantity: int,
     *     sizes: string, known: bool}>, wrong: list<array{line: int, column: string, message: string}>, orders: int}
     *
     * @throws Refusal where it is no such table at all
     */
    public function preview(string $path): array
    {
        $file = $this->file($path);
        $orders = $this->orders($file->rows);
        $lines = [];
        foreach ($orders as $source => $rows) {
            $known = $this->known($source);
            foreach ($rows as $line => $row) {
                $lines[] = [
                    'line' => $line,
                    'order' => $row['order'],
                    'due' => $row['due'],
                    'what' => $row['line']->like->name,
                    'quantity' => $row['line']->quantity,
                    'sizes' => $row['sizes'],
                    'known' => $known,
                ];
            }
        }
        usort($lines, static fn(array $one, array $other): int => $one['line'] <=> $other['line']);

        return ['lines' => $lines, 'wrong' => $file->wrong, 'orders' => count($orders)];
    }

    /**
     * Takes all orders in, or none; those that were there already are left as they are.
     *
     * @return array{added: int, known: int}
     *
     * @throws Refusal naming the lines that are wrong
     */
    public function read(string $path): array
    {
        $orders = $this->orders($this->file($path)->whole());
        if (count($orders) > self::MOST_ORDERS) {
            throw InvalidInput::field(
                'file',
                sprintf('More than %d orders at once are too many. Divide the file.', self::MOST_ORDERS),
            );
        }

        return $this->turn->take(function () use ($orders): array {
            $added = 0;
            foreach ($orders as $source => $rows) {
                $first = array_values($rows)[0];
                if (!$this->known($source)) {
                    ++$added;
                    $this->orders->store(
                        Uuid::v4()->toRfc4122(),
                        $first['order'],
                        $first['due'],
                        $first['note'],
                        array_map(static fn(array $row): OrderLine => $row['line'], array_values($rows)),
                        $source,
                    );
                }
            }

            return ['added' => $added, 'known' => count($orders) - $added];
        });
    }

    private function known(string $source): bool
    {
        return null !== $this->entities->getRepository(StoredOrder::class)->findOneBy(['source' => $source]);
    }

    /** @return CsvFile<array{line: OrderLine, sizes: string, order: string, due: string|null, note: string}> */
    private function file(string $path): CsvFile
    {
        $patterns = $this->patterns();
        $catalogue = $this->jobs->catalogue();
        $parser = $this->orders->parser();

        return CsvFile::read($path, self::COLUMNS, self::NEEDED, static function (array $cells) use (
            $patterns,
            $catalogue,
            $parser,
        ): array {
            try {
                $of = [
                    'order' => NewOrder::label($cells['order'] ?? ''),
                    'due' => NewOrder::due($cells['due'] ?? ''),
                    'note' => NewOrder::note($cells['note'] ?? ''),
                ];
            } catch (Refusal $e) {
                $field = (string) array_key_first($e->errors);
                throw BadRecord::at('label' === $field ? 'order' : $field, $e->getMessage());
            }
            $what = $cells['what'] ?? '';
            $like =
                $patterns[mb_strtolower($what)] ??
                throw BadRecord::at(
                    'what',
                    sprintf('There is no job called “%s” that it could be like.', mb_substr($what, 0, 60)),
                );

            return $of + [
                'line' => OrderLine::typed($like, $cells['quantity'] ?? '', $cells['sizes'] ?? '', $catalogue, $parser),
                'sizes' => $cells['sizes'] ?? '',
            ];
        });
    }

    /** @return array<string, Job> by name in small letters: of several of one name the one that was changed last */
    private function patterns(): array
    {
        $patterns = [];
        foreach ($this->entities->getRepository(StoredJob::class)->findBy([], ['updated' => 'ASC']) as $stored) {
            $patterns[mb_strtolower($stored->job()->name)] = $stored->job();
        }

        return $patterns;
    }

    /**
     * @template R of array{order: string, due: string|null, line: OrderLine, sizes: string, note: string}
     *
     * @param array<int, R> $rows by line
     *
     * @return array<string, non-empty-array<int, R>> by what tells an order from all others
     */
    private function orders(array $rows): array
    {
        $orders = [];
        foreach ($rows as $line => $row) {
            $orders[$row['order'] . ' ' . $row['due']][$line] = $row;
        }
        $keyed = [];
        foreach ($orders as $of) {
            $said = array_map(
                static fn(array $row): string => implode("\x1f", [
                    $row['order'],
                    $row['due'],
                    $row['line']->like->name,
                    $row['line']->quantity,
                    $row['sizes'],
                ]),
                $of,
            );
            $keyed['csv-' . substr(hash('sha256', implode("\x1e", $said)), 0, 60)] = $of;
        }

        return $keyed;
    }
}
