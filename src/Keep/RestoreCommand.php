<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Doctrine\Migrations\DependencyFactory;
use Doctrine\Migrations\Metadata\AvailableMigration;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Wubbin\Storage\DatabaseFile;
use Wubbin\Storage\Instant;
use Wubbin\Storage\ShopLock;

/** Brings a shop back from a backup. */
#[AsCommand('restore', 'Bring the shop back from a backup. What is there now is not deleted')]
final class RestoreCommand extends Command
{
    public function __construct(
        private readonly string $dataDirectory,
        private readonly Restore $restore,
        private readonly Passphrase $passphrase,
        private readonly DependencyFactory $migrations,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The backup')->addOption(
            'into',
            null,
            InputOption::VALUE_REQUIRED,
            'Another directory than the shop’s own',
        );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        $into = $input->getOption('into');
        $directory = is_string($into) ? $into : $this->dataDirectory;
        // Nobody has it open, and nobody opens it meanwhile.
        $lock = is_dir($directory) ? ShopLock::take($directory) : null;
        $told = new Told($output);
        try {
            [$contents, $aside] = $this->bringBack(is_string($file) ? $file : '', $directory, $input, $output, $told);
        } finally {
            $told->over();
            $lock?->letGo();
        }
        $output->writeln(
            sprintf(
                'The shop as it was on %s is in %s: %d files.',
                Instant::read($contents->made)->format('j F Y, H:i \U\T\C'),
                $directory,
                $contents->files,
            ),
        );
        if (null !== $aside) {
            $output->writeln('What was there before is in ' . $aside);
        }

        return Command::SUCCESS;
    }

    /** @return array{BackupContents, string|null} */
    private function bringBack(
        string $file,
        string $directory,
        InputInterface $input,
        OutputInterface $output,
        Told $told,
    ): array {
        $known = DatabaseFile::latest(
            array_values(
                array_map(
                    static fn(AvailableMigration $one): string => (string) $one->getVersion(),
                    $this->migrations->getMigrationRepository()->getMigrations()->getItems(),
                ),
            ),
        );
        $locked = SealedSink::HEAD === @file_get_contents($file, false, null, 0, strlen(SealedSink::HEAD));
        $passphrase = $locked ? $this->passphrase->known($input, $output) : null;

        return $this->restore->into($file, $passphrase, $directory, $known, $told);
    }
}
