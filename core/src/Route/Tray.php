<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Record;

/** Where a printer takes its sheets from. */
final readonly class Tray
{
    /**
     * @param bool $straight sheets go through without being bent round a roller
     * @param Feed|null $feed as a feed test showed it; null before there was one
     */
    public function __construct(public string $id, public string $label, public bool $straight, public ?Feed $feed) {}

    public static function fromRecord(Record $record): self
    {
        $feed = $record->recordOrNull('feed');

        return new self(
            $record->string('id'),
            $record->words('label'),
            $record->boolean('straight'),
            null === $feed ? null : Feed::fromRecord($feed),
        );
    }

    public function fedLike(Feed $feed): self
    {
        return new self($this->id, $this->label, $this->straight, $feed);
    }

    /** @return array{id: string, label: string, straight: bool, feed?: array<string, string>} */
    public function toRecord(): array
    {
        return ['id' => $this->id, 'label' => $this->label, 'straight' => $this->straight] +
            (null === $this->feed ? [] : ['feed' => $this->feed->toRecord()]);
    }
}
