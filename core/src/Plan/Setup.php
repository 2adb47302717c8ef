<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Phrase;

/** The stages of one transfer's plan, each an argument of the next. Ticket, checks and steps read from them. */
final readonly class Setup
{
    private function __construct(
        public Brief $brief,
        public Outfit $outfit,
        public Placing $placing,
        public Arrangement $arrangement,
    ) {}

    /** @return array{Brief, Outfit, Placing, Arrangement} */
    public function stages(): array
    {
        return [$this->brief, $this->outfit, $this->placing, $this->arrangement];
    }

    /** @return list<Phrase> how a finished piece is looked after */
    public function aftercare(): array
    {
        return $this->brief->catalogue->care->under($this->arrangement->circumstances);
    }

    /** @throws BadRecord when the job names a blank, material, side, route or school that Wubbin does not have */
    public static function forBrief(Brief $brief): self
    {
        $outfit = new Outfit($brief);
        $placing = new Placing($brief, $outfit);

        return new self($brief, $outfit, $placing, new Arrangement($brief, $outfit, $placing));
    }
}
