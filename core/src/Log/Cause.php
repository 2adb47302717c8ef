<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Run\Defect;

/** Something that may have gone wrong: what it shows as, how often it is the reason, and what is done about it. */
final readonly class Cause
{
    /**
     * @param list<Defect> $shows it as
     * @param float $usual how often it is the reason where nothing else is known, 0
     *                     to 1 (common practice, no source: only their order counts)
     * @param \Closure(Complaint): ?Evidence $evidence null where this route knows no such thing
     * @param string|(\Closure(Complaint): string) $name
     * @param string|(\Closure(Complaint): string) $now to do with this piece
     * @param string|(\Closure(Complaint): string) $next time
     */
    public function __construct(
        private string|\Closure $name,
        private array $shows,
        private float $usual,
        private \Closure $evidence,
        private string|\Closure $now,
        private string|\Closure $next,
    ) {}

    /** How likely it is here, with the reason; null where it cannot be. */
    public function judge(Complaint $of): ?Diagnosis
    {
        if (!in_array($of->defect, $this->shows, true)) {
            return null;
        }
        $evidence = ($this->evidence)($of);
        if (null === $evidence || false === $evidence->holds) {
            return null;
        }

        return new Diagnosis(
            self::text($this->name, $of),
            $evidence->why,
            true === $evidence->holds,
            (true === $evidence->holds ? 1.0 : 0.0) + $this->usual,
            self::text($this->now, $of),
            self::text($this->next, $of),
        );
    }

    /** @param string|(\Closure(Complaint): string) $one */
    private static function text(string|\Closure $one, Complaint $of): string
    {
        return is_string($one) ? $one : $one($of);
    }
}
