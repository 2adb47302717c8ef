<?php

declare(strict_types=1);

namespace Wubbin\Order;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Storage\Instant;

/** What somebody ordered: a label, a day, and a job for each line. */
#[ORM\Entity]
#[ORM\Table(name: 'shop_order')]
#[ORM\UniqueConstraint(name: 'shop_order_source', columns: ['source'])]
#[ORM\Index(name: 'shop_order_due', columns: ['archived', 'due'])]
class StoredOrder
{
    #[ORM\Version, ORM\Column(type: 'integer')]
    public int $revision = 1;

    #[ORM\Column(length: 24)]
    public readonly string $created;

    #[ORM\Column]
    public bool $archived = false;

    /** Who pays for it, where that is somebody else than whom it is for. */
    #[ORM\Column(length: 120, options: ['default' => ''])]
    public string $customer = '';

    /** How the customer is reached. */
    #[ORM\Column(length: 200, options: ['default' => ''])]
    public string $contact = '';

    /** What was agreed that it costs, in minor units of the shop's currency; null where nothing was. */
    #[ORM\Column(nullable: true)]
    public ?int $agreed = null;

    /** Id of the quote that it comes from. */
    #[ORM\Column(length: 64, nullable: true)]
    public ?string $quote = null;

    /**
     * @param list<string> $jobs ids, in the order of the lines
     * @param string $source of which there is one order only: a click, or a part of a table
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Column(length: 120)] public string $label,
        #[ORM\Column(length: 10, nullable: true)] public ?string $due,
        #[ORM\Column(type: 'text')] public string $note,
        #[ORM\Column(type: 'json')] public array $jobs,
        #[ORM\Column(length: 80)] public readonly string $source,
        \DateTimeImmutable $now,
    ) {
        $this->created = Instant::write($now);
    }

    /** What a change of it may change. */
    public function head(): OrderHead
    {
        return new OrderHead(
            $this->label,
            $this->due,
            $this->note,
            $this->archived,
            $this->customer,
            $this->contact,
            $this->agreed,
        );
    }

    public function put(OrderHead $head): void
    {
        [$this->label, $this->due, $this->note, $this->archived] = [
            $head->label,
            $head->due,
            $head->note,
            $head->archived,
        ];
        [$this->customer, $this->contact, $this->agreed] = [$head->customer, $head->contact, $head->agreed];
    }
}
