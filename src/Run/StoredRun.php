<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Run\BenchSequence;
use Wubbin\Core\Run\BenchStep;
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

    /** @var Collection<int, StoredPiece> */
    #[ORM\OneToMany(mappedBy: 'run', targetEntity: StoredPiece::class, cascade: ['persist'], indexBy: 'number')]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $pieces;

    /** @var Collection<int, StoredEvent> */
    #[ORM\OneToMany(mappedBy: 'run', targetEntity: StoredEvent::class, cascade: ['persist'])]
    #[ORM\OrderBy(['number' => 'ASC'])]
    public Collection $events;

    /**
     * @param array<string, mixed>                                                    $document the plan
     * @param list<array{step: string, piece: int|null, timed: bool, seconds: float}> $sequence
     */
    private function __construct(
        #[ORM\Id, ORM\Column(length: 64)]
        public readonly string $id,
        #[ORM\Column(length: 64)]
        public readonly string $job,
        #[ORM\Column(length: 120)]
        public readonly string $name,
        #[ORM\Column(length: 8)]
        public readonly string $plan,
        #[ORM\Column(type: 'json')]
        public readonly array $document,
        #[ORM\Column(type: 'json')]
        private readonly array $sequence,
    ) {
        $this->created = Instant::now();
        $this->pieces = new ArrayCollection();
        $this->events = new ArrayCollection();
    }

    /**
     * @param array<string, mixed> $document the plan
     * @param int<1, max>          $pieces
     */
    public static function begin(string $id, string $job, string $name, string $plan, array $document, BenchSequence $sequence, int $pieces): self
    {
        $run = new self($id, $job, $name, $plan, $document, array_map(
            static fn (BenchStep $step): array => ['step' => $step->stepId, 'piece' => $step->piece, 'timed' => $step->timed, 'seconds' => $step->seconds],
            $sequence->steps,
        ));
        for ($number = 1; $number <= $pieces; ++$number) {
            $run->pieces->set($number, new StoredPiece($run, $number));
        }

        return $run;
    }

    public function sequence(): BenchSequence
    {
        return BenchSequence::frozen(array_map(
            static fn (Record $step): BenchStep => new BenchStep($step->string('step'), $step->has('piece') ? $step->integer('piece') : null, $step->boolean('timed'), $step->number('seconds')),
            Record::of($this->sequence)->each(),
        ));
    }

    public function finish(\DateTimeImmutable $at): void
    {
        $this->finished = Instant::write($at);
    }
}
