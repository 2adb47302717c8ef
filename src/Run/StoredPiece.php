<?php

declare(strict_types=1);

namespace Wubbin\Run;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Outcome;
use Wubbin\Storage\Instant;

/** One piece of a run; once it is judged it stands in the logbook. */
#[ORM\Entity]
#[ORM\Table(name: 'piece')]
#[ORM\UniqueConstraint(name: 'piece_of_run', columns: ['run_id', 'number'])]
#[ORM\Index(name: 'piece_judged', columns: ['judged'])]
class StoredPiece
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $id = null;

    #[ORM\Column(length: 8, nullable: true, enumType: Outcome::class)]
    public ?Outcome $outcome = null;

    /** @var list<string> */
    #[ORM\Column(type: 'json')]
    public array $defects = [];

    #[ORM\Column(type: 'text')]
    public string $note = '';

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $photo = null;

    #[ORM\Column(length: 24, nullable: true)]
    public ?string $judged = null;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'pieces'), ORM\JoinColumn(nullable: false)]
        public readonly StoredRun $run,
        #[ORM\Column]
        public readonly int $number,
    ) {
    }

    /** @param list<Defect> $defects */
    public function judge(Outcome $outcome, array $defects, string $note, ?string $photo, \DateTimeImmutable $at): void
    {
        $this->outcome = $outcome;
        $this->defects = array_map(static fn (Defect $defect): string => $defect->value, $defects);
        $this->note = $note;
        $this->photo = $photo;
        $this->judged = Instant::write($at);
    }
}
