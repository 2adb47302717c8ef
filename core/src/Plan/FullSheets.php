<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Sheet\Gang\GangPaper;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\Gang\GangSheet;
use Wubbin\Core\Sheet\Gang\KnownSheets;

/** Fills sheets of one kind with pictures of one job. */
final readonly class FullSheets
{
    /** @param list<GangPiece> $pieces */
    public function __construct(
        private GangLot $lot,
        private array $pieces,
        private GangPaper $paper,
        private KnownSheets $known,
    ) {}

    /**
     * So many of each picture on sheets that are full, by one pass without a search: as many sheets of one picture
     * alone as are filled by it, and what remains of all of them together. The same always gives the same. Where a
     * search has found fewer sheets for just these, they are those.
     *
     * @param array<string, int> $counts by the id of a piece; what is not named is left out
     *
     * @return list<SheetRun>
     *
     * @throws BadRecord where something does not fit
     */
    public function of(array $counts): array
    {
        $runs = [];
        foreach ($this->wanted($counts, true) as $piece) {
            $runs[] = new SheetRun($this->lot, $this->filled($piece->counting(1)), $piece->count);
        }
        $pieces = $this->wanted($counts, false);
        $found = [] === $pieces ? [] : $this->known->found($this->told($pieces));
        if (null !== $found) {
            $order = $this->order($pieces);
            foreach ($found as $places) {
                $runs[] = new SheetRun($this->lot, Gang::placed($order, $places), 1);
            }

            return $runs;
        }

        return [...$runs, ...$this->byOnePass($pieces)];
    }

    /**
     * Looks for fewer sheets than one pass fills.
     *
     * @param array<string, int> $counts by the id of a piece
     * @param callable(int, int, int): bool $goOn told how often it was tried, how many sheets the best so far has, and
     *                                            by which way; false takes that
     *
     * @return array{string, list<list<GangPlace>>}|null what it hangs on, and what lies on each sheet; null where
     *                                                   nothing better was found
     *
     * @throws BadRecord where something does not fit, or these are too many
     */
    public function searched(array $counts, int $seed, callable $goOn): ?array
    {
        $pieces = $this->wanted($counts, false);
        if ([] === $pieces) {
            return null;
        }
        $before = array_sum(array_map(static fn(SheetRun $run): int => $run->copies, $this->byOnePass($pieces)));
        $order = $this->order($pieces);
        $sheets = Gang::fromOrder($order, $seed, $goOn)->sheets;

        return count($sheets) < $before
            ? [$this->told($pieces), array_map(static fn(GangSheet $sheet): array => $sheet->places, $sheets)]
            : null;
    }

    /**
     * @param array<string, int> $counts by the id of a piece
     * @param bool $alone those that have a sheet to themselves each, or those that share
     *
     * @return list<GangPiece>
     */
    private function wanted(array $counts, bool $alone): array
    {
        $wanted = [];
        foreach ($this->pieces as $piece) {
            $count = $counts[$piece->id] ?? 0;
            if ($count > 0 && $alone === $this->lot->pictures[$piece->id]->transfer->brief->transfer->onSheet->alone) {
                $wanted[] = $piece->counting($count);
            }
        }

        return $wanted;
    }

    /**
     * @param list<GangPiece> $pieces
     *
     * @return list<SheetRun>
     *
     * @throws BadRecord where something does not fit
     */
    private function byOnePass(array $pieces): array
    {
        $runs = $rest = [];
        foreach ($pieces as $piece) {
            $count = $piece->count;
            if ($count > 1) {
                $sheet = $this->filled($piece->counting($this->mostOf($piece)));
                $copies = intdiv($count, count($sheet->places));
                $runs = $copies > 0 ? [...$runs, new SheetRun($this->lot, $sheet, $copies)] : $runs;
                $count -= $copies * count($sheet->places);
            }
            if ($count > 0) {
                $rest[] = $piece->counting($count);
            }
        }
        $sheets = match (count($rest)) {
            0 => [],
            1 => [$this->filled($rest[0])],
            default => $this->known->of(
                $this->told($rest),
                fn(): array => Gang::fromOrder($this->order($rest), 1, static fn(): bool => false)->sheets,
            ),
        };
        foreach ($sheets as $sheet) {
            $runs[] = new SheetRun($this->lot, $sheet, 1);
        }

        return $runs;
    }

    /** A sheet with as many of a piece as it counts and as fit; by one of its outline where that is remembered. */
    private function filled(GangPiece $piece): GangSheet
    {
        // Sizes of a garment have the same picture: what is filled with one is filled with the other.
        return $this->known
            ->of(
                json_encode(
                    [$piece->outline, $piece->turns, $piece->count, $this->paper, GangLot::GAP_MM],
                    \JSON_THROW_ON_ERROR,
                ),
                fn(): array => [Gang::full($this->order([$piece]))],
            )[0]
            ->of($piece->id);
    }

    /**
     * All that a filling hangs on.
     *
     * @param list<GangPiece> $pieces
     */
    private function told(array $pieces): string
    {
        return json_encode(
            [
                array_map(
                    static fn(GangPiece $one): array => [$one->id, $one->outline, $one->turns, $one->count],
                    $pieces,
                ),
                $this->paper,
                GangLot::GAP_MM,
            ],
            \JSON_THROW_ON_ERROR,
        );
    }

    /** More of a piece never lie on a sheet. */
    private function mostOf(GangPiece $piece): int
    {
        return max(1, min(GangOrder::MOST_PIECES, (int) ceil($this->lot->room()->size->areaMm2() / $piece->areaMm2())));
    }

    /** @param list<GangPiece> $pieces */
    private function order(array $pieces): GangOrder
    {
        return new GangOrder($pieces, $this->paper, Length::mm(GangLot::GAP_MM));
    }
}
