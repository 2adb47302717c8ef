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
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 36)] public readonly string $id,
        #[ORM\Column(length: 64)] public readonly string $job,
        #[ORM\Column(length: 8)] public readonly string $plan,
        #[ORM\Column(type: 'json', options: ['default' => '[]'])] public readonly array $pages,
        \DateTimeImmutable $now,
        #[ORM\Column(nullable: true)] public readonly ?int $pieces = null,
    ) {
        $this->at = Instant::write($now);
    }

    /** @return list<SheetPage> */
    public function pages(): array
    {
        return array_map(SheetPage::fromRecord(...), Record::of($this->pages)->each());
    }
}
