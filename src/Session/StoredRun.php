<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchStep;
use Wubbin\Core\Run\Event;
use Wubbin\Storage\Instant;

/** One session at the bench on one job, with the plan as it was when the session began. */
#[ORM\Entity]
#[ORM\Table(name: 'run')]
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
     * @param list<array{step: string, piece: int|null, timed: bool, seconds: float}> $sequence
     */
    private function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(length: 64)] public readonly string $job,
        #[ORM\Column(length: 120)] public readonly string $name,
        #[ORM\Column(length: 8)] public readonly string $plan,
        #[ORM\Column(type: 'json')] public readonly array $document,
        #[ORM\Column(type: 'json')] private readonly array $sequence,
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
        int $pieces,
        \DateTimeImmutable $now,
    ): self {
        $run = new self(
            $id,
            $job,
            $name,
            $plan,
            $document,
            array_map(
                static fn(BenchStep $step): array => [
                    'step' => $step->stepId,
                    'piece' => $step->piece,
                    'timed' => $step->timed,
                    'seconds' => $step->seconds,
                ],
                $sequence->steps,
            ),
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

    private function readSequence(): BenchSequence
    {
        $plan = [];
        foreach (Record::of($this->document)->records('steps') as $step) {
            $plan[$step->string('id')] = [
                $step->enum('kind', StepKind::class),
                $step->has('questions') && [] !== $step->strings('questions'),
            ];
        }

        return BenchSequence::frozen(
            array_map(
                static fn(Record $step): BenchStep => new BenchStep(
                    $step->string('step'),
                    $plan[$step->string('step')][0],
                    $step->has('piece') ? $step->integer('piece') : null,
                    $step->boolean('timed'),
                    $step->number('seconds'),
                    $plan[$step->string('step')][1],
                ),
                Record::of($this->sequence)->each(),
            ),
        );
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

    public function finish(?\DateTimeImmutable $at): void
    {
        $this->finished = null === $at ? null : Instant::write($at);
    }
}
