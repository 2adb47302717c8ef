<?php

declare(strict_types=1);

namespace Wubbin\Check;

/** Runs parts in lanes: those of one lane one after the other, the lanes side by side. */
final class Lanes
{
    private const LOOK_AGAIN_MICROSECONDS = 50_000;

    /** So many last lines of what a part said are shown where it passed. */
    private const LAST_LINES = 3;

    /** @var array<int, Running> by lane */
    private array $running = [];

    /** @var array<string, array{Part, float, bool}> parts that have ended, with seconds and whether they passed */
    private array $ended = [];

    private bool $told = false;

    /** @param string $place an existing directory for what the parts say */
    public function __construct(private readonly string $place) {}

    /**
     * @param list<list<Part>> $lanes
     *
     * @return array<string, array{Part, float, bool}>|null by id, with seconds and whether it passed; null where
     *                                                      somebody stopped it
     */
    public function run(array $lanes): ?array
    {
        pcntl_async_signals(true);
        foreach ([\SIGINT, \SIGTERM, \SIGHUP] as $signal) {
            pcntl_signal($signal, function (): void {
                $this->told = true;
            });
        }
        while (!$this->told && ([] !== array_filter($lanes) || [] !== $this->running)) {
            foreach (array_keys($lanes) as $lane) {
                if (isset($this->running[$lane])) {
                    $this->look($lane);
                } elseif ([] !== $lanes[$lane]) {
                    $this->running[$lane] = new Running(array_shift($lanes[$lane]), $this->place);
                }
            }
            usleep(self::LOOK_AGAIN_MICROSECONDS);
        }
        array_map(static fn(Running $one): array => $one->end(), $this->running);

        return $this->told ? null : $this->ended;
    }

    private function look(int $lane): void
    {
        $one = $this->running[$lane];
        if ($one->isRunning()) {
            return;
        }
        unset($this->running[$lane]);
        $seconds = $one->seconds();
        $left = $one->left();
        $passed = $one->passed() && [] === $left;
        $this->ended[$one->part->id] = [$one->part, $seconds, $passed];
        $lines = explode("\n", $one->said());
        printf("\n%s %s, %.0f s\n", $passed ? '✓' : '✗ FAILED:', $one->part->name, $seconds);
        echo implode("\n", $passed ? array_slice($lines, -self::LAST_LINES) : $lines), "\n";
        foreach ($left as $command) {
            echo 'It has left a process behind: ', $command, "\n";
        }
    }
}
