<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Job\Offcut;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangOrder;
use Wubbin\Core\Sheet\Gang\GangPaper;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\Gang\GangPin;
use Wubbin\Core\Sheet\Gang\GangPlace;
use Wubbin\Core\Sheet\Gang\KnownSheets;
use Wubbin\Core\Sheet\Gang\Unremembered;
use Wubbin\Core\Sheet\SheetLayout;

/**
 * Pictures of several jobs that may share a sheet: the same medium, printed by the same at the same settings, and all
 * mirrored or none.
 */
final readonly class GangLot
{
    /** Between two pictures, in mm, where nobody says otherwise: what scissors want (assumed). */
    public const GAP_MM = 3.0;

    /** @param non-empty-array<string, GangPicture> $pictures by the id of their piece */
    private function __construct(
        public string $id,
        public Medium $medium,
        public Marking $marking,
        public bool $mirrored,
        public array $pictures,
    ) {}

    /**
     * What may share a sheet, of jobs whose sheets can be printed.
     *
     * Mirrored and unmirrored pictures never do: whoever lets the driver mirror would spoil one of them; and a sheet is
     * loaded, dried and cut in one way only.
     *
     * @param list<Plan> $plans
     *
     * @return list<self>
     */
    public static function of(array $plans): array
    {
        $lots = [];
        foreach ($plans as $plan) {
            foreach (self::pictures($plan) as $picture) {
                $transfer = $picture->transfer;
                [$medium, $marking, $sheet] = [
                    $transfer->outfit->medium,
                    $transfer->outfit->marking,
                    $transfer->arrangement->sheet,
                ];
                if (null !== $medium && null !== $marking && null !== $sheet) {
                    $id = implode(' ', [
                        $medium->id,
                        $marking->id,
                        $sheet->mirrored ? 'mirrored' : 'not mirrored',
                        $transfer->driver()?->paperAndQuality() ?? '',
                    ]);
                    $pictures = ($lots[$id]->pictures ?? []) + [$picture->piece->id => $picture];
                    $lots[$id] = new self($id, $medium, $marking, $sheet->mirrored, $pictures);
                }
            }
        }

        return array_values($lots);
    }

    /**
     * Why lots that are printed on the same, by the same, are kept apart.
     *
     * @param list<self> $lots
     *
     * @return list<string>
     */
    public static function apart(array $lots): array
    {
        $why = [];
        foreach ($lots as $i => $one) {
            foreach (array_slice($lots, $i + 1) as $other) {
                if ($one->medium->id !== $other->medium->id || $one->marking->id !== $other->marking->id) {
                    continue;
                }
                if ($one->mirrored === $other->mirrored) {
                    $why[] = sprintf(
                        '%s is printed at other settings (%s) than %s (%s).',
                        $one->first()->label(),
                        $one->first()->driver()?->paperAndQuality() ?? '',
                        $other->first()->label(),
                        $other->first()->driver()?->paperAndQuality() ?? '',
                    );
                } else {
                    [$mirrored, $right] = $one->mirrored ? [$one, $other] : [$other, $one];
                    $why[] = sprintf(
                        '%s is mirrored and %s reads right: on one sheet whoever lets the driver mirror would ' .
                            'spoil one of them.',
                        $mirrored->first()->label(),
                        $right->first()->label(),
                    );
                }
            }
        }

        return $why;
    }

    public function page(): Size
    {
        return $this->medium->paper->size();
    }

    /**
     * A page but for the printer's margins.
     *
     * @throws BadRecord where that is nothing
     */
    public function printable(?Size $page = null): Rect
    {
        return SheetLayout::printable($page ?? $this->page(), $this->marking->marginMm) ?? throw self::nothing();
    }

    /**
     * What of it pieces may lie on: the strip of marks off.
     *
     * @throws BadRecord where that is nothing
     */
    public function room(?Size $page = null): Rect
    {
        return SheetLayout::room($this->printable($page)) ?? throw self::nothing();
    }

    /** @return list<Rect> what a carrier's tape takes up of the room */
    private function tape(): array
    {
        $room = $this->room();

        return array_values(
            array_filter(
                array_map(
                    static fn(Rect $zone): ?Rect => $zone->overlap($room),
                    $this->first()->arrangement->carrier->zones ?? [],
                ),
            ),
        );
    }

    private static function nothing(): BadRecord
    {
        return BadRecord::at('sheet', 'There is no room on this sheet. Its margins and marks fill it.');
    }

    /**
     * @param list<GangPin> $pins
     * @param list<Offcut> $offcuts of this medium, that are used first
     * @param list<GangPiece> $spare that may fill what is left
     * @param list<string> $upright ids of pieces that are not turned
     * @param callable(int, int, int): bool $goOn told how often it was tried, how many sheets the best so far has,
     *                                            and by which way; false takes that
     *
     * @throws BadRecord naming gap, sheet, pieces or pins
     */
    public function laidOut(
        Length $gap,
        int $seed,
        callable $goOn,
        array $pins = [],
        array $offcuts = [],
        array $spare = [],
        array $upright = [],
    ): Gang {
        $papers = [];
        foreach ($offcuts as $offcut) {
            $printable = SheetLayout::printable($offcut->size, $this->marking->marginMm);
            $room = null === $printable ? null : SheetLayout::room($printable);
            if (null !== $room) {
                $papers[] = new GangPaper($offcut->size, $room, $offcut->id);
            }
        }

        return Gang::fromOrder(
            new GangOrder($this->pieces($upright), $this->paper(), $gap, $papers, $pins, $spare),
            $seed,
            $goOn,
        );
    }

    /** @throws BadRecord where nothing of it can be printed on */
    private function paper(): GangPaper
    {
        return new GangPaper($this->page(), $this->room(), blocked: $this->tape());
    }

    /**
     * @param list<string> $upright ids of pieces that are not turned
     *
     * @return list<GangPiece>
     */
    private function pieces(array $upright = []): array
    {
        return array_values(
            array_map(
                fn(GangPicture $picture): GangPiece => $this->medium->oneWay ||
                in_array($picture->piece->id, $upright, true)
                    ? $picture->piece->upright()
                    : $picture->piece,
                $this->pictures,
            ),
        );
    }

    /**
     * So many of each picture on sheets that are full.
     *
     * @param array<string, int> $counts by the id of a piece; what is not named is left out
     *
     * @return list<SheetRun>
     *
     * @throws BadRecord where something does not fit
     */
    public function full(array $counts, KnownSheets $known): array
    {
        return (new FullSheets($this, $this->pieces(), $this->paper(), $known))->of($counts);
    }

    /**
     * Looks for fewer sheets than that.
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
        return (new FullSheets($this, $this->pieces(), $this->paper(), new Unremembered()))->searched(
            $counts,
            $seed,
            $goOn,
        );
    }

    /** The driver's settings and the way into the printer, which are alike for all of them. */
    public function first(): TransferPlan
    {
        return $this->pictures[array_key_first($this->pictures)]->transfer;
    }

    /** @return list<GangPicture> */
    private static function pictures(Plan $plan): array
    {
        $all = [];
        foreach ($plan->parts() as $p => [$part, $count, $label]) {
            foreach ($part->transfers as $t => $transfer) {
                $cut = $transfer->arrangement->sheet?->cut;
                if (null !== $cut) {
                    $name = $transfer->label() . ('' === $label ? '' : ' · ' . $label);
                    $all[] = new GangPicture(
                        new GangPiece(
                            GangPicture::id($plan->jobId, $p, $t),
                            $name,
                            $cut->size,
                            $count,
                            outline: self::outline($transfer),
                        ),
                        $plan->jobId,
                        $plan->id(),
                        $transfer,
                    );
                }
            }
        }

        return $all;
    }

    /**
     * The line that a picture is cut along, from its box's upper left corner.
     *
     * @return list<array{float, float}> all its loops, one after another
     */
    private static function outline(TransferPlan $transfer): array
    {
        $sheet = $transfer->arrangement->sheet;

        return null === $sheet
            ? []
            : array_map(
                static fn(array $p): array => [$p[0] - $sheet->cut->xMm, $p[1] - $sheet->cut->yMm],
                array_merge(...$sheet->cutLines()),
            );
    }
}
