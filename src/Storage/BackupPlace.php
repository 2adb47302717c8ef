<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** Where a shop's backups are: in a directory beside its own, where none is named. */
final readonly class BackupPlace
{
    public const NAME = '/^wubbin-(\d{8}-\d{6})\.backup$/D';

    public function __construct(private string $dataDirectory, private string $backupDirectory) {}

    public function directory(): string
    {
        return '' === $this->backupDirectory ? rtrim($this->dataDirectory, '/') . '.backups' : $this->backupDirectory;
    }

    /** @return list<string> names of the backups, the oldest first */
    public function names(): array
    {
        return array_values(
            array_filter(
                array_filter((array) @scandir($this->directory()), is_string(...)),
                static fn(string $name): bool => 1 === preg_match(self::NAME, $name),
            ),
        );
    }

    /** The latest one; null where there is none. */
    public function latest(): ?string
    {
        $names = $this->names();

        return [] === $names ? null : $this->directory() . '/' . $names[count($names) - 1];
    }
}
