<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Component\Uid\Uuid;
use Symfony\Contracts\Service\ServiceProviderInterface;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\Exhausted;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\ErrorNumber;
use Wubbin\Storage\FileStore;
use Wubbin\Storage\Instant;

/**
 * The list of long work: put down by the page, taken up by a worker. Every change is one statement that holds only if
 * the row is still as it should be, so that workers, pages and cancelling do not get in each other's way.
 */
final readonly class TaskQueue
{
    /** A worker that has said nothing for so long is taken for gone, in seconds. */
    private const LEASE = 60;

    /** Whose worker ended so often in the midst of it, is not begun again. */
    private const MOST_BEGUN = 2;

    /** Finished work is kept for so long, for pages that ask late. */
    private const KEPT = '-1 day';

    /** @param ServiceProviderInterface<TaskHandler> $handlers by their kind; only the one that is wanted is made */
    public function __construct(
        private EntityManagerInterface $entities,
        private Connection $connection,
        private FileStore $files,
        #[AutowireLocator('wubbin.task', defaultIndexMethod: 'kind')] private ServiceProviderInterface $handlers,
        private ClockInterface $clock,
        private LoggerInterface $logger,
    ) {}

    /** @param array<string, mixed> $input */
    public function add(string $kind, array $input): Task
    {
        $task = new Task(Uuid::v4()->toRfc4122(), $kind, $input, $this->clock->now());
        $this->entities->persist($task);
        $this->entities->flush();

        return $task;
    }

    /** @throws Refusal when there is none */
    public function find(string $id): Task
    {
        $task = $this->entities->find(Task::class, $id) ?? throw new NotFound('There is no such work.');
        $this->entities->refresh($task);

        return $task;
    }

    /** @return list<Task> the newest first */
    public function ofKind(string $kind, int $most): array
    {
        $tasks = $this->entities->getRepository(Task::class)->findBy(['kind' => $kind], ['created' => 'DESC'], $most);
        foreach ($tasks as $task) {
            $this->entities->refresh($task);
        }

        return $tasks;
    }

    /** @return list<Task> of a kind that wait or are being done, the oldest first */
    public function openOf(string $kind): array
    {
        return $this->entities
            ->getRepository(Task::class)
            ->findBy(
                ['kind' => $kind, 'state' => [TaskState::Waiting->value, TaskState::Running->value]],
                ['created' => 'ASC'],
            );
    }

    /** What is done stays done; what is not is not begun, or stops at its next step. */
    public function cancel(string $id): void
    {
        $this->connection->executeStatement(
            "UPDATE task SET state = 'cancelled' WHERE id = ? AND state IN ('waiting', 'running')",
            [$id],
        );
    }

    /** Asks for the best so far. */
    public function enough(string $id): void
    {
        $this->connection->executeStatement('UPDATE task SET enough = 1 WHERE id = ?', [$id]);
    }

    /**
     * Takes up what has waited longest and does it.
     *
     * @param bool $short leaves searches, which take as long as they are let, to others
     */
    public function workOnNext(string $worker, bool $short = false): Worked
    {
        $id = $this->takeUp($worker, $short ? $this->searches() : []);
        if (null === $id) {
            return Worked::Nothing;
        }
        $task = $this->find($id);
        if ($task->begun > self::MOST_BEGUN) {
            $this->fail($id, $worker, Exhausted::time());

            return Worked::Something;
        }
        $progress = new TaskProgress($this->connection, $id, $worker, self::LEASE, $this->clock);
        $progress->watch();
        try {
            $this->finish(
                $id,
                $worker,
                TaskState::Done,
                $this->handlers->get($task->kind)->run(Record::of($task->input), $progress),
            );
        } catch (Cancelled) {
            // It says so already.
        } catch (Exhausted $exhausted) {
            $this->fail($id, $worker, $exhausted);

            return Worked::BeyondMeasure;
        } catch (Refusal $refusal) {
            $this->fail($id, $worker, $refusal);
        } catch (\Throwable $e) {
            $number = ErrorNumber::next();
            $this->logger->critical($number . ': ' . $task->kind, ['exception' => $e]);
            $this->fail($id, $worker, null, $number);

            throw $e;
        } finally {
            $progress->unwatch();
            $handler = $this->handlers->get($task->kind);
            if ($handler instanceof TidiesUp) {
                $handler->tidyUp(Record::of($task->input));
            }
        }

        return Worked::Something;
    }

    /** Whether work of this kind waits or is being done. */
    public function isAtIt(string $kind): bool
    {
        return false !==
            $this->connection->fetchOne("SELECT 1 FROM task WHERE kind = ? AND state IN ('waiting', 'running')", [
                $kind,
            ]);
    }

    /** The last words of a worker that PHP ends because its memory is exhausted. */
    public function endedForMemory(string $worker): void
    {
        $ids = $this->connection->fetchFirstColumn("SELECT id FROM task WHERE worker = ? AND state = 'running'", [
            $worker,
        ]);
        foreach (array_filter($ids, is_string(...)) as $id) {
            $this->fail($id, $worker, Exhausted::memory());
        }
    }

    /**
     * What was being done when the shop was stopped waits again, and has not failed: only ever called while nobody
     * works.
     */
    public function beginAfresh(): void
    {
        $this->connection->executeStatement(
            "UPDATE task SET state = 'waiting', worker = NULL, lease = NULL, begun = MAX(0, begun - 1) " .
                "WHERE state = 'running'",
        );
    }

    public function forgetOld(): void
    {
        $before = $this->clock->now()->modify(self::KEPT);
        $this->connection->executeStatement(
            "DELETE FROM task WHERE state NOT IN ('waiting', 'running') AND created < ?",
            [Instant::write($before)],
        );
        $this->files->forgetParkedBefore($before);
    }

    /** @return list<string> kinds of work that take as long as they are let */
    private function searches(): array
    {
        return array_values(
            array_filter(
                array_keys($this->handlers->getProvidedServices()),
                fn(string $kind): bool => $this->handlers->get($kind) instanceof Search,
            ),
        );
    }

    /** @param list<string> $without kinds that are left to others */
    private function takeUp(string $worker, array $without): ?string
    {
        $at = $this->clock->now();
        $now = Instant::write($at);
        $until = Instant::write($at->modify('+' . self::LEASE . ' seconds'));
        $id = $this->connection->fetchOne(
            "SELECT id FROM task WHERE (state = 'waiting' OR (state = 'running' AND lease < ?)) AND kind NOT IN (?) " .
                'ORDER BY created, id LIMIT 1',
            [$now, [] === $without ? [''] : $without],
            [ParameterType::STRING, ArrayParameterType::STRING],
        );
        if (!is_string($id)) {
            return null;
        }
        // Another worker may have been quicker.
        $taken = $this->connection->executeStatement(
            "UPDATE task SET state = 'running', worker = ?, lease = ?, begun = begun + 1 WHERE id = ? AND (state " .
                "= 'waiting' OR (state = 'running' AND lease < ?))",
            [$worker, $until, $id, $now],
        );

        return 1 === $taken ? $id : null;
    }

    /**
     * @param Refusal|null $why nothing where the fault is Wubbin's own
     * @param string $number under which the log tells more of that
     */
    private function fail(string $id, string $worker, ?Refusal $why, string $number = ''): void
    {
        $kind = match (true) {
            null === $why => 'unexpected',
            $why instanceof NotFound => 'not-found',
            default => 'invalid',
        };
        $this->finish(
            $id,
            $worker,
            TaskState::Failed,
            (object) [
                'kind' => $kind,
                'title' => $why?->getMessage() ?? $number,
                'errors' => (object) ($why->errors ?? []),
            ],
        );
    }

    private function finish(string $id, string $worker, TaskState $state, object $result): void
    {
        $this->connection->executeStatement(
            'UPDATE task SET state = ?, share = 1, result = ?, lease = NULL WHERE id = ? AND worker = ? AND ' .
                "state = 'running'",
            [$state->value, json_encode($result, \JSON_THROW_ON_ERROR), $id, $worker],
        );
    }
}
