<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Uid\Uuid;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\SharePlan;
use Wubbin\Http\Problem;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/** Makes sheets and keeps them as they were made. */
final readonly class PrintedSheets
{
    public function __construct(
        private EntityManagerInterface $entities,
        private SheetPdf $pdf,
        private GangPdf $gang,
        private ArtworkStore $artwork,
        private string $dataDirectory,
    ) {
    }

    /**
     * The sheet of a plan; the one that was made before where the plan is still the same.
     *
     * @throws Problem when a check stands against printing
     */
    public function make(Plan $plan, Progress $progress = new Unwatched()): PrintedSheet
    {
        $artworks = [];
        foreach ($plan->transfers as $transfer) {
            $artwork = $this->artwork->find($transfer->artwork);
            $artworks += null === $artwork ? [] : [$artwork->sha256 => $artwork];
        }
        if (!$plan->printable()) {
            throw Problem::field('sheet', 'The checks before printing are not all settled yet.');
        }
        $latest = $this->latest($plan->jobId);
        if (null !== $latest && $latest->plan === $plan->id() && is_file($this->path($latest->id))) {
            return $latest;
        }
        $sheet = new PrintedSheet(Uuid::v4()->toRfc4122(), $plan->jobId, $plan->id());
        if (!is_dir(dirname($this->path($sheet->id)))) {
            mkdir(dirname($this->path($sheet->id)), 0o700, true);
        }
        $this->pdf->write($plan, $artworks, $this->path($sheet->id), $progress);
        $this->entities->persist($sheet);
        $this->entities->flush();

        return $sheet;
    }

    /**
     * Sheets that several jobs share, as the sheet of each of them.
     *
     * @param list<Plan>    $plans   of jobs that can be printed
     * @param list<GangLot> $lots    that they make
     * @param list<Record>  $layouts as they were laid out
     */
    public function makeGang(array $plans, array $lots, array $layouts, Progress $progress): PrintedSheet
    {
        $artworks = [];
        foreach ($lots as $lot) {
            foreach ($lot->pictures as $picture) {
                $artwork = $this->artwork->find($picture->transfer->artwork);
                $artworks += null === $artwork ? [] : [$artwork->sha256 => $artwork];
            }
        }
        $made = null;
        $pdf = $this->gang->draw($lots, $layouts, $artworks, implode(', ', array_map(static fn (Plan $plan): string => $plan->jobName.' ('.$plan->id().')', $plans)), $progress);
        foreach ($plans as $plan) {
            $made = new PrintedSheet(Uuid::v4()->toRfc4122(), $plan->jobId, $plan->id());
            (new Filesystem())->dumpFile($this->path($made->id), $pdf);
            $this->entities->persist($made);
        }
        $this->entities->flush();

        return $made ?? throw new \LogicException('A gang has jobs.');
    }

    /** Whether making it takes longer than a page should wait for: pictures are bent for it at full resolution. */
    public function takesLong(Plan $plan): bool
    {
        $latest = $this->latest($plan->jobId);
        if (null !== $latest && $latest->plan === $plan->id()) {
            return false;
        }
        foreach ([$plan, ...array_map(static fn (SharePlan $share): Plan => $share->plan, $plan->shares)] as $part) {
            foreach ($part->transfers as $transfer) {
                if (null !== $transfer->bend) {
                    return true;
                }
            }
        }

        return false;
    }

    public function latest(string $job): ?PrintedSheet
    {
        return $this->entities->getRepository(PrintedSheet::class)->findOneBy(['job' => $job], ['at' => 'DESC']);
    }

    /** @throws Problem when there is none */
    public function file(string $id): string
    {
        $path = $this->path($id);

        return is_file($path) ? $path : throw Problem::notFound('There is no such sheet.');
    }

    private function path(string $id): string
    {
        return $this->dataDirectory.'/sheets/'.$id.'.pdf';
    }
}
