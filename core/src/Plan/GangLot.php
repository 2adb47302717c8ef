<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Sheet\Gang\Gang;
use Wubbin\Core\Sheet\Gang\GangPiece;
use Wubbin\Core\Sheet\SheetLayout;

/** Pictures of several jobs that may share a sheet: the same medium, printed by the same, and all mirrored or none. */
final readonly class GangLot
{
    /** @param non-empty-array<string, GangPicture> $pictures by the id of their piece */
    private function __construct(public string $id, public Medium $medium, public Marking $marking, public bool $mirrored, public array $pictures)
    {
    }

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
                [$medium, $marking, $sheet] = [$transfer->medium, $transfer->marking, $transfer->sheet];
                if (null !== $medium && null !== $marking && null !== $sheet) {
                    $id = $medium->id.' '.$marking->id.($sheet->mirrored ? ' mirrored' : '');
                    $pictures = ($lots[$id]->pictures ?? []) + [$picture->piece->id => $picture];
                    $lots[$id] = new self($id, $medium, $marking, $sheet->mirrored, $pictures);
                }
            }
        }

        return array_values($lots);
    }

    public function page(): Size
    {
        return $this->medium->paper->size();
    }

    /** The page but for the printer's margins. */
    public function printable(): Rect
    {
        $page = $this->page();
        $margin = $this->marking->marginMm;

        return Rect::mm($margin, $margin, $page->widthMm - 2.0 * $margin, $page->heightMm - 2.0 * $margin);
    }

    /** What of it pieces may lie on: the strip of marks off. */
    public function room(): Rect
    {
        return SheetLayout::room($this->printable());
    }

    /** @param callable(int, int): bool $goOn told how often it was tried, and how many sheets the best so far has; false takes that */
    public function laidOut(Length $gap, int $seed, callable $goOn): Gang
    {
        return Gang::of(array_values(array_map(static fn (GangPicture $picture): GangPiece => $picture->piece, $this->pictures)), $this->page(), $this->room(), $gap, $seed, $goOn);
    }

    /** @return list<GangPicture> */
    private static function pictures(Plan $plan): array
    {
        $all = [];
        $parts = [] === $plan->shares
            ? [[$plan, $plan->quantity, '']]
            : array_map(static fn (SharePlan $share): array => [$share->plan, $share->quantity, $share->label], $plan->shares);
        foreach ($parts as $p => [$part, $count, $label]) {
            foreach ($part->transfers as $t => $transfer) {
                $cut = $transfer->sheet?->cut;
                if (null !== $cut) {
                    $name = $transfer->label.('' === $label ? '' : ' · '.$label);
                    $all[] = new GangPicture(new GangPiece($plan->jobId.'/'.$p.'/'.$t, $name, $cut->size, $count), $plan->jobId, $plan->id(), $transfer);
                }
            }
        }

        return $all;
    }
}
