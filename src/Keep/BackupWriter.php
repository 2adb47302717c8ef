<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Doctrine\DBAL\Connection;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Storage\DatabaseFile;
use Wubbin\Storage\Disk;
use Wubbin\Storage\Instant;
use Wubbin\Storage\StorageTrouble;
use Wubbin\Task\Progress;

/**
 * Puts a whole shop into one file: database, pictures, photos, and what says that it is all there. People go on working
 * meanwhile: the database is copied as it stands at one instant, and files never change once they are written.
 */
final readonly class BackupWriter
{
    public const FORMAT = 'wubbin-backup';
    public const VERSION = 1;

    /** What stands first says what this is; what stands last says what must be in it. */
    public const HEAD = 'wubbin-backup.json';
    public const MANIFEST = 'manifest.json';
    public const SUM = 'manifest.sha256';

    /** What of a shop's directory belongs to it, beside the database. */
    public const DIRECTORIES = ['files', 'incoming', 'sheets'];

    /** So often whoever waits is told how far it is, in bytes. */
    private const TELL_EVERY = 8 << 20;

    public function __construct(
        private string $dataDirectory,
        private Connection $connection,
        private DatabaseFile $database,
        private Disk $disk,
        private ClockInterface $clock,
    ) {}

    /**
     * @param string $to nothing is there under this name before it is whole
     *
     * @throws StorageTrouble where there is no room for it
     */
    public function write(string $to, #[\SensitiveParameter] ?string $passphrase, Progress $progress): void
    {
        $this->disk->hold();
        $work = $this->dataDirectory . '/backup-' . bin2hex(random_bytes(6));
        $files = new Filesystem();
        $files->mkdir([$work, dirname($to)], 0o700);
        $part = $to . '.part';
        try {
            $progress->at(0.0, 'Copying the database as it is now');
            $this->connection->executeStatement('VACUUM INTO ?', [$work . '/' . DatabaseFile::NAME]);
            $this->put($part, $work . '/' . DatabaseFile::NAME, $passphrase, $progress);
            $files->rename($part, $to, true);
        } finally {
            $files->remove([$work, $part]);
        }
    }

    private function put(
        string $part,
        string $copy,
        #[\SensitiveParameter] ?string $passphrase,
        Progress $progress,
    ): void {
        $file = @fopen($part, 'x');
        if (false === $file) {
            throw StorageTrouble::readOnly();
        }
        chmod($part, 0o600);
        $plain = new PlainSink($file);
        $now = $this->clock->now();
        $tar = new TarWriter(null === $passphrase ? $plain : new SealedSink($plain, $passphrase), $now->getTimestamp());
        $head = self::json([
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'made' => Instant::write($now),
            'schema' => $this->database->version(),
        ]);
        $tar->text(self::HEAD, $head);
        // Listed after the copy was taken: all that the copy names is among them.
        $paths = [DatabaseFile::NAME => $copy] + $this->files();
        $whole = max(1, array_sum(array_map(filesize(...), $paths)));
        $done = $told = 0;
        $held = [];
        foreach ($paths as $name => $path) {
            $held[$name] = $tar->file($name, $path, static function (int $bytes) use (
                &$done,
                &$told,
                $whole,
                $progress,
            ): void {
                $done += $bytes;
                if ($done - $told >= self::TELL_EVERY) {
                    $told = $done;
                    $progress->at(min(0.99, $done / $whole), 'Putting database and pictures into one file');
                }
            });
        }
        $manifest = self::json([
            'head' => hash('sha256', $head),
            'files' => $held,
            'rows' => $this->database->rowsOf($copy),
        ]);
        $tar->text(self::MANIFEST, $manifest);
        $tar->text(self::SUM, hash('sha256', $manifest) . "\n");
        $tar->close();
    }

    /** @return array<string, string> paths by the names that they have in a backup */
    private function files(): array
    {
        $files = [];
        foreach (self::DIRECTORIES as $directory) {
            if (!is_dir($this->dataDirectory . '/' . $directory)) {
                continue;
            }
            $found = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(
                    $this->dataDirectory . '/' . $directory,
                    \FilesystemIterator::SKIP_DOTS,
                ),
            );
            foreach ($found as $one) {
                // What is being written has this ending, and another name in a moment.
                if ($one instanceof \SplFileInfo && $one->isFile() && !str_ends_with($one->getFilename(), '.part')) {
                    $files[substr($one->getPathname(), strlen($this->dataDirectory) + 1)] = $one->getPathname();
                }
            }
        }
        ksort($files);

        return $files;
    }

    /** @param array<string, mixed> $value */
    private static function json(array $value): string
    {
        return json_encode($value, \JSON_THROW_ON_ERROR | \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES) . "\n";
    }
}
