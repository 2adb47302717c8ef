<?php

declare(strict_types=1);

namespace Wubbin\Task;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Command\SignalableCommandInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Does long work as it comes in. Whoever starts it starts it again when it ends: it ends after a while to begin afresh.
 */
#[AsCommand('work', 'Do long work as it comes in, until told to stop')]
final class WorkCommand extends Command implements SignalableCommandInterface
{
    private const LOOK_AGAIN_MICROSECONDS = 150_000;
    private const TASKS_A_LIFE = 50;

    private bool $told = false;

    public function __construct(private readonly TaskQueue $tasks, private readonly EntityManagerInterface $entities)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('once', null, InputOption::VALUE_NONE, 'Do what is there and end');
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
        $this->tasks->forgetOld();
        for ($done = 0; $done < self::TASKS_A_LIFE && !$this->told; ) {
            if ($this->tasks->workOnNext($worker)) {
                ++$done;
                $this->entities->clear();
                continue;
            }
            if (true === $input->getOption('once')) {
                break;
            }
            usleep(self::LOOK_AGAIN_MICROSECONDS);
        }

        return Command::SUCCESS;
    }
}
