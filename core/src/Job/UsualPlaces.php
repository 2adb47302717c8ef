<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Job\Edit\Draft;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;

/** Where pictures go on a piece when nobody has said, and where they stay when they are changed. */
final readonly class UsualPlaces
{
    /** Room left below a picture that another is put under, in mm (assumed: a finger's breadth). */
    private const APART_MM = 15.0;

    /** @param array<string, Picture> $pictures by SHA-256 */
    public function __construct(
        private Job $job,
        private BlankKind $kind,
        private BlankSize $size,
        private array $pictures,
    ) {}

    /** As wide as the print area lets it, at most 200 mm, and centred. */
    public function usual(Transfer $transfer): Placement
    {
        $size = $this->size->seenFrom($transfer->sideId);
        $area = $size->printArea;
        $aspect = $this->picture($transfer)?->aspect() ?? 1.0;
        $width = min(200.0, $area->size->widthMm * 0.8, $area->size->heightMm * 0.8 * $aspect);
        $drop =
            'shirt' === $this->job->blank->kindId && null === $size->from && null === $size->edge
                ? 80.0
                : $area->yMm + max(0.0, ($area->size->heightMm - $width / $aspect) / 2.0);

        return Placement::fromMeasures(
            SizedBy::Width,
            Length::mm(round($width)),
            Length::mm(0.0),
            Length::mm(round($drop)),
            null === $transfer->artwork ? Length::mm(round($width)) : null,
        );
    }

    /**
     * Adds a picture, takes one away, or presses it earlier.
     *
     * @return non-empty-list<Transfer>
     */
    public function rearranged(int $at, string $wish): array
    {
        $transfers = $this->job->transfers;
        match ($wish) {
            'add' => ($transfers[] = $this->another($transfers[$at])),
            'remove' => array_splice($transfers, $at, 1),
            'earlier' => ([$transfers[max(0, $at - 1)], $transfers[$at]] = [
                $transfers[$at],
                $transfers[max(0, $at - 1)],
            ]),
            default => throw BadRecord::at('', Draft::NOT_OFFERED),
        };
        if ([] === $transfers) {
            throw BadRecord::at('transfer', 'A job needs one picture. This is the last one.');
        }
        if (count($transfers) > Job::MOST_TRANSFERS) {
            throw BadRecord::at('transfer', 'At most 8 pictures go on one piece.');
        }

        return array_values($transfers);
    }

    /** One more that goes the way of the one at hand: on a side that is still empty, or else where there is room. */
    public function another(Transfer $model): Transfer
    {
        $taken = array_map(static fn(Transfer $transfer): string => $transfer->sideId, $this->job->transfers);
        $free = array_diff(array_keys($this->kind->sides), $taken);
        $side = array_values($free)[0] ?? $model->sideId;
        $new = new Transfer(
            $side,
            false,
            null,
            null,
            $model->placement,
            $model->routeId,
            $model->finish,
            new Choices(schools: $model->choices->schools),
            [],
        );
        $new = $new->with(placement: $this->usual($new));

        return [] === $free ? $new->with(placement: $this->clearOf($new)) : $new;
    }

    /**
     * Turned away from what is there on a round piece, and below it on a flat one; where there is no room it lies over.
     */
    private function clearOf(Transfer $new): Placement
    {
        $size = $this->size->seenFrom($new->sideId);
        $there = array_filter($this->job->transfers, static fn(Transfer $one): bool => $one->sideId === $new->sideId);
        [$right, $below] = [$new->placement->rightMm, $new->placement->belowMm];
        if (null !== $size->diameterMm) {
            $wrap = $size->widthMm;
            $gap = static fn(float $x): float => min([
                $wrap,
                ...array_map(
                    static fn(Transfer $one): float => abs(
                        fmod(abs($one->placement->rightMm - $x) + $wrap / 2.0, $wrap) - $wrap / 2.0,
                    ),
                    $there,
                ),
            ]);
            $eighths = array_map(static fn(int $n): float => ($n * $wrap) / 8.0, [0, 2, -2, 3, -3, 1, -1]);
            usort($eighths, static fn(float $a, float $b): int => $gap($b) <=> $gap($a));
            $right = round($eighths[0]);
        } else {
            $free = round(
                max([
                    0.0,
                    ...array_map(
                        fn(Transfer $one): float => $one->placement->rectOf($this->picture($one))->bottom(),
                        $there,
                    ),
                ]) + self::APART_MM,
            );
            $below = $free + $new->placement->sizeOf(null)->heightMm <= $size->printArea->bottom() ? $free : $below;
        }

        return $new->placement->movedTo(Length::mm($right), Length::mm($below));
    }

    /**
     * Where it lies when it is put to an edge of the print area, or in the middle.
     *
     * @return array{Length|null, Length|null} to the right of the middle, and below the edge; null where it stays
     */
    public function aligned(Transfer $transfer, string $to): array
    {
        $rect = $transfer->placement->rectOf($this->picture($transfer));
        $area = $this->size->seenFrom($transfer->sideId)->levelWith($rect)->printArea;
        [$wide, $high] = [$rect->size->widthMm, $rect->size->heightMm];

        return match ($to) {
            'left' => [Length::mm($area->xMm + $wide / 2.0), null],
            'centre' => [Length::mm(0.0), null],
            'right' => [Length::mm($area->right() - $wide / 2.0), null],
            'top' => [null, Length::mm($area->yMm)],
            'middle' => [null, Length::mm(($area->yMm + $area->bottom() - $high) / 2.0)],
            'bottom' => [null, Length::mm($area->bottom() - $high)],
            default => throw BadRecord::at('', Draft::NOT_OFFERED),
        };
    }

    /** What was made of another picture stays where it was on it, as large as it was; and the other way round. */
    public static function samePlace(Picture $from, Picture $to, Rect $rect): ?Rect
    {
        return match (true) {
            $to->origin?->sha256 === $from->sha256 => $to->origin->within($rect),
            $from->origin?->sha256 === $to->sha256 => $from->origin->around($rect),
            default => null,
        };
    }

    private function picture(Transfer $transfer): ?Picture
    {
        return $this->pictures[$transfer->artwork ?? ''] ?? null;
    }
}
