<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;
use Wubbin\Archive\PrintedSheet;
use Wubbin\Archive\SheetArchive;
use Wubbin\Archive\SheetPage;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\SharePlan;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/** Makes the sheets of plans, and of jobs that share them. */
final readonly class SheetMaker
{
    /** So many sheets take about a second. */
    private const MANY = 12;

    public function __construct(
        private EntityManagerInterface $entities,
        private SheetPdf $pdf,
        private GangPdf $gang,
        private ArtworkStore $artwork,
        private SheetArchive $archive,
        private ClockInterface $clock,
    ) {}

    /**
     * The sheets of a plan; those that were made before where the plan is still the same.
     *
     * @throws Refusal when a check stands against printing
     */
    public function make(Plan $plan, Progress $progress = new Unwatched()): PrintedSheet
    {
        self::refuseUnsettled($plan);
        $latest = $this->archive->latest($plan->jobId);

        return null !== $latest && self::isOf($latest, $plan) && is_file($this->archive->path($latest->id))
            ? $latest
            : $this->made($plan, $progress, null);
    }

    /**
     * Sheets of a plan for some pieces of its job, beside those that there are for all.
     *
     * @throws Refusal when a check stands against printing
     */
    public function makeSome(Plan $plan, ?int $share = null, Progress $progress = new Unwatched()): PrintedSheet
    {
        self::refuseUnsettled($plan);

        return $this->made($plan, $progress, $plan->quantity, $share);
    }

    /** @throws Refusal */
    private static function refuseUnsettled(Plan $plan): void
    {
        if (!$plan->printable()) {
            throw InvalidInput::field('sheet', 'Some checks before printing are still open.');
        }
    }

    private function made(Plan $plan, Progress $progress, ?int $pieces, ?int $share = null): PrintedSheet
    {
        $artworks = [];
        foreach ($plan->transfers as $transfer) {
            $artwork = $this->artwork->find($transfer->artwork());
            $artworks += null === $artwork ? [] : [$artwork->sha256 => $artwork];
        }
        $id = Uuid::v4()->toRfc4122();
        $sheet = new PrintedSheet(
            $id,
            $plan->jobId,
            $plan->id(),
            self::records($this->pdf->write($plan, $artworks, $this->archive->path($id), $progress)),
            $this->clock->now(),
            $pieces,
            $plan->quantity,
            $share,
        );
        $this->entities->persist($sheet);
        $this->entities->flush();

        return $sheet;
    }

    /**
     * Sheets that several jobs share, as the sheet of each of them.
     *
     * @param list<Plan> $plans of jobs that can be printed
     * @param list<GangLot> $lots that they make
     * @param list<GangLot> $later of jobs that only fill what was left: those keep their own sheets
     * @param list<Record> $layouts as they were laid out
     */
    public function makeGang(array $plans, array $lots, array $later, array $layouts, Progress $progress): PrintedSheet
    {
        $artworks = [];
        foreach ([...$lots, ...$later] as $lot) {
            foreach ($lot->pictures as $picture) {
                $artwork = $this->artwork->find($picture->transfer->artwork());
                $artworks += null === $artwork ? [] : [$artwork->sha256 => $artwork];
            }
        }
        $made = $together = null;
        [$pdf, $pages] = $this->gang->draw(
            $lots,
            $later,
            $layouts,
            $artworks,
            implode(
                ', ',
                array_map(static fn(Plan $plan): string => $plan->jobName . ' (' . $plan->id() . ')', $plans),
            ),
            $progress,
        );
        foreach ($plans as $plan) {
            $id = Uuid::v4()->toRfc4122();
            $made = new PrintedSheet(
                $id,
                $plan->jobId,
                $plan->id(),
                self::records($pages),
                $this->clock->now(),
                null,
                $plan->quantity,
                null,
                ($together ??= $id),
            );
            $pdf->writeTo($this->archive->path($made->id));
            $this->entities->persist($made);
        }
        $this->entities->flush();

        return $made ?? throw new \LogicException('A gang has jobs.');
    }

    /** It was made of this plan, for as many pieces. */
    private static function isOf(PrintedSheet $sheet, Plan $plan): bool
    {
        $pages = array_filter($sheet->pages(), static fn(SheetPage $page): bool => !$page->guides);

        return $sheet->plan === $plan->id() && count($pages) === min(SheetPdf::MOST, $plan->sheets()->count());
    }

    /** Whether making it takes longer than a page should wait for: pictures are bent for it at full resolution. */
    public function takesLong(Plan $plan): bool
    {
        $latest = $this->archive->latest($plan->jobId);
        if (null !== $latest && self::isOf($latest, $plan)) {
            return false;
        }
        if ($plan->sheets()->count() > self::MANY) {
            return true;
        }
        foreach ([$plan, ...array_map(static fn(SharePlan $share): Plan => $share->plan, $plan->shares)] as $part) {
            foreach ($part->transfers as $transfer) {
                if (null !== $transfer->placing->bend) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param list<SheetPage> $pages
     *
     * @return list<array<string, mixed>>
     */
    private static function records(array $pages): array
    {
        return array_map(static fn(SheetPage $page): array => $page->toRecord(), $pages);
    }
}
