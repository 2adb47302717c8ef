<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** The shop cannot be read or written; the message says what to do about it, and nothing was changed. */
final class StorageTrouble extends \RuntimeException
{
    /** What SQLite says, and what it means: https://www.sqlite.org/rescode.html. */
    private const SAID = [
        'database is locked' => TroubleKind::Busy,
        'database table is locked' => TroubleKind::Busy,
        'disk is full' => TroubleKind::Full,
        'attempt to write a readonly database' => TroubleKind::ReadOnly,
        'unable to open database file' => TroubleKind::Missing,
        'disk image is malformed' => TroubleKind::Damaged,
        'file is not a database' => TroubleKind::Damaged,
        'disk I/O error' => TroubleKind::Damaged,
        'malformed database schema' => TroubleKind::Damaged,
    ];

    private function __construct(public readonly TroubleKind $kind, string $message, ?\Throwable $previous = null)
    {
        parent::__construct($message, 0, $previous);
    }

    public static function busy(?\Throwable $previous = null): self
    {
        return new self(
            TroubleKind::Busy,
            'Wubbin is busy storing something else. Nothing was changed. Try again in a moment.',
            $previous,
        );
    }

    public static function full(?\Throwable $previous = null): self
    {
        return new self(
            TroubleKind::Full,
            'The disk is full, so nothing was changed. Make room on it, then try again. ' .
                'You can still look at everything.',
            $previous,
        );
    }

    public static function readOnly(?\Throwable $previous = null): self
    {
        return new self(
            TroubleKind::ReadOnly,
            'The shop’s directory cannot be written to, so nothing was changed. The person who looks after this ' .
                'machine must let Wubbin write there. You can still look at everything.',
            $previous,
        );
    }

    public static function damaged(string $path, ?\Throwable $previous = null, ?string $backup = null): self
    {
        return new self(
            TroubleKind::Damaged,
            sprintf(
                'The shop’s database is damaged: %s. Stop Wubbin and bring back the last good backup with %s. The ' .
                    'damaged file is not deleted.',
                $path,
                self::restoring($backup),
            ),
            $previous,
        );
    }

    public static function empty(string $path, ?string $backup = null): self
    {
        return new self(
            TroubleKind::Empty,
            sprintf(
                'The shop’s database has nothing in it, not even a beginning: %s. Bring back the last good backup ' .
                    'with %s. To begin with an empty shop instead, move that file away.',
                $path,
                self::restoring($backup),
            ),
        );
    }

    public static function missing(string $path, ?\Throwable $previous = null, ?string $backup = null): self
    {
        return new self(
            TroubleKind::Missing,
            sprintf(
                'There is no database at %s, though there may have been one. Put it back, or bring back the last ' .
                    'good backup with %s.',
                $path,
                self::restoring($backup),
            ),
            $previous,
        );
    }

    public static function newer(string $version): self
    {
        return new self(
            TroubleKind::Newer,
            sprintf(
                'This shop was last opened by a newer Wubbin (%s). Nothing was touched: open it with that one or a ' .
                    'later one.',
                $version,
            ),
        );
    }

    private static function restoring(?string $backup): string
    {
        return sprintf('“bin/wubbin restore %s”', $backup ?? 'FILE');
    }

    /** What was thrown, where it comes from the database or the disk; null for all else. */
    public static function in(\Throwable $thrown, string $path, ?string $backup = null): ?self
    {
        for ($one = $thrown; null !== $one; $one = $one->getPrevious()) {
            if ($one instanceof self) {
                return $one;
            }
            foreach ($one instanceof \PDOException ? self::SAID : [] as $said => $kind) {
                if (str_contains($one->getMessage(), $said)) {
                    return self::of($kind, $path, $thrown, $backup);
                }
            }
        }

        return null;
    }

    private static function of(TroubleKind $kind, string $path, \Throwable $thrown, ?string $backup): self
    {
        return match (true) {
            TroubleKind::Busy === $kind => self::busy($thrown),
            // What SQLite cannot open or write is most often what the disk does not let it.
            (new Disk(dirname($path)))->isFull() => self::full($thrown),
            is_file($path) && !is_writable(dirname($path)) => self::readOnly($thrown),
            default => self::told($kind, $path, $thrown, $backup),
        };
    }

    private static function told(TroubleKind $kind, string $path, \Throwable $thrown, ?string $backup): self
    {
        return match ($kind) {
            TroubleKind::Busy => self::busy($thrown),
            TroubleKind::Full => self::full($thrown),
            TroubleKind::ReadOnly => self::readOnly($thrown),
            TroubleKind::Missing => self::missing($path, $thrown, $backup),
            default => self::damaged($path, $thrown, $backup),
        };
    }
}
