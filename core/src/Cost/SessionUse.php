<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Route\Catalogue;

/** What the pieces of a session use, known from its begin: each of them, and sheets that several lie on. */
final readonly class SessionUse implements \JsonSerializable
{
    /**
     * @param array<string, float> $each amounts that a piece uses of an item, by its key
     * @param list<array{string, list<int>}> $sheets key of the paper, and pieces whose pictures lie on it
     */
    private function __construct(private array $each, private array $sheets) {}

    /**
     * @param int<1, max> $pieces all alike
     * @param array<string, Picture> $pictures by SHA-256
     */
    public static function of(Job $job, Plan $plan, int $pieces, array $pictures, Catalogue $catalogue): self
    {
        $sheets = [];
        foreach ($plan->sheetsFor([$pieces])->each($plan->jobId) as [$medium, $on]) {
            if (null !== $medium) {
                $sheets[] = [Needs::sheet($medium)->key(), $on];
            }
        }
        $one = Needs::forPieces($job, $plan, 1, $pictures, $catalogue);
        $papers = array_filter($one->items, static fn(Item $item): bool => Stuff::Sheet === $item->stuff);

        return new self(array_diff_key($one->amounts, $papers), $sheets);
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $each = $record->record('each');
        $amounts = [];
        foreach ($each->keys() as $key) {
            $amounts[$key] = $each->number($key);
        }

        return new self(
            $amounts,
            array_map(
                static fn(Record $sheet): array => [$sheet->string('item'), $sheet->integers('pieces')],
                $record->records('sheets'),
            ),
        );
    }

    /**
     * What pieces have used that were made: a sheet is used with the first piece of those on it.
     *
     * @param list<int> $made numbers of pieces
     *
     * @return array<string, float> by key; of everything that the session could use, also where that is nothing
     */
    public function usedBy(array $made): array
    {
        $used = array_map(static fn(float $amount): float => count($made) * $amount, $this->each);
        foreach ($this->sheets as [$item, $pieces]) {
            $used[$item] = ($used[$item] ?? 0.0) + ([] === array_intersect($pieces, $made) ? 0.0 : 1.0);
        }

        return $used;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'each' => (object) $this->each,
            'sheets' => array_map(
                static fn(array $sheet): array => ['item' => $sheet[0], 'pieces' => $sheet[1]],
                $this->sheets,
            ),
        ];
    }
}
