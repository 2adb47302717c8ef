<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Route\HandTime;

/**
 * What samples teach of a kind of work: what each piece takes, and what is taken once however many there are.
 *
 * Where batches of different sizes were done the line through them is that of Theil and Sen: the median of all slopes,
 * then the median of what remains at nothing; single samples that went wrong do not tilt it. Source: Theil 1950, Sen
 * 1968 (from memory). Where all were of one size the set-up stays what it was thought to be.
 */
final class HandLearning
{
    /** With fewer samples a plan goes on with what is usual. */
    public const ENOUGH = 5;

    /** Sizes tell set-up and piece apart where the largest is so many times the smallest. */
    private const APART = 2;

    /** What took so many times the plan was interrupted, and tells nothing. */
    private const INTERRUPTED = 8.0;

    public static function teaches(HandSample $sample): bool
    {
        return $sample->takenS > 0.0 && $sample->takenS <= self::INTERRUPTED * $sample->plannedS;
    }

    /**
     * @param non-empty-list<HandSample> $samples
     * @param HandTime $usual what it was thought to take
     */
    public static function from(array $samples, HandTime $usual): HandTime
    {
        $counts = array_map(static fn(HandSample $one): int => $one->count, $samples);
        if (max($counts) < self::APART * min($counts)) {
            $each = self::median(
                array_map(static fn(HandSample $one): float => ($one->takenS - $usual->setupS) / $one->count, $samples),
            );

            // Quicker than its set-up alone: then that is quicker too.
            return $each > 0.0
                ? new HandTime($usual->setupS, $each, $usual->aloneS)
                : new HandTime(
                    0.0,
                    self::median(array_map(static fn(HandSample $one): float => $one->takenS / $one->count, $samples)),
                    $usual->aloneS,
                );
        }
        $slopes = [];
        foreach ($samples as $i => $one) {
            foreach (array_slice($samples, $i + 1) as $other) {
                if ($one->count !== $other->count) {
                    $slopes[] = ($other->takenS - $one->takenS) / ($other->count - $one->count);
                }
            }
        }
        $each = max(0.0, self::median($slopes));
        $rest = array_map(static fn(HandSample $one): float => $one->takenS - $each * $one->count, $samples);

        return new HandTime(max(0.0, self::median($rest)), $each, $usual->aloneS);
    }

    /** @param array<float> $of */
    private static function median(array $of): float
    {
        sort($of);
        $middle = intdiv(count($of), 2);

        return 1 === count($of) % 2 ? $of[$middle] : ($of[$middle - 1] + $of[$middle]) / 2.0;
    }
}
