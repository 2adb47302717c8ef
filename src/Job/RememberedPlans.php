<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Symfony\Contracts\Cache\CacheInterface;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Plan\Plan;

/** Plans of some jobs that are made only for what nobody has asked them yet. */
final readonly class RememberedPlans
{
    /**
     * @param string $shop hash of all of the shop that plans hang on
     * @param array<string, string> $facts hashes of what is known of pictures, by their SHA-256
     * @param \Closure(Job): Plan $plan
     */
    public function __construct(
        private CacheInterface $kept,
        private string $shop,
        private array $facts,
        private \Closure $plan,
    ) {}

    /**
     * What the plan of a job answers, remembered until anything changes that it hangs on.
     *
     * @template T
     *
     * @param string $what is asked, with all that the answer hangs on beside the plan
     * @param callable(Plan): T $ask
     *
     * @return T
     */
    public function ask(Job $job, string $what, callable $ask): mixed
    {
        $seen = array_map(
            fn(Transfer $transfer): string => $this->facts[$transfer->artwork ?? ''] ?? '',
            $job->transfers,
        );

        return $this->kept->get(
            hash('sha256', $this->shop . $what . serialize([$job, $seen])),
            fn(): mixed => $ask(($this->plan)($job)),
        );
    }
}
