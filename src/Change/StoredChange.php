<?php

declare(strict_types=1);

namespace Wubbin\Change;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Measure\Difference;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Instant;

/** That something of the shop's was changed: when, by whom, and how it was before and after. */
#[ORM\Entity]
#[ORM\Table(name: 'shop_change')]
#[ORM\Index(name: 'shop_change_of', columns: ['kind', 'thing', 'number'])]
class StoredChange
{
    #[ORM\Id, ORM\Column, ORM\GeneratedValue]
    public ?int $number = null;

    #[ORM\Column(length: 24)]
    public readonly string $at;

    /** Empty as long as a shop does not tell its people apart. */
    #[ORM\Column(length: 120)]
    public readonly string $person;

    /** @var array<array-key, mixed> */
    #[ORM\Column(type: 'json')]
    private readonly array $difference;

    /**
     * @param string $thing its id; empty where there is one only
     * @param int|null $undoes the change that it takes back
     */
    public function __construct(
        #[ORM\Column(length: 12, enumType: ChangeKind::class)] public readonly ChangeKind $kind,
        #[ORM\Column(length: 160)] public readonly string $thing,
        Difference $difference,
        #[ORM\Column(nullable: true)] public readonly ?int $undoes,
        \DateTimeImmutable $now,
    ) {
        $this->difference = $difference->jsonSerialize();
        $this->at = Instant::write($now);
        $this->person = '';
    }

    public function difference(): Difference
    {
        return Difference::fromRecord(Record::of($this->difference));
    }
}
