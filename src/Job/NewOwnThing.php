<?php

declare(strict_types=1);

namespace Wubbin\Job;

use OpenApi\Attributes as OA;
use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Http\Problem;

/** An entry of the shop's own, made as a copy of one that Wubbin knows; the page gives it its id. */
#[OA\Schema(required: ['kind', 'id', 'like', 'label', 'typed'])]
final readonly class NewOwnThing
{
    public const KINDS = ['media', 'markings', 'bases', 'guards', 'covers', 'blanks'];

    /** @param array<string, string> $typed */
    private function __construct(
        #[OA\Property(enum: self::KINDS)]
        public string $kind,
        #[OA\Property]
        public string $id,
        #[OA\Property(description: 'Id of the one that it is a copy of')]
        public string $like,
        #[OA\Property]
        public string $label,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'As typed: thickness, or a printer’s margin; of a sheet its paper and print side; of a blank its measures')]
        public array $typed,
    ) {
    }

    public static function fromRecord(Record $record): self
    {
        $kind = $record->string('kind');
        if (!in_array($kind, self::KINDS, true)) {
            throw Problem::field('kind', 'Choose one of those offered.');
        }

        return new self($kind, mb_substr($record->string('id'), 0, 64), $record->string('like'), mb_substr(trim($record->string('label')), 0, 120), array_map(trim(...), $record->record('typed')->stringMap()));
    }

    /**
     * As the shelf writes it down.
     *
     * @return array<string, mixed>
     *
     * @throws Problem naming every field that is wrong
     */
    public function toRecord(QuantityParser $parser): array
    {
        $errors = '' === $this->label ? ['label' => 'Give it a name.'] : [];
        $record = ['id' => $this->id, 'like' => $this->like, 'label' => $this->label];
        $measures = match ($this->kind) {
            'markings' => ['margin'],
            'blanks' => array_keys($this->typed),
            default => ['thickness'],
        };
        foreach ($measures as $field) {
            try {
                $typed = $this->typed[$field] ?? '';
                $record[$field.'_mm'] = ('diameter' === $field ? Cylinder::typedDiameter($typed, $parser) : $parser->length($typed))->mm;
            } catch (UnreadableQuantity $e) {
                $errors[$field] = $e->getMessage();
            }
        }
        if ('media' === $this->kind) {
            $record += ['paper' => $this->typed['paper'] ?? '', 'print_side' => $this->typed['print_side'] ?? ''];
            $errors += '' === $record['print_side'] ? ['print_side' => 'Say which side takes the print.'] : [];
        }
        if ([] !== $errors) {
            throw Problem::fields($errors);
        }

        return $record;
    }
}
