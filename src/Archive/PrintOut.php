<?php

declare(strict_types=1);

namespace Wubbin\Archive;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/** A page that was sent to a printer, and how it came out. */
#[ORM\Entity]
#[ORM\Table(name: 'print_out')]
#[ORM\Index(name: 'print_out_sheet', columns: ['sheet', 'page'])]
#[ORM\Index(name: 'print_out_open', columns: ['good'])]
class PrintOut
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $number = null;

    #[ORM\Column(length: 24)]
    public readonly string $at;

    /** Null while nobody has looked at it. */
    #[ORM\Column(nullable: true)]
    public ?bool $good = null;

    #[ORM\Column(length: 24, nullable: true)]
    public ?string $judged = null;

    /** @param string $sheet id of the sheet; of those that several jobs share, of the first */
    public function __construct(
        #[ORM\Column(length: 36)] public readonly string $sheet,
        #[ORM\Column] public readonly int $page,
        #[ORM\Column(length: 160)] public readonly string $device,
        \DateTimeImmutable $now,
    ) {
        $this->at = Instant::write($now);
    }

    public function judge(bool $good, \DateTimeImmutable $now): void
    {
        [$this->good, $this->judged] = [$good, Instant::write($now)];
    }
}
