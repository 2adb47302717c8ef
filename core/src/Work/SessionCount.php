<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

/** What became of the pieces of one session. */
final readonly class SessionCount
{
    /** What the entries of a session begin with that tell of sheets which were printed before it. */
    public const AHEAD = 'printed-';

    /**
     * @param int|null $share of the job; null where all pieces are alike, or nobody said
     * @param int $open pieces that are not judged yet
     * @param bool $ahead its sheets were printed before it began
     */
    public function __construct(
        public ?int $share,
        public string $created,
        public bool $finished,
        public int $pieces,
        public int $good,
        public int $spoiled,
        public int $open,
        public bool $ahead,
    ) {}
}
