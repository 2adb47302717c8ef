<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\EntityManagerInterface;
use Wubbin\Archive\SheetArchive;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\ArtworkView;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Job\Choices;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Offered;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Plan\NextMove;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Finish;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Tally;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Route\RecipeStore;
use Wubbin\Session\LearnedTimes;
use Wubbin\Session\SessionCounts;
use Wubbin\Shelf\ShelfStore;
use Wubbin\Shelf\WorkHoursStore;

/** Brings together what a job's plan is made from, and finds jobs by their id. */
final readonly class JobPlanner
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ShelfStore $shelf,
        private HouseStore $houses,
        private LearnedTimes $times,
        private RecipeStore $recipes,
        private ArtworkStore $artwork,
        private Planner $planner,
        private SessionCounts $counts,
        private SheetArchive $sheets,
        private SettingsStore $settings,
        private WorkHoursStore $workHours,
        private Catalogue $catalogue,
    ) {}

    /** @throws Refusal when there is none */
    public function find(string $id): StoredJob
    {
        return $this->entities->find(StoredJob::class, $id) ??
            throw new NotFound('There is no job of this id in this shop.');
    }

    public function plan(Job $job): Plan
    {
        return $this->planning()($job);
    }

    /**
     * Shelf and house are fetched once for all of them.
     *
     * @param list<Job> $jobs
     *
     * @return list<Plan> in the same order
     */
    public function plans(array $jobs): array
    {
        return array_map($this->planning(), $jobs);
    }

    /**
     * Plans one job after another; shelf and house are fetched once for all of them.
     *
     * @return \Closure(Job): Plan
     */
    public function planning(): \Closure
    {
        $shelf = $this->shelf();
        $house = $this->house();

        return fn(Job $job): Plan => $this->planner->plan($job, $shelf, $this->pictures($job), $house);
    }

    /** What the shop has, the sheets of its usual paper first. */
    public function shelf(): Shelf
    {
        return $this->shelf->get()->preferring(PaperSize::from($this->settings->get()->paper));
    }

    /** What Wubbin knows, and the shop's own blanks. */
    public function catalogue(): Catalogue
    {
        return $this->shelf->get()->stocked($this->catalogue);
    }

    /** How much has room to wait in this shop. */
    public function places(): Places
    {
        $hours = $this->workHours->get();

        return new Places(max(1, $hours->rack), max(1, $hours->shelf));
    }

    /** What a job may choose. */
    public function offered(): Offered
    {
        return new Offered($this->shelf->get(), $this->catalogue, $this->recipes->ids());
    }

    public function house(): House
    {
        return $this->houses->get()->withRecipes($this->recipes->inUse())->withHands($this->times->known());
    }

    /** @return array<string, Picture> those of the job that are in the store, by SHA-256 */
    public function pictures(Job $job): array
    {
        return $this->artwork->pictures(
            array_map(static fn(Transfer $transfer): ?string => $transfer->artwork, $job->transfers),
        );
    }

    public function view(StoredJob $stored): JobView
    {
        $job = $stored->job();
        $plan = $this->plan($job);
        $printed = $this->sheets->latest($job->id);
        $current = null !== $printed && $this->sheets->isOf($printed, $plan->id(), $stored->updated);

        return new JobView(
            $stored->revision,
            $stored->archived,
            JobFile::write($job),
            $plan,
            WorkView::of($plan, $this->places()),
            array_map(fn(Transfer $transfer): ?ArtworkView => $this->artworkOf($transfer), $job->transfers),
            null === $printed ? null : new PrintedView($printed->plan, $printed->at, $current),
            NextView::of(
                NextMove::of(
                    $plan,
                    $current,
                    (new Tally($job, $this->counts->of([$job->id])[$job->id] ?? [], []))->left,
                ),
            ),
        );
    }

    private function artworkOf(Transfer $transfer): ?ArtworkView
    {
        $artwork = $this->artwork->find($transfer->artwork);

        return null === $artwork ? null : ArtworkView::of($artwork);
    }

    /** A job as it starts: a white cotton shirt with a picture of usual size in the usual place. */
    public static function blankJob(string $id, string $name): Job
    {
        return new Job(
            $id,
            JobFile::name($name),
            1,
            null,
            new Blank('shirt', 'M', 'cotton-jersey', Colour::hex('#ffffff'), Condition::New),
            [
                new Transfer(
                    'front',
                    false,
                    null,
                    null,
                    Placement::fromMeasures(SizedBy::Width, Length::mm(200.0), Length::mm(0.0), Length::mm(80.0)),
                    'light-film',
                    Finish::Matte,
                    new Choices(),
                    [],
                ),
            ],
            '',
        );
    }
}
