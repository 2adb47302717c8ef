<?php

declare(strict_types=1);

namespace Wubbin\Change;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Contracts\Service\ResetInterface;
use Wubbin\Core\Measure\Difference;

/** Keeps how the shop's things were changed, and knows what the request at hand has changed. */
final class Changes implements ResetInterface
{
    private ?StoredChange $last = null;

    public function __construct(
        private readonly EntityManagerInterface $entities,
        private readonly ClockInterface $clock,
    ) {}

    /**
     * Stored with the change itself, when that is.
     *
     * @param string $thing its id; empty where there is one only
     * @param array<array-key, mixed> $before the parts that may have changed, or all of it
     * @param array<array-key, mixed> $after
     * @param int|null $undoes the change that it takes back
     */
    public function keep(ChangeKind $kind, string $thing, array $before, array $after, ?int $undoes = null): void
    {
        $difference = Difference::between(self::asJson($before), self::asJson($after));
        if (!$difference->isNothing()) {
            $this->last = new StoredChange($kind, $thing, $difference, $undoes, $this->clock->now());
            $this->entities->persist($this->last);
        }
    }

    /** What was changed last by the request at hand. */
    public function last(): ?StoredChange
    {
        return $this->last;
    }

    /**
     * As it is read again from where it is written: whole numbers are no fractions there, and objects are records.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    public static function asJson(array $document): array
    {
        $read = json_decode(json_encode($document, \JSON_THROW_ON_ERROR), true, 512, \JSON_THROW_ON_ERROR);

        return is_array($read) ? $read : [];
    }

    public function reset(): void
    {
        $this->last = null;
    }
}
