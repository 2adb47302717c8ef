<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Command\SignalableCommandInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Uid\Uuid;
use Wubbin\Storage\Disk;

/**
 * Does long work as it comes in. Whoever starts it starts it again when it ends: it ends after a while to begin afresh.
 */
#[AsCommand('work', 'Do long work as it comes, until it is stopped')]
final class WorkCommand extends Command implements SignalableCommandInterface
{
    private const LOOK_AGAIN_MICROSECONDS = 150_000;
    private const TASKS_A_LIFE = 50;
    private const DUTIES_EVERY_S = 300;

    /** Bytes that are kept for the last words. */
    private const RESERVE = 1 << 20;

    private bool $told = false;

    /** When it was last looked for what is due, in seconds since 1970. */
    private int $looked = 0;

    /** @param iterable<Duty> $duties */
    public function __construct(
        private readonly TaskQueue $tasks,
        private readonly EntityManagerInterface $entities,
        private readonly Disk $disk,
        private readonly ClockInterface $clock,
        #[AutowireIterator('wubbin.duty')] private readonly iterable $duties,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('once', null, InputOption::VALUE_NONE, 'Do what is there and end');
        $this->addOption('short', null, InputOption::VALUE_NONE, 'Leave searches to others');
    }

    /** @return list<int> */
    public function getSubscribedSignals(): array
    {
        return \defined('SIGTERM') ? [\SIGTERM, \SIGINT] : [];
    }

    public function handleSignal(int $signal, int|false $previousExitCode = 0): int|false
    {
        $this->told = true;

        return false;
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $worker = Uuid::v4()->toRfc4122();
        $this->listenForTheEnd($worker);
        $this->tasks->forgetOld();
        for ($done = 0; $done < self::TASKS_A_LIFE && !$this->told; ) {
            $worked = $this->disk->isFull()
                ? Worked::Nothing
                : $this->work($worker, true === $input->getOption('short'));
            if (Worked::BeyondMeasure === $worked) {
                break;
            }
            if (Worked::Something === $worked) {
                ++$done;
                $this->entities->clear();
                continue;
            }
            if (true === $input->getOption('once')) {
                break;
            }
            $this->beginWhatIsDue();
            usleep(self::LOOK_AGAIN_MICROSECONDS);
        }

        return Command::SUCCESS;
    }

    /** What nobody has to ask for is begun when there is nothing else to do. */
    private function beginWhatIsDue(): void
    {
        $now = $this->clock->now()->getTimestamp();
        if ($now - $this->looked < self::DUTIES_EVERY_S || $this->disk->isFull()) {
            return;
        }
        $this->looked = $now;
        foreach ($this->duties as $duty) {
            if ($duty->isDue() && !$this->tasks->isAtIt($duty::kind())) {
                $this->tasks->add($duty::kind(), []);
            }
        }
    }

    /** Who is busy writing is waited for; every other trouble ends this worker, and the next one meets it. */
    private function work(string $worker, bool $short): Worked
    {
        try {
            return $this->tasks->workOnNext($worker, $short);
        } catch (LockWaitTimeoutException) {
            return Worked::Nothing;
        }
    }

    /** PHP ends a process whose memory is exhausted; whoever waits for its work is told that. */
    private function listenForTheEnd(string $worker): void
    {
        $reserve = str_repeat(' ', self::RESERVE);
        register_shutdown_function(function () use (&$reserve, $worker): void {
            $reserve = null;
            if (str_contains(error_get_last()['message'] ?? '', 'Allowed memory size')) {
                $this->tasks->endedForMemory($worker);
            }
        });
    }
}
