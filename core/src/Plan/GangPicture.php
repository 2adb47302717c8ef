<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Sheet\Gang\GangPiece;

/** A picture of a job as a piece of a gang. */
final readonly class GangPicture
{
    public function __construct(
        public GangPiece $piece,
        public string $jobId,
        public string $planId,
        public TransferPlan $transfer,
    ) {}

    /** Of the piece: whose it is, of which share, and which picture of it. */
    public static function id(string $jobId, int $share, int $transfer): string
    {
        return $jobId . '/' . $share . '/' . $transfer;
    }

    /** @return array{int, int} share and picture that an id names */
    public static function numbers(string $id): array
    {
        [, $share, $transfer] = explode('/', $id);

        return [(int) $share, (int) $transfer];
    }
}
