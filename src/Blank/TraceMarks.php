<?php

declare(strict_types=1);

namespace Wubbin\Blank;

use OpenApi\Attributes as OA;
use Wubbin\Core\Blank\Tracing;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Contour;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\FileStore;

/** What was marked in a photo: the corners of a sheet, and points round a piece. */
#[OA\Schema]
final readonly class TraceMarks
{
    private function __construct(
        #[OA\Property(description: 'SHA-256 of the photo')] public string $photo,
        #[OA\Property(enum: ['a4', 'a5', 'letter'], description: 'The sheet that lies there')] public string $paper,
        #[OA\Property(description: 'The sheet lies the other way than it looks')] public bool $other_way,
        #[
            OA\Property(description: 'The points are those of one half, from the middle above to the middle below'),
        ]
        public bool $mirrored,
        #[OA\Property(description: 'How far beyond its edge it is printed, as typed')] public string $overscan,
        #[
            OA\Property(description: 'x and y in pixels of the photo, all in a row, with spaces between'),
        ]
        public string $corners,
        #[
            OA\Property(description: 'x and y in pixels of the photo, all in a row, with spaces between'),
        ]
        public string $points,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('photo'),
            $record->string('paper'),
            $record->boolean('other_way'),
            $record->boolean('mirrored'),
            $record->string('overscan'),
            $record->string('corners'),
            $record->string('points'),
        );
    }

    /** @throws Refusal at photo, paper, overscan, corners or points */
    public function traced(FileStore $files, QuantityParser $parser): Tracing
    {
        $path = 1 === preg_match('/^[0-9a-f]{64}$/', $this->photo) ? $files->path($this->photo) : '';
        $size = is_file($path) ? getimagesize($path) : false;
        if (false === $size) {
            throw InvalidInput::field('photo', 'Choose a photo first.');
        }
        $paper = PaperSize::tryFrom($this->paper) ?? throw InvalidInput::field('paper', 'Choose one of those offered.');
        try {
            $overscan = '' === trim($this->overscan) ? 0.0 : $parser->length($this->overscan)->mm;
        } catch (UnreadableQuantity $e) {
            throw InvalidInput::field('overscan', $e->getMessage());
        }
        try {
            return Tracing::fromCorners(
                self::read($this->corners),
                self::read($this->points),
                $paper->size(),
                Size::mm($size[0], $size[1]),
                $this->mirrored,
                $overscan,
                $this->other_way,
            );
        } catch (BadRecord $e) {
            throw InvalidInput::field($e->field, $e->getMessage());
        }
    }

    /** @return list<array{float, float}> */
    private static function read(string $text): array
    {
        return '' === trim($text) ? [] : Contour::fromText(trim($text));
    }
}
