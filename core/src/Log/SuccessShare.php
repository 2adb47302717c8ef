<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

/**
 * How large a share of pieces comes out good, from so many that did and so many that did not: the posterior of a share
 * whose prior is Jeffreys', Beta(½, ½) (Gelman and others, Bayesian Data Analysis, 2.8, from memory), with the interval
 * that leaves out 5 % on each side.
 */
final readonly class SuccessShare implements \JsonSerializable
{
    private const PRIOR = 0.5;
    private const OUT = 0.05;

    /** A difference counts once it is this likely. */
    private const SURE = 0.95;

    /** With fewer pieces nothing is said of a share but that they are few. */
    public const FEW = 5;

    private const SLICES = 120;
    private const NOTHING = 1.0e-9;

    public function __construct(public int $good, public int $bad) {}

    public function count(): int
    {
        return $this->good + $this->bad;
    }

    public function mean(): float
    {
        return ($this->good + self::PRIOR) / ($this->count() + 2.0 * self::PRIOR);
    }

    /** @return array{float, float} */
    public function interval(): array
    {
        return [$this->quantile(self::OUT), $this->quantile(1.0 - self::OUT)];
    }

    /** Below which the share lies with this probability. */
    public function quantile(float $probability): float
    {
        return Beta::quantile($probability, $this->good + self::PRIOR, $this->bad + self::PRIOR);
    }

    /**
     * How likely this share is larger than another's: over all shares, this one's density where the other lies below.
     */
    public function beats(self $other): float
    {
        // Over an angle whose squared sine is the share the density has no poles; Simpson's rule where it is not
        // nothing.
        $angle = fn(float $probability): float => asin(sqrt($this->quantile($probability)));
        [$from, $to] = [$angle(self::NOTHING), $angle(1.0 - self::NOTHING)];
        $wide = ($to - $from) / self::SLICES;
        $sum = $all = 0.0;
        for ($n = 0; $n <= self::SLICES; ++$n) {
            $share = sin($from + $n * $wide) ** 2;
            $weight =
                (0 === $n || self::SLICES === $n ? 1.0 : (1 === $n % 2 ? 4.0 : 2.0)) *
                exp(
                    2.0 * $this->good * log(max(1.0e-150, sqrt($share))) +
                        2.0 * $this->bad * log(max(1.0e-150, sqrt(1.0 - $share))) -
                        $this->peak(),
                );
            $all += $weight;
            $sum += $weight * Beta::below($share, $other->good + self::PRIOR, $other->bad + self::PRIOR);
        }

        return $sum / $all;
    }

    /** Logarithm of the largest density over the angle, so that large counts do not underflow. */
    private function peak(): float
    {
        $of = static fn(int $count, int $all): float => 0 === $count ? 0.0 : $count * log($count / $all);

        return $of($this->good, max(1, $this->count())) + $of($this->bad, max(1, $this->count()));
    }

    /** Whether it is better than another beyond reasonable doubt. */
    public function surelyBeats(self $other): bool
    {
        return $this->beats($other) >= self::SURE;
    }

    /** @return array{good: int, of: int, mean: float, from: float, to: float, few: bool} */
    public function jsonSerialize(): array
    {
        [$from, $to] = $this->interval();

        return [
            'good' => $this->good,
            'of' => $this->count(),
            'mean' => $this->mean(),
            'from' => $from,
            'to' => $to,
            'few' => $this->count() < self::FEW,
        ];
    }
}
