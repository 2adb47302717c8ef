<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/**
 * A piece of work that takes longer than a page waits for. Its row is changed by statements, not through this object.
 */
#[ORM\Entity]
#[ORM\Table(name: 'task')]
#[ORM\Index(name: 'task_state', columns: ['state', 'created'])]
class Task
{
    #[ORM\Column(length: 24)]
    public readonly string $created;

    #[ORM\Column(length: 12)]
    public string $state;

    #[ORM\Column]
    public float $share;

    #[ORM\Column(length: 120)]
    public string $doing;

    /** @var array<string, mixed>|null what came of it, or what was wrong */
    #[ORM\Column(type: 'json', nullable: true)]
    public ?array $result;

    /** How often it was begun. */
    #[ORM\Column]
    public int $begun = 0;

    /** Whoever waits takes the best so far. */
    #[ORM\Column]
    public bool $enough = false;

    /** Until when whoever works on it may be silent; after that somebody else takes it up. */
    #[ORM\Column(length: 24, nullable: true)]
    public ?string $lease;

    /** Who works on it. */
    #[ORM\Column(length: 36, nullable: true)]
    public ?string $worker;

    /** @param array<string, mixed> $input */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)] public readonly string $id,
        #[ORM\Column(length: 40)] public readonly string $kind,
        #[ORM\Column(type: 'json')] public readonly array $input,
        \DateTimeImmutable $now,
    ) {
        $this->created = Instant::write($now);
        $this->state = TaskState::Waiting->value;
        $this->share = 0.0;
        $this->doing = 'Waiting for its turn';
        $this->result = null;
        $this->lease = null;
        $this->worker = null;
    }
}
