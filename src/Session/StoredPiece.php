<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Run\Outcome;
use Wubbin\Storage\Instant;

/** One piece of a run; once it is judged it stands in the logbook. */
#[ORM\Entity]
#[ORM\Table(name: 'piece')]
#[ORM\UniqueConstraint(name: 'piece_of_run', columns: ['run_id', 'number'])]
#[ORM\Index(name: 'piece_judged', columns: ['judged'])]
class StoredPiece
{
    public const LONGEST_LABEL = 200;

    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $id = null;

    #[ORM\Column(length: 8, nullable: true, enumType: Outcome::class)]
    public ?Outcome $outcome = null;

    #[ORM\Column(length: 24, nullable: true)]
    public ?string $judged = null;

    /** What tells it from others, where the job has a name for each piece: “Rowan, M”. */
    #[ORM\Column(length: 200, nullable: true)]
    public ?string $label = null;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'pieces'), ORM\JoinColumn(nullable: false)] public readonly StoredRun $run,
        #[ORM\Column] public readonly int $number,
    ) {}

    public function judge(?Outcome $outcome, \DateTimeImmutable $at): void
    {
        $this->outcome = $outcome;
        $this->judged = null === $outcome ? null : Instant::write($at);
    }
}
