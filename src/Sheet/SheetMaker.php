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
use Wubbin\Core\Lettering\Face;
use Wubbin\Core\Lettering\Fitter;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\GangLot;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\SharePlan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Lettering\Typefaces;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Session\NamesLeft;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/** Makes the sheets of plans, and of jobs that share them. */
final readonly class SheetMaker
{
    /** So many sheets take about a second. */
    private const MANY = 12;

    /** So do so many names. */
    private const MANY_NAMES = 60;

    public function __construct(
        private EntityManagerInterface $entities,
        private SheetPdf $pdf,
        private GangPdf $gang,
        private ArtworkStore $artwork,
        private NamesLeft $names,
        private Typefaces $typefaces,
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
     * Sheets of some pieces of a job, beside those that there are for all.
     *
     * @param Plan $plan of all pieces
     *
     * @throws Refusal when a check stands against printing
     */
    public function makeSome(Plan $plan, SomePieces $some, Progress $progress = new Unwatched()): PrintedSheet
    {
        self::refuseUnsettled($plan);
        $job = $plan->transfers[0]->brief->job;
        if (null === $job->series) {
            $of = $some->of($plan);

            return $this->made($of, $progress, $of->quantity, $some->share);
        }
        $places = $some->namesOf($job, $this->names->toPrint($job, $plan->ids()));
        $counts = array_map(
            static fn(int $p): int => count(NamesLeft::ofShare($job, $places, [] === $plan->shares ? null : $p)),
            array_keys($plan->parts()),
        );

        return $this->made($plan->some($counts), $progress, count($places), $some->share, $places);
    }

    /** @throws Refusal */
    private static function refuseUnsettled(Plan $plan): void
    {
        if (!$plan->printable()) {
            throw InvalidInput::field('sheet', 'Some checks before printing are still open.');
        }
    }

    /** @param list<int>|null $places in the list of names, from 0; null for all */
    private function made(
        Plan $plan,
        Progress $progress,
        ?int $pieces,
        ?int $share = null,
        ?array $places = null,
    ): PrintedSheet {
        $progress->at(0.02, 'Setting the names');
        $turn = $this->inTurn($plan, $places);
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
            self::records($this->pdf->write($plan, $artworks, $turn, $this->archive->path($id), $progress)),
            $this->clock->now(),
            $pieces,
            $plan->quantity,
            $share,
            null,
            [] === $turn->labels ? null : $turn->labels,
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
        $turns = array_map(fn(Plan $plan): PiecesInTurn => $this->inTurn($plan, null), $plans);
        [$pdf, $pages] = $this->gang->draw(
            $lots,
            $later,
            $layouts,
            $artworks,
            array_reduce(
                $turns,
                static fn(PiecesInTurn $all, PiecesInTurn $one): PiecesInTurn => $all->and($one),
                PiecesInTurn::nobody(),
            ),
            implode(
                ', ',
                array_map(static fn(Plan $plan): string => $plan->jobName . ' (' . $plan->id() . ')', $plans),
            ),
            $progress,
        );
        foreach ($plans as $n => $plan) {
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
                [] === $turns[$n]->labels ? null : $turns[$n]->labels,
            );
            $pdf->writeTo($this->archive->path($made->id));
            $this->entities->persist($made);
        }
        $this->entities->flush();

        return $made ?? throw new \LogicException('A gang has jobs.');
    }

    /**
     * The names of a plan's pieces as they are drawn.
     *
     * @param list<int>|null $places in the list of names, from 0; null for all
     *
     * @throws Refusal where a typeface lacks letters
     */
    public function inTurn(Plan $plan, ?array $places): PiecesInTurn
    {
        $turn = PiecesInTurn::of(
            $plan,
            $places,
            $this->names,
            $this->artwork,
            fn(TransferPlan $transfer): Fitter => $this->typefaces->fitter(
                $transfer->ownWords()->style->face ?? Face::Upright,
            ),
        );

        return [] === $turn->missing
            ? $turn
            : throw InvalidInput::field(
                'sheet',
                sprintf(
                    'The typeface does not have all letters of “%s”. Choose another typeface, or write it otherwise.',
                    implode('”, “', array_slice($turn->missing, 0, 3)),
                ),
            );
    }

    /** It was made of this plan, for as many pieces. */
    private static function isOf(PrintedSheet $sheet, Plan $plan): bool
    {
        $pages = array_filter($sheet->pages(), static fn(SheetPage $page): bool => !$page->guides);

        return $sheet->plan === $plan->id() && count($pages) === min(SheetPdf::MOST, $plan->sheets()->count());
    }

    /** The same of some pieces; of names, many on one sheet take as long as many sheets. */
    public function takesLongFor(Plan $plan, SomePieces $some): bool
    {
        return null === $plan->transfers[0]->brief->job->series
            ? $this->takesLong($some->of($plan))
            : $some->pieces > self::MANY_NAMES;
    }

    /** Whether making it takes longer than a page should wait for: pictures are bent for it at full resolution. */
    public function takesLong(Plan $plan): bool
    {
        $latest = $this->archive->latest($plan->jobId);
        if (null !== $latest && self::isOf($latest, $plan)) {
            return false;
        }
        $names = count($plan->transfers[0]->brief->job->series->pieces ?? []);
        if ($plan->sheets()->count() > self::MANY || $names > self::MANY_NAMES) {
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
