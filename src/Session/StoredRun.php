<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Cost\SessionUse;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Event;
use Wubbin\Storage\Instant;

/** One session at the bench on one job, with the plan as it was when the session began. */
#[ORM\Entity]
#[ORM\Table(name: 'run')]
#[ORM\Index(name: 'run_job', columns: ['job', 'finished'])]
class StoredRun
{
    #[ORM\Column(length: 24)]
    public readonly string $created;

    #[ORM\Column(length: 24, nullable: true)]
    public ?string $finished = null;

    /** Its steps, once they have been read. */
    private ?BenchSequence $read = null;

    /** @var Collection<int, StoredPiece> */
    #[ORM\OneToMany(mappedBy: 'run', targetEntity: StoredPiece::class, cascade: ['persist'], indexBy: 'number')]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $pieces;

    /** @var Collection<int, StoredEvent> */
    #[ORM\OneToMany(mappedBy: 'run', targetEntity: StoredEvent::class, cascade: ['persist'])]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $events;

    /**
     * @param array<string, mixed> $document the plan
     * @param list<array<string, mixed>> $sequence
     * @param array<string, mixed>|null $uses what its pieces use; unknown of sessions that were begun long ago
     * @param int|null $revision of the job; unknown likewise
     * @param int|null $share of the job that it is on, where its pieces are not all alike; unknown likewise
     */
    private function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(length: 64)] public readonly string $job,
        #[ORM\Column(length: 120)] public readonly string $name,
        #[ORM\Column(length: 8)] public readonly string $plan,
        #[ORM\Column(type: 'json')] public readonly array $document,
        #[ORM\Column(type: 'json')] private readonly array $sequence,
        #[ORM\Column(type: 'json', nullable: true)] private readonly ?array $uses,
        #[ORM\Column(nullable: true)] public readonly ?int $revision,
        #[ORM\Column(nullable: true)] public readonly ?int $share,
        \DateTimeImmutable $now,
    ) {
        $this->created = Instant::write($now);
        $this->pieces = new ArrayCollection();
        $this->events = new ArrayCollection();
    }

    /**
     * @param array<string, mixed> $document the plan
     * @param int<1, max> $pieces
     */
    public static function begin(
        string $id,
        string $job,
        string $name,
        string $plan,
        array $document,
        BenchSequence $sequence,
        SessionUse $uses,
        int $revision,
        int $pieces,
        \DateTimeImmutable $now,
        ?int $share = null,
    ): self {
        $run = new self(
            $id,
            $job,
            $name,
            $plan,
            $document,
            array_map(self::written(...), $sequence->steps),
            self::written($uses),
            $revision,
            $share,
            $now,
        );
        for ($number = 1; $number <= $pieces; ++$number) {
            $run->pieces->set($number, new StoredPiece($run, $number));
        }

        return $run;
    }

    public function sequence(): BenchSequence
    {
        return $this->read ??= $this->readSequence();
    }

    /** What its pieces use, as it was known when it began. */
    public function uses(): ?SessionUse
    {
        return null === $this->uses ? null : SessionUse::fromRecord(Record::of($this->uses));
    }

    /** @return array<string, mixed> */
    private static function written(\JsonSerializable $value): array
    {
        /** @var array<string, mixed> $written */
        $written = json_decode(json_encode($value, \JSON_THROW_ON_ERROR), true, 64, \JSON_THROW_ON_ERROR);

        return $written;
    }

    private function readSequence(): BenchSequence
    {
        $steps = Record::of($this->sequence)->each();

        return [] !== $steps && $steps[0]->has('shared')
            ? BenchSequence::frozen(array_map(BenchStep::fromRecord(...), $steps))
            : BenchSequence::inLanes($this->stepsOfBefore($steps));
    }

    /**
     * Sessions that were begun long ago tell no more of a step than its name, piece and clock.
     *
     * @param list<Record> $steps
     *
     * @return list<BenchStep>
     */
    private function stepsOfBefore(array $steps): array
    {
        $plan = array_column(
            array_map(
                static fn(Record $step): array => [$step->string('id'), $step],
                Record::of($this->document)->records('steps'),
            ),
            1,
            0,
        );

        return array_map(function (Record $step) use ($plan): BenchStep {
            $of = $plan[$step->string('step')];
            $kind = $of->enum('kind', StepKind::class);

            return new BenchStep(
                $step->string('step'),
                $kind,
                $step->has('piece') ? [$step->integer('piece')] : $this->pieces->getKeys(),
                !$step->has('piece'),
                $step->boolean('timed'),
                $step->number('seconds'),
                $of->has('questions') && [] !== $of->strings('questions'),
                handsS: $kind->waits() ? 0.0 : $step->number('seconds'),
                transfer: $of->has('transfer') ? $of->integer('transfer') : 0,
            );
        }, $steps);
    }

    /** @return array<string, mixed> of the plan, by its id */
    public function step(string $id): array
    {
        /** @var list<array<string, mixed>> $steps */
        $steps = $this->document['steps'];

        return array_column($steps, null, 'id')[$id];
    }

    /** @return list<Event> in the order they were stored */
    public function history(): array
    {
        return array_values($this->events->map(static fn(StoredEvent $event): Event => $event->event())->toArray());
    }

    /** @return array<int, string> what tells a piece from others, by its number; empty where all are alike */
    public function names(): array
    {
        $names = [];
        foreach ($this->pieces as $piece) {
            if (null !== $piece->label) {
                $names[$piece->number] = $piece->label;
            }
        }

        return $names;
    }

    public function finish(?\DateTimeImmutable $at): void
    {
        $this->finished = null === $at ? null : Instant::write($at);
    }
}
