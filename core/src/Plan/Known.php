<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\BadRecord;

/** Things that a job names by their id. */
final readonly class Known
{
    /**
     * @template T
     *
     * @param array<string, T> $things
     *
     * @return T
     */
    public static function of(array $things, string $id, string $field): mixed
    {
        return $things[$id] ??
            throw BadRecord::at(
                $field,
                sprintf(
                    'Wubbin knows no “%s” here. It knows %s.',
                    mb_substr($id, 0, 40),
                    implode(', ', array_keys($things)),
                ),
            );
    }
}
