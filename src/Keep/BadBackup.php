<?php

declare(strict_types=1);

namespace Wubbin\Keep;

/** A file is no backup, or not all of one; the message says what is wrong with it. */
final class BadBackup extends \RuntimeException
{
    public static function no(string $path): self
    {
        return new self(sprintf('%s is no backup of Wubbin.', $path));
    }

    public static function cutOff(string $path): self
    {
        return new self(sprintf('%s is damaged or not complete. Use another backup.', $path));
    }

    public static function differs(string $path, string $name): self
    {
        return new self(sprintf('%s is damaged: %s in it is not what was put in. Use another backup.', $path, $name));
    }

    public static function locked(string $path): self
    {
        return new self(sprintf('%s is locked: its passphrase is needed.', $path));
    }

    public static function wrongPassphrase(string $path): self
    {
        return new self(sprintf('This passphrase does not open %s.', $path));
    }

    public static function newer(string $path, int $theirs, int $ours): self
    {
        return new self(
            sprintf(
                '%s was made by a newer Wubbin (its database is version %d, this one knows %d). Restore it with ' .
                    'that one.',
                $path,
                $theirs,
                $ours,
            ),
        );
    }
}
