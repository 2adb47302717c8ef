<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Run\Mark;
use Wubbin\Core\Run\Outcome;

/** One piece in the logbook: what it was made of and how, what was really done, and how it came out. */
#[ORM\Entity]
#[ORM\Table(name: 'log_entry')]
#[ORM\UniqueConstraint(name: 'log_entry_source', columns: ['source'])]
#[ORM\Index(name: 'log_entry_words', columns: ['at', 'words'])]
#[ORM\Index(name: 'log_entry_made', columns: ['medium', 'printer', 'heat', 'blank'])]
#[ORM\Index(name: 'log_entry_route', columns: ['route', 'at'])]
#[ORM\Index(name: 'log_entry_setting', columns: ['setting', 'outcome'])]
class StoredEntry
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $id = null;

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $run = null;

    #[ORM\Column(length: 64, nullable: true)]
    public ?string $photo = null;

    #[ORM\Column(name: 'photo_before', length: 64, nullable: true)]
    public ?string $photoBefore = null;

    /** Washed so often at the last look; null where nobody looked again. */
    #[ORM\Column(nullable: true)]
    public ?int $washes = null;

    /** A later look found that it had gone. */
    #[ORM\Column]
    public bool $failed = false;

    #[ORM\Column(name: 'press_c', nullable: true)]
    public ?float $pressC = null;

    #[ORM\Column(name: 'probe_c', nullable: true)]
    public ?float $probeC = null;

    /** @var list<array{defect: string, x: float|null, y: float|null}> */
    #[ORM\Column(type: 'json')]
    public readonly array $marks;

    /** All that it is searched by, in small letters. */
    #[ORM\Column(type: 'text')]
    public readonly string $words;

    /**
     * @param list<Mark> $marks
     * @param string $source of which there is one entry only
     * @param array<string, mixed> $done facts of the plan, and what was really done
     * @param string $setting that it counts with among others, as the core writes it
     */
    public function __construct(
        #[ORM\Column(length: 64)] public readonly string $source,
        #[ORM\Column(length: 24)] public readonly string $at,
        #[ORM\Column(length: 64)] public readonly string $job,
        #[ORM\Column(length: 120)] public readonly string $name,
        #[ORM\Column] public readonly int $piece,
        #[ORM\Column(length: 8, enumType: Outcome::class)] public readonly Outcome $outcome,
        array $marks,
        #[ORM\Column(type: 'text')] public readonly string $note,
        #[ORM\Column(length: 40)] public readonly string $route,
        #[ORM\Column(length: 120)] public readonly string $medium,
        #[ORM\Column(length: 120)] public readonly string $printer,
        #[ORM\Column(length: 120)] public readonly string $heat,
        #[ORM\Column(length: 120)] public readonly string $blank,
        #[ORM\Column(type: 'json')] public readonly array $done,
        #[ORM\Column(length: 120)] public readonly string $setting,
    ) {
        $this->marks = array_map(static fn(Mark $mark): array => $mark->jsonSerialize(), $marks);
        $labels = array_map(static fn(Mark $mark): string => $mark->defect->label(), $marks);
        $this->words = mb_strtolower(
            implode(' ', [$name, $note, $route, $medium, $printer, $heat, $blank, ...$labels]),
        );
    }
}
