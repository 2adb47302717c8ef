<?php

declare(strict_types=1);

namespace Wubbin\Archive;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Instant;

/** A sheet that was made for printing, with the plan it was made from: from here on that plan is fixed. */
#[ORM\Entity]
#[ORM\Table(name: 'printed_sheet')]
#[ORM\Index(name: 'printed_sheet_job', columns: ['job', 'at'])]
class PrintedSheet
{
    #[ORM\Column(length: 24)]
    public readonly string $at;

    /**
     * @param string $plan the plan's id
     * @param list<array<string, mixed>> $pages what its pages are
     * @param int|null $pieces that it is for, where it was made for some of the job's only
     * @param int|null $makes pieces that it is for in any case; unknown of sheets that were made long ago
     * @param int|null $share of the job that it is for, where it is for one only
     * @param list<string>|null $labels of its pieces, where each has a name
     * @param string|null $together id of the first of those that are on the same sheets, where several jobs share them
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)] public readonly string $id,
        #[ORM\Column(length: 64)] public readonly string $job,
        #[ORM\Column(length: 8)] public readonly string $plan,
        #[ORM\Column(type: 'json', options: ['default' => '[]'])] public readonly array $pages,
        \DateTimeImmutable $now,
        #[ORM\Column(nullable: true)] public readonly ?int $pieces = null,
        #[ORM\Column(nullable: true)] public readonly ?int $makes = null,
        #[ORM\Column(nullable: true)] public readonly ?int $share = null,
        #[ORM\Column(length: 36, nullable: true)] public readonly ?string $together = null,
        #[ORM\Column(type: 'json', nullable: true)] public readonly ?array $labels = null,
    ) {
        $this->at = Instant::write($now);
    }

    /** Of the paper: the same for all jobs that share it. */
    public function paper(): string
    {
        return $this->together ?? $this->id;
    }

    /** @return list<SheetPage> */
    public function pages(): array
    {
        return array_map(SheetPage::fromRecord(...), Record::of($this->pages)->each());
    }
}
