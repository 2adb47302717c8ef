<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Storage\StorageTrouble;
use Wubbin\Task\Progress;

/** Reads a backup through to its end: whether all is there as it was put in, and, where that is wanted, out of it. */
final readonly class BackupReader
{
    private const TELL_EVERY = 8 << 20;

    /** What may be in one; nothing leads out of the directory that it is put into. */
    private const NAME = '~^(?:wubbin\.sqlite|(?:files|incoming|sheets)(?:/(?!\.)[\w.-]+)+)$~D';

    /**
     * @param string|null $into an empty directory that all is put into; null where it is only looked through
     *
     * @return BackupContents what is in it, all of it whole
     *
     * @throws BadBackup
     */
    public function read(
        string $path,
        #[\SensitiveParameter] ?string $passphrase,
        ?string $into,
        Progress $progress,
    ): BackupContents {
        $tar = new TarReader($this->open($path, $passphrase), $path);
        $size = max(1, (int) filesize($path));
        $texts = [];
        $held = [];
        $passed = $told = 0;
        while (null !== ($entry = $tar->next())) {
            [$name, $length] = $entry;
            if ([] === $texts && BackupWriter::HEAD !== $name) {
                throw BadBackup::no($path);
            }
            if (in_array($name, [BackupWriter::HEAD, BackupWriter::MANIFEST, BackupWriter::SUM], true)) {
                $texts[$name] = self::whole($tar);
                continue;
            }
            if (1 !== preg_match(self::NAME, $name) || isset($held[$name])) {
                throw BadBackup::differs($path, $name);
            }
            $held[$name] = [
                $length,
                $this->take($tar, null === $into ? null : $into . '/' . $name, static function (int $bytes) use (
                    &$passed,
                    &$told,
                    $size,
                    $progress,
                ): void {
                    $passed += $bytes;
                    if ($passed - $told >= self::TELL_EVERY) {
                        $told = $passed;
                        $progress->at(min(0.99, $passed / $size), 'Checking the backup');
                    }
                }),
            ];
        }
        $manifest = $texts[BackupWriter::MANIFEST] ?? '';
        if (hash('sha256', $manifest) . "\n" !== ($texts[BackupWriter::SUM] ?? '')) {
            throw BadBackup::cutOff($path);
        }

        return $this->compared($path, $texts[BackupWriter::HEAD] ?? '', self::json($manifest, $path), $held);
    }

    /** @param array<string, array{int, string}> $held */
    private function compared(string $path, string $text, Record $manifest, array $held): BackupContents
    {
        $head = self::json($text, $path);
        try {
            if (hash('sha256', $text) !== $manifest->string('head')) {
                throw BadBackup::cutOff($path);
            }
            if (BackupWriter::FORMAT !== $head->string('format')) {
                throw BadBackup::no($path);
            }
            $wanted = $manifest->record('files')->raw();
            foreach ($wanted + $held as $name => $either) {
                if (($held[$name] ?? null) !== ($wanted[$name] ?? null)) {
                    throw BadBackup::differs($path, (string) $name);
                }
            }
            $rows = [];
            foreach ($manifest->record('rows')->keys() as $table) {
                $rows[$table] = $manifest->record('rows')->integer($table);
            }

            return new BackupContents($head->string('made'), $head->integer('schema'), count($held), $rows);
        } catch (BadRecord) {
            throw BadBackup::cutOff($path);
        }
    }

    private function open(string $path, #[\SensitiveParameter] ?string $passphrase): ByteSource
    {
        $file = @fopen($path, 'r');
        if (false === $file) {
            throw new BadBackup(sprintf('There is no file %s to read.', $path));
        }
        if (SealedSink::HEAD === (string) fread($file, strlen(SealedSink::HEAD))) {
            return null === $passphrase || '' === $passphrase
                ? throw BadBackup::locked($path)
                : new SealedSource($file, $path, $passphrase);
        }
        rewind($file);

        return new PlainSource($file);
    }

    /**
     * @param \Closure(int): void $passed
     *
     * @return string its SHA-256
     */
    private function take(TarReader $tar, ?string $to, \Closure $passed): string
    {
        $file = null;
        if (null !== $to) {
            if (!is_dir(dirname($to))) {
                mkdir(dirname($to), 0o700, true);
            }
            $file = fopen($to, 'x');
            if (false === $file) {
                throw StorageTrouble::readOnly();
            }
        }
        $hash = hash_init('sha256');
        while ('' !== ($bytes = $tar->chunk())) {
            hash_update($hash, $bytes);
            if (null !== $file && strlen($bytes) !== @fwrite($file, $bytes)) {
                throw StorageTrouble::full();
            }
            $passed(strlen($bytes));
        }
        if (null !== $file) {
            fclose($file);
        }

        return hash_final($hash);
    }

    private static function whole(TarReader $tar): string
    {
        $text = '';
        while ('' !== ($bytes = $tar->chunk())) {
            $text .= $bytes;
        }

        return $text;
    }

    private static function json(string $text, string $path): Record
    {
        try {
            return Record::of(json_decode($text, true, 8, \JSON_THROW_ON_ERROR));
        } catch (\JsonException | BadRecord) {
            throw BadBackup::cutOff($path);
        }
    }
}
