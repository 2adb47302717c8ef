<?php

declare(strict_types=1);

namespace Wubbin\Storage;

/** How much room there is where the shop is kept. */
final readonly class Disk
{
    /**
     * Below this nothing more is written: what SQLite needs to go on reading, and to finish what it has begun, stays
     * free. In bytes (assumed: some hundred pages of its log).
     */
    public const FLOOR = 8 << 20;

    /** Below either of these people are told to make room, in bytes and as a share of the disk. */
    private const WARN_BYTES = 500 << 20;
    private const WARN_SHARE = 0.05;

    public function __construct(private string $dataDirectory) {}

    /** In bytes; null where the system does not tell. */
    public function free(): ?float
    {
        $free = @disk_free_space($this->dataDirectory);

        return false === $free ? null : $free;
    }

    public function isFull(): bool
    {
        return ($this->free() ?? \INF) < self::FLOOR;
    }

    /** Whether there is so little left that it should be told, while there is still time. */
    public function isShort(): bool
    {
        $free = $this->free();
        $whole = @disk_total_space($this->dataDirectory);

        return null !== $free && ($free < self::WARN_BYTES || (false !== $whole && $free < self::WARN_SHARE * $whole));
    }

    /** @throws StorageTrouble where nothing more can be written */
    public function hold(): void
    {
        if ($this->isFull()) {
            throw StorageTrouble::full();
        }
    }
}
