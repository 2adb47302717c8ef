<?php

declare(strict_types=1);

namespace Wubbin\Keep;

use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\NotFound;
use Wubbin\Storage\BackupPlace;
use Wubbin\Storage\Documents;
use Wubbin\Storage\Instant;
use Wubbin\Task\Progress;

/** The backups of this shop, in a directory beside its own; taken daily, looked through, and kept by a rule. */
final readonly class Backups
{
    private const STATE = 'backup';

    /** Taken every day; a working day's end differs a little from the last one's. */
    private const DUE_AFTER = '-20 hours';

    /** A machine that was off over a weekend is no reason to worry. */
    private const LATE_AFTER = '-4 days';

    public function __construct(
        private BackupPlace $place,
        private string $backupPassphrase,
        private BackupWriter $writer,
        private BackupReader $reader,
        private Documents $documents,
        private ClockInterface $clock,
    ) {}

    public function directory(): string
    {
        return $this->place->directory();
    }

    /** Takes one, looks it through, and lets go of those that the rule does not keep. */
    public function take(Progress $progress): string
    {
        $name = 'wubbin-' . $this->clock->now()->setTimezone(new \DateTimeZone('UTC'))->format('Ymd-His') . '.backup';
        $path = $this->directory() . '/' . $name;
        try {
            $this->writer->write($path, $this->passphrase(), $progress);
            $this->reader->read($path, $this->passphrase(), null, $progress);
        } catch (BadBackup $e) {
            // Not among those that are brought back: the last good one is the one before it.
            @rename($path, $path . '.bad');
            $this->say($name, $e->getMessage());
            throw $e;
        }
        $this->say($name, null);
        foreach (KeepRule::toGo($this->made()) as $old) {
            @unlink($this->directory() . '/' . $old);
        }

        return $name;
    }

    /** @return list<BackupView> the newest first */
    public function all(): array
    {
        $made = $this->made();
        arsort($made);
        $views = [];
        foreach ($made as $name => $at) {
            $views[] = new BackupView($name, Instant::write($at), (int) @filesize($this->directory() . '/' . $name));
        }

        return $views;
    }

    /** @throws NotFound */
    public function path(string $name): string
    {
        $path = $this->directory() . '/' . $name;

        return 1 === preg_match(BackupPlace::NAME, $name) && is_file($path)
            ? $path
            : throw new NotFound('There is no such backup any more.');
    }

    public function isDue(): bool
    {
        return $this->isOlderThan(self::DUE_AFTER);
    }

    /** What is wrong with the backups, in a sentence; null where all is well. */
    public function trouble(): ?string
    {
        $state = $this->documents->get(self::STATE) ?? Record::of([]);
        if ($state->has('failed')) {
            return 'The last backup failed its check: ' . $state->string('failed');
        }
        $latest = $this->latest();

        return match (true) {
            null === $latest => 'There is no backup of this shop yet.',
            $this->isOlderThan(self::LATE_AFTER) => sprintf('The last backup is from %s.', $latest->format('j F Y')),
            default => null,
        };
    }

    private function isOlderThan(string $age): bool
    {
        $latest = $this->latest();

        return null === $latest || $latest < $this->clock->now()->modify($age);
    }

    private function latest(): ?\DateTimeImmutable
    {
        $made = $this->made();

        return [] === $made ? null : max($made);
    }

    /** @return array<string, \DateTimeImmutable> by name */
    private function made(): array
    {
        $made = [];
        foreach ($this->place->names() as $name) {
            $digits = (string) preg_replace(BackupPlace::NAME, '$1', $name);
            $at = \DateTimeImmutable::createFromFormat('!Ymd-His', $digits, new \DateTimeZone('UTC'));
            $made += false === $at ? [] : [$name => $at];
        }

        return $made;
    }

    private function passphrase(): ?string
    {
        return '' === $this->backupPassphrase ? null : $this->backupPassphrase;
    }

    private function say(string $name, ?string $failed): void
    {
        $this->documents->put(self::STATE, ['last' => $name] + (null === $failed ? [] : ['failed' => $failed]));
    }
}
