<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Takes a backup at the console, while people go on working. */
#[AsCommand('backup', 'Put the whole shop into one file, while people go on working')]
final class BackupCommand extends Command
{
    public function __construct(
        private readonly BackupWriter $writer,
        private readonly BackupReader $reader,
        private readonly Backups $backups,
        private readonly Passphrase $passphrase,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument(
            'file',
            InputArgument::OPTIONAL,
            'Where to. Without one, beside the other backups of the shop',
        )->addOption('lock', null, InputOption::VALUE_NONE, 'Lock it with a passphrase, which is asked for');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $told = new Told($output);
        $file = $input->getArgument('file');
        try {
            if (!is_string($file)) {
                $file = $this->backups->directory() . '/' . $this->backups->take($told);
            } else {
                $passphrase = true === $input->getOption('lock') ? $this->passphrase->choose($input, $output) : null;
                $this->writer->write($file, $passphrase, $told);
                $this->reader->read($file, $passphrase, null, $told);
            }
        } finally {
            $told->over();
        }
        $output->writeln(
            sprintf('%s: %.1f MB. It was checked, and it is complete.', $file, (int) filesize($file) / 1.0e6),
        );

        return Command::SUCCESS;
    }
}
