<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Wubbin\Storage\DatabaseFile;
use Wubbin\Storage\Disk;
use Wubbin\Storage\StorageTrouble;
use Wubbin\Task\Progress;

/**
 * Brings a shop back from a backup. Everything is looked through, put beside and brought up to date first; only then
 * does it take the place of what is there, and that is kept.
 */
final readonly class Restore
{
    public function __construct(
        private string $projectDirectory,
        private BackupReader $reader,
        private ClockInterface $clock,
    ) {}

    /**
     * @param int $known number of the last migration that this version has
     *
     * @return array{BackupContents, string|null} what it held, and where what was there before is kept
     *
     * @throws BadBackup
     * @throws StorageTrouble
     */
    public function into(
        string $path,
        #[\SensitiveParameter] ?string $passphrase,
        string $directory,
        int $known,
        Progress $progress,
    ): array {
        $files = new Filesystem();
        $directory = rtrim($directory, '/');
        $beside = $directory . '.restoring-' . bin2hex(random_bytes(4));
        $files->mkdir($beside, 0o700);
        try {
            (new Disk($beside))->hold();
            $contents = $this->reader->read($path, $passphrase, $beside, $progress);
            if ($contents->schema > $known) {
                throw BadBackup::newer($path, $contents->schema, $known);
            }
            $database = new DatabaseFile($beside);
            if ($contents->rows !== $database->rowsOf($database->path())) {
                throw BadBackup::differs($path, DatabaseFile::NAME);
            }
            $this->bringUpToDate($beside, $path);
            $aside = null;
            if (is_dir($directory)) {
                $aside = $directory . '.before-' . $this->clock->now()->format('Ymd-His');
                $files->rename($directory, $aside);
            }
            $files->rename($beside, $directory);
        } finally {
            $files->remove($beside);
        }

        return [$contents, $aside];
    }

    private function bringUpToDate(string $directory, string $path): void
    {
        $process = new Process(
            [\PHP_BINARY, $this->projectDirectory . '/bin/wubbin', 'migrate'],
            env: ['WUBBIN_DATA' => $directory],
            timeout: null,
        );
        $process->run();
        if (!$process->isSuccessful()) {
            throw new BadBackup(
                sprintf(
                    '%s cannot be brought up to date: %s',
                    $path,
                    trim($process->getErrorOutput() . $process->getOutput()),
                ),
            );
        }
    }
}
