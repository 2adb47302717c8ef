<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Storage\Instant;

/** Writes down how far a task has come, which also says that its worker is still there. */
final readonly class TaskProgress implements Progress
{
    public function __construct(
        private Connection $connection,
        private string $id,
        private string $worker,
        private int $leaseSeconds,
        private ClockInterface $clock,
    ) {}

    /**
     * A step that takes longer ends the worker, in seconds: whoever decodes a file cannot be asked to stop meanwhile.
     */
    private const LONGEST_STEP = 30;

    /** From now on, and from every step on, the worker is ended where the next one does not come in time. */
    public function watch(): void
    {
        if (\function_exists('pcntl_alarm')) {
            pcntl_alarm(self::LONGEST_STEP);
        }
    }

    public function unwatch(): void
    {
        if (\function_exists('pcntl_alarm')) {
            pcntl_alarm(0);
        }
    }

    public function at(float $share, string $doing): void
    {
        $this->watch();
        $until = Instant::write($this->clock->now()->modify('+' . $this->leaseSeconds . ' seconds'));
        $ours = $this->connection->executeStatement(
            "UPDATE task SET share = ?, doing = ?, lease = ? WHERE id = ? AND worker = ? AND state = 'running'",
            [$share, $doing, $until, $this->id, $this->worker],
        );
        if (1 !== $ours) {
            throw new Cancelled();
        }
    }

    public function enough(): bool
    {
        return false !== $this->connection->fetchOne('SELECT id FROM task WHERE id = ? AND enough = 1', [$this->id]);
    }
}
