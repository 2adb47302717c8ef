<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Due;

use Wubbin\Archive\SheetPage;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;

/** Sheets that are printed in one go: of one medium, by one printer, the same way round. Remembered with plans. */
final readonly class SheetKind
{
    /**
     * @param array<string, mixed> $loading how they are laid in, as plans say it
     * @param bool $guides only lines to cut by, on plain paper
     * @param int $sheets how many there are
     */
    public function __construct(
        public string $key,
        public string $medium,
        public string $mediumLabel,
        public string $marking,
        public string $markingLabel,
        public bool $mirrored,
        public bool $guides,
        public array $loading,
        public float $widthMm,
        public float $heightMm,
        public int $sheets,
    ) {}

    /** Under which pages and plans find each other. */
    public static function keyOf(SheetPage $page): string
    {
        return self::key($page->medium, $page->marking, $page->mirrored, $page->guides);
    }

    /** The same of a picture as it is planned. */
    public static function keyOfTransfer(TransferPlan $transfer): string
    {
        return self::key(
            $transfer->outfit->medium->id ?? '',
            $transfer->outfit->marking->id ?? '',
            $transfer->arrangement->stack->mirrored(),
            false,
        );
    }

    private static function key(string $medium, string $marking, bool $mirrored, bool $guides): string
    {
        return implode(' ', [$marking, $medium, $mirrored ? 'mirrored' : 'as-is', $guides ? 'guides' : 'print']);
    }

    /**
     * The kinds of sheet that so many pieces of a plan want.
     *
     * @param Plan $plan of the job, or of a share of it
     *
     * @return list<self>
     */
    public static function of(Plan $plan): array
    {
        $kinds = [];
        foreach ($plan->sheets()->goes($plan->jobId) as [$p, $t, $sheets]) {
            $transfer = $plan->parts()[$p][0]->transfers[$t];
            $kind = self::ofTransfer($transfer, count($sheets));
            if (null !== $kind) {
                $before = $kinds[$kind->key]->sheets ?? 0;
                $kinds[$kind->key] = self::ofTransfer($transfer, $before + count($sheets)) ?? $kind;
            }
        }

        return array_values($kinds);
    }

    private static function ofTransfer(TransferPlan $transfer, int $sheets): ?self
    {
        [$medium, $marking] = [$transfer->outfit->medium, $transfer->outfit->marking];
        $page = $transfer->arrangement->sheet->page ?? ($transfer->arrangement->tiling->sheets[0]->page ?? null);
        if (null === $medium || null === $marking || null === $transfer->arrangement->loading) {
            return null;
        }
        $mirrored = $transfer->arrangement->stack->mirrored();
        /** @var array<string, mixed> $loading */
        $loading = $transfer->arrangement->loading->jsonSerialize();

        return new self(
            self::keyOfTransfer($transfer),
            $medium->id,
            $medium->label,
            $marking->id,
            $marking->label,
            $mirrored,
            false,
            $loading,
            min($page->widthMm ?? 0.0, $page->heightMm ?? 0.0),
            max($page->widthMm ?? 0.0, $page->heightMm ?? 0.0),
            $sheets,
        );
    }

    /** The lines to cut these by, on plain paper, so many sheets of them. */
    public function guides(int $sheets): self
    {
        return new self(
            self::key($this->medium, $this->marking, $this->mirrored, true),
            $this->medium,
            'plain paper',
            $this->marking,
            $this->markingLabel,
            $this->mirrored,
            true,
            $this->loading,
            $this->widthMm,
            $this->heightMm,
            $sheets,
        );
    }
}
