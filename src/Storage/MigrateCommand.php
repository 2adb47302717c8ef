<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\DBAL\Connection;
use Doctrine\Migrations\DependencyFactory;
use Doctrine\Migrations\Metadata\AvailableMigration;
use Doctrine\Migrations\MigratorConfiguration;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Brings a shop's database to the shape this version wants, after taking a copy of it. */
#[AsCommand('migrate', 'Bring the database up to date, after a copy is made')]
final class MigrateCommand extends Command
{
    public function __construct(
        private readonly DependencyFactory $migrations,
        private readonly Connection $connection,
        private readonly string $dataDirectory,
        private readonly DatabaseFile $database,
        private readonly Disk $disk,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (!is_dir($this->dataDirectory) && !@mkdir($this->dataDirectory, 0o700, true)) {
            throw new \RuntimeException('The shop’s directory cannot be made: ' . $this->dataDirectory);
        }
        $existed = $this->database->exists();
        if ($existed || is_dir($this->dataDirectory . '/files')) {
            // Pictures without a database are what is left of a shop, not an empty one.
            $this->database->check($this->known());
        }
        $this->disk->hold();
        $this->closeToOthers();
        if (!$existed) {
            $this->database->create();
        }
        $this->migrations->getMetadataStorage()->ensureInitialized();
        $plan = $this->migrations
            ->getMigrationPlanCalculator()
            ->getPlanUntilVersion($this->migrations->getVersionAliasResolver()->resolveVersionAlias('latest'));
        if (0 === count($plan)) {
            return Command::SUCCESS;
        }
        if ($existed) {
            $copy = $this->dataDirectory . '/before-' . gmdate('Ymd-His') . '.sqlite';
            $this->connection->executeStatement('VACUUM INTO ?', [$copy]);
            $output->writeln('Copy taken: ' . $copy);
        }
        $this->migrations->getMigrator()->migrate($plan, (new MigratorConfiguration())->setAllOrNothing(true));
        $output->writeln('The database is up to date.');

        return Command::SUCCESS;
    }

    /** @return list<string> */
    private function known(): array
    {
        return array_values(
            array_map(
                static fn(AvailableMigration $one): string => (string) $one->getVersion(),
                $this->migrations->getMigrationRepository()->getMigrations()->getItems(),
            ),
        );
    }

    /** Customers, prices and photos are nobody else's on this machine. */
    private function closeToOthers(): void
    {
        if (!is_writable($this->dataDirectory)) {
            throw StorageTrouble::readOnly();
        }
        @chmod($this->dataDirectory, 0o700);
        foreach ((array) glob($this->database->path() . '*') as $file) {
            @chmod((string) $file, 0o600);
        }
    }
}
