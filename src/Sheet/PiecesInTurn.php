<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Lettering\Fitter;
use Wubbin\Core\Plan\GangPicture;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Pdf\PieceWords;
use Wubbin\Session\NamesLeft;

/**
 * The pieces of series as they are drawn, one after another: each place of a picture on a sheet is the next piece of its
 * share.
 */
final class PiecesInTurn
{
    /**
     * @param array<string, list<PieceWords>> $words by the id that a picture has on sheets
     * @param list<string> $labels of all pieces that are drawn
     */
    private function __construct(private array $words, public readonly array $labels) {}

    public static function nobody(): self
    {
        return new self([], []);
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
        $words = [];
        foreach ($plan->parts() as $p => [$part]) {
            $own = NamesLeft::ofShare($job, $places, [] === $plan->shares ? null : $p);
            foreach ($part->transfers as $t => $transfer) {
                $words[GangPicture::id($plan->jobId, $p, $t)] = self::ofTransfer(
                    $transfer,
                    array_map(static fn(int $at): string => $job->series->pieces[$at]->text, $own),
                    array_map(static fn(int $at): string => $labels[$at], $own),
                    array_map(static fn(int $at): ?string => $job->series->pieces[$at]->picture, $own),
                    $artwork,
                    $fitter,
                );
            }
        }

        return new self($words, array_map(static fn(int $at): string => $labels[$at], $places));
    }

    /**
     * @param list<string> $texts
     * @param list<string> $labels
     * @param list<string|null> $pictures
     * @param \Closure(TransferPlan): Fitter $fitter
     *
     * @return list<PieceWords>
     */
    private static function ofTransfer(
        TransferPlan $transfer,
        array $texts,
        array $labels,
        array $pictures,
        ArtworkStore $artwork,
        \Closure $fitter,
    ): array {
        $own = $transfer->ownWords();
        $fitted = null === $own ? [] : $fitter($transfer)->fitAll($texts, $own->room->size, $own->style);

        return array_map(
            static fn(int $n): PieceWords => new PieceWords(
                $labels[$n],
                $fitted[$n] ?? null,
                $own,
                $artwork->find($pictures[$n]),
            ),
            array_keys($texts),
        );
    }

    /** With the pieces of another job. */
    public function and(self $other): self
    {
        return new self($this->words + $other->words, [...$this->labels, ...$other->labels]);
    }

    /** @return list<string> labels of pieces that the typeface lacks letters for */
    public function missing(): array
    {
        $missing = [];
        foreach ($this->words as $words) {
            foreach ($words as $one) {
                if ([] !== ($one->lettering->missing ?? [])) {
                    $missing[$one->label] = $one->label;
                }
            }
        }

        return array_values($missing);
    }

    /** The next piece whose picture this is; null where all are alike. */
    public function next(string $picture): ?PieceWords
    {
        return [] === ($this->words[$picture] ?? []) ? null : array_shift($this->words[$picture]);
    }
}
