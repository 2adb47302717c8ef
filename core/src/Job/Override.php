<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;

/** A check that would stop the job, set aside by the person with a reason that goes into the log. */
final readonly class Override
{
    public const LONGEST_REASON = 500;
    public const TOO_LONG = 'A reason has room for 500 characters.';

    public function __construct(public string $check, public string $reason) {}

    /**
     * The others, and this one for this reason; without a reason the check is heeded again.
     *
     * @param list<self> $overrides
     *
     * @return list<self>
     *
     * @throws BadRecord where no check has this name, or the reason is too long
     */
    public static function among(array $overrides, string $check, string $reason): array
    {
        $others = array_values(array_filter($overrides, static fn(self $one): bool => $one->check !== $check));

        return match (true) {
            '' === $reason => $others,
            !JobCheck::isCheck($check) => throw BadRecord::at('override.' . $check, 'There is no such check.'),
            mb_strlen($reason) > self::LONGEST_REASON => throw BadRecord::at('override.' . $check, self::TOO_LONG),
            default => [...$others, new self($check, $reason)],
        };
    }
}
