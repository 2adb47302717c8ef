<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Job\NamedPiece;
use Wubbin\Core\Lettering\Fitter;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Pdf\PieceWords;
use Wubbin\Session\NamesLeft;

/**
 * The pieces of series as they are drawn, one after another: each place of a picture on a sheet is the next piece of
 * its share. Letters are set a batch at a time, since those of thousands of names would not all fit into memory.
 */
final class PiecesInTurn
{
    private const BATCH = 200;

    /**
     * @param array<string, \Generator<PieceWords>> $words by the id that a picture has on sheets
     * @param list<string> $labels of all pieces that are drawn
     * @param list<string> $missing labels of pieces that a typeface lacks letters for
     */
    private function __construct(private array $words, public readonly array $labels, public readonly array $missing) {}

    public static function nobody(): self
    {
        return new self([], [], []);
    }

    /**
     * @param Plan $plan of all pieces
     * @param list<int>|null $places of those that are drawn in the list, from 0; null for all
     * @param \Closure(TransferPlan): Fitter $fitter
     */
    public static function of(
        Plan $plan,
        ?array $places,
        NamesLeft $names,
        ArtworkStore $artwork,
        \Closure $fitter,
    ): self {
        $job = $plan->transfers[0]->brief->job;
        if (null === $job->series) {
            return self::nobody();
        }
        $labels = $names->labels($job);
        $places ??= array_keys($labels);
        $words = $missing = [];
        foreach ($plan->parts() as $p => [$part]) {
            $own = NamesLeft::ofShare($job, $places, [] === $plan->shares ? null : $p);
            $pieces = array_map(static fn(int $at): NamedPiece => $job->series->pieces[$at], $own);
            $called = array_map(static fn(int $at): string => $labels[$at], $own);
            foreach ($part->transfers as $t => $transfer) {
                $id = GangPicture::id($plan->jobId, $p, $t);
                $words[$id] = self::set($transfer, $pieces, $called, $artwork, $fitter);
                foreach (null === $transfer->ownWords() ? [] : $words[$id] as $one) {
                    if ([] !== ($one->lettering->missing ?? [])) {
                        $missing[$one->label] = $one->label;
                    }
                }
                $words[$id] = self::set($transfer, $pieces, $called, $artwork, $fitter);
            }
        }

        return new self(
            $words,
            array_map(static fn(int $at): string => $labels[$at], $places),
            array_map(strval(...), array_values($missing)),
        );
    }

    /**
     * @param list<NamedPiece> $pieces
     * @param list<string> $labels of them
     * @param \Closure(TransferPlan): Fitter $fitter
     *
     * @return \Generator<PieceWords>
     */
    private static function set(
        TransferPlan $transfer,
        array $pieces,
        array $labels,
        ArtworkStore $artwork,
        \Closure $fitter,
    ): \Generator {
        $own = $transfer->ownWords();
        foreach (array_chunk($pieces, self::BATCH, true) as $batch) {
            $fitted =
                null === $own
                    ? []
                    : $fitter($transfer)->fitAll(
                        array_map(static fn(NamedPiece $piece): string => $piece->text, array_values($batch)),
                        $own->room->size,
                        $own->style,
                    );
            foreach (array_keys($batch) as $i => $n) {
                yield new PieceWords($labels[$n], $fitted[$i] ?? null, $own, $artwork->find($pieces[$n]->picture));
            }
        }
    }

    /** With the pieces of another job. */
    public function and(self $other): self
    {
        return new self(
            $this->words + $other->words,
            [...$this->labels, ...$other->labels],
            [...$this->missing, ...$other->missing],
        );
    }

    /** The next piece whose picture this is; null where all are alike. */
    public function next(string $picture): ?PieceWords
    {
        $words = $this->words[$picture] ?? null;
        if (true !== $words?->valid()) {
            return null;
        }
        $next = $words->current();
        $words->next();

        return $next;
    }
}
