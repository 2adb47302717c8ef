<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/**
 * How many pieces survive how many washes: the product-limit estimate, in which pieces still in use count as long as
 * they were watched (Kaplan & Meier, 1958).
 */
final readonly class Survival implements \JsonSerializable
{
    /** @param list<array{washes: int, share: float, at_risk: int, failed: int}> $steps */
    private function __construct(public array $steps, public int $pieces, public int $failed) {}

    /** @param list<array{int, bool}> $seen washes at the last look, and whether it had gone by then */
    public static function of(array $seen): self
    {
        $failed = $left = [];
        foreach ($seen as [$washes, $gone]) {
            $failed[$washes] = ($failed[$washes] ?? 0) + ($gone ? 1 : 0);
            $left[$washes] = ($left[$washes] ?? 0) + 1;
        }
        ksort($failed);
        $share = 1.0;
        $risk = count($seen);
        $steps = [];
        foreach ($failed as $washes => $gone) {
            if ($gone > 0) {
                $share *= 1.0 - $gone / $risk;
                $steps[] = ['washes' => $washes, 'share' => $share, 'at_risk' => $risk, 'failed' => $gone];
            }
            $risk -= $left[$washes];
        }

        return new self($steps, count($seen), array_sum($failed));
    }

    /** Share that survives so many washes. */
    public function after(int $washes): float
    {
        $share = 1.0;
        foreach ($this->steps as $step) {
            $share = $step['washes'] <= $washes ? $step['share'] : $share;
        }

        return $share;
    }

    /**
     * @return array{steps: list<array{washes: int, share: float, at_risk: int, failed: int}>, pieces: int,
     *     failed: int, few: bool}
     */
    public function jsonSerialize(): array
    {
        return [
            'steps' => $this->steps,
            'pieces' => $this->pieces,
            'failed' => $this->failed,
            'few' => $this->pieces < SuccessShare::FEW,
        ];
    }
}
