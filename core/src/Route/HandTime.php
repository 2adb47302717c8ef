<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/**
 * What a kind of work takes, in s: getting ready and clearing away once for however many are done in one go, then each
 * of them; and what a machine goes on with by itself for each.
 */
final readonly class HandTime
{
    /**
     * @param float $setupS once for all that are done in one go, 0 or more
     * @param float $eachS hands for each of them, 0 or more
     * @param float $aloneS that each of them goes on for without hands, 0 or more
     */
    public function __construct(public float $setupS, public float $eachS, public float $aloneS = 0.0) {}

    /** @throws BadRecord where a time is missing or below zero */
    public static function fromRecord(Record $record): self
    {
        foreach (['setup_s', 'each_s', 'alone_s'] as $part) {
            if (($record->numberOrNull($part) ?? 0.0) < 0.0) {
                throw BadRecord::at($part, 'A time is not below zero.');
            }
        }

        return new self($record->number('setup_s'), $record->number('each_s'), $record->numberOrNull('alone_s') ?? 0.0);
    }

    /** Hands for so many in one go, in s. */
    public function hands(int $count): float
    {
        return 0 === $count ? 0.0 : $this->setupS + $count * $this->eachS;
    }

    /** For a single one, in s, with what it goes on for by itself. */
    public function one(): float
    {
        return $this->setupS + $this->eachS + $this->aloneS;
    }
}
