<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/** What a customer was shown of a job, frozen, and what came back. */
#[ORM\Entity]
#[ORM\Table(name: 'proof')]
#[ORM\Index(name: 'proof_job', columns: ['job', 'made'])]
class StoredProof
{
    public const SHOWN = 'shown';
    public const APPROVED = 'approved';
    public const REMARKS = 'remarks';

    #[ORM\Column(length: 24)]
    public readonly string $made;

    #[ORM\Column(length: 8)]
    public string $state = self::SHOWN;

    #[ORM\Column(name: '`by`', length: 120, nullable: true)]
    public ?string $by = null;

    #[ORM\Column(length: 24, nullable: true)]
    public ?string $answered = null;

    #[ORM\Column(type: 'text')]
    public string $remarks = '';

    /**
     * @param string $shown what of the job was shown, as its fingerprint
     * @param string|null $valid the last day that it is offered for, as YYYY-MM-DD
     * @param array{job: array<string, mixed>, pdf: string} $document the job file, and the SHA-256 of the PDF
     * @param int|null $price in minor units
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)] public readonly string $id,
        #[ORM\Column(length: 64)] public readonly string $job,
        #[ORM\Column(length: 16)] public readonly string $shown,
        #[ORM\Column(length: 10, nullable: true)] public readonly ?string $valid,
        #[ORM\Column(type: 'json')] public readonly array $document,
        #[ORM\Column(nullable: true)] public readonly ?int $price,
        \DateTimeImmutable $now,
    ) {
        $this->made = Instant::write($now);
    }

    /** The name under which its PDF is kept. */
    public function pdf(): string
    {
        return $this->document['pdf'];
    }

    public function answer(string $state, string $by, string $remarks, \DateTimeImmutable $now): void
    {
        [$this->state, $this->by, $this->remarks, $this->answered] = [$state, $by, $remarks, Instant::write($now)];
    }
}
