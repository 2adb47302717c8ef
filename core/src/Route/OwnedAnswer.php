<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;

/** One answer to the question about something that people own: ids of what it puts on the shelf, by kind. */
final readonly class OwnedAnswer
{
    public const KINDS = ['heat', 'markings', 'media', 'bases', 'guards', 'covers'];

    /**
     * @param array<string, list<string>> $puts by kind
     * @param string|null $like id of the sheet that it is another size of
     * @param PaperSize|null $paper that size
     */
    private function __construct(
        public string $id,
        public string $label,
        public array $puts,
        public ?string $like,
        public ?PaperSize $paper,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $puts = [];
        foreach (self::KINDS as $kind) {
            if ($record->has($kind)) {
                $puts[$kind] = $record->strings($kind);
            }
        }

        return new self(
            $record->string('id'),
            $record->string('label'),
            $puts,
            $record->stringOrNull('like'),
            $record->has('paper') ? $record->enum('paper', PaperSize::class) : null,
        );
    }
}
