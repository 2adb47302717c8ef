<?php

declare(strict_types=1);

namespace Wubbin\Heat\Device;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Core\Heat\PressBody;

/**
 * A press and a probe that nobody has: it heats up as slowly as a real one, drops when it closes, counts and beeps; the
 * probe flickers.
 */
final class SimulatedPress implements PressDevice, Probe
{
    private const COOLEST_C = 30.0;
    private const HOTTEST_C = 230.0;
    private const LONGEST_S = 1800.0;
    private const READY_WITHIN_K = 3.0;

    /** A probe's readings scatter by so much, in K (assumed: a cheap thermocouple). */
    private const NOISE_K = 0.6;

    /** Hotter by less than this in a minute, and still below its setting, it is stuck. */
    private const STUCK_K = 1.0;
    private const STUCK_S = 60.0;

    private float $setting = self::COOLEST_C;
    private bool $closed = false;
    private float $at;
    private ?float $ends = null;

    /** @var array{float, float} when it was looked at last, and how hot it was then */
    private array $mark;
    private bool $stuck = false;

    private readonly Randomizer $noise;

    /**
     * @param callable(): float $clock in seconds
     * @param bool $weak its heater is broken: it never gets hot enough
     */
    public function __construct(
        private readonly PressBody $body,
        private readonly mixed $clock,
        int $seed = 1,
        private readonly bool $weak = false,
    ) {
        $this->at = ($this->clock)();
        $this->mark = [$this->at, $body->celsius()];
        $this->noise = new Randomizer(new Mt19937($seed));
    }

    public function set(float $celsius): void
    {
        if ($celsius < self::COOLEST_C || $celsius > self::HOTTEST_C) {
            throw DeviceTrouble::refused(
                sprintf('This press goes from %d to %d °C.', self::COOLEST_C, self::HOTTEST_C),
            );
        }
        $this->goOn();
        $this->setting = $celsius;
        $this->mark = [$this->at, $this->body->celsius()];
    }

    public function close(): void
    {
        $this->goOn();
        if (!$this->closed) {
            $this->body->loaded();
        }
        $this->closed = true;
    }

    public function open(): void
    {
        $this->goOn();
        $this->closed = false;
        $this->ends = null;
    }

    public function start(float $seconds): void
    {
        if ($seconds <= 0.0 || $seconds > self::LONGEST_S) {
            throw DeviceTrouble::refused(sprintf('It counts up to %d s.', self::LONGEST_S));
        }
        $this->goOn();
        $this->ends = $this->at + $seconds;
    }

    public function state(): PressState
    {
        $this->goOn();
        $ready = abs($this->body->celsius() - $this->setting) <= self::READY_WITHIN_K;
        $left = null === $this->ends ? null : $this->ends - $this->at;

        return new PressState(
            round($this->body->celsius(), 1),
            $this->setting,
            $this->closed,
            $ready,
            null === $left ? null : round($left, 1),
            null !== $left && $left <= 0.0 && $this->closed,
            $this->stuck && !$ready,
        );
    }

    public function celsius(): float
    {
        $this->goOn();
        $flicker = (self::NOISE_K * ($this->noise->getInt(-1000, 1000) + $this->noise->getInt(-1000, 1000))) / 1000.0;

        return round(($this->closed ? $this->body->load() : $this->body->celsius()) + $flicker, 1);
    }

    private function goOn(): void
    {
        $now = ($this->clock)();
        $this->body->advance(
            max(0.0, min(3600.0, $now - $this->at)),
            $this->weak ? min($this->setting, 90.0) : $this->setting,
            $this->closed,
        );
        $this->at = $now;
        if ($now - $this->mark[0] >= self::STUCK_S) {
            $this->stuck =
                $this->body->celsius() - $this->mark[1] < self::STUCK_K && $this->body->celsius() < $this->setting;
            $this->mark = [$now, $this->body->celsius()];
        }
    }
}
