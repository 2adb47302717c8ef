<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use OpenApi\Attributes as OA;
use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** An entry of the shop's own, made as a copy of one that Wubbin knows; the page gives it its id. */
#[OA\Schema(required: ['kind', 'id', 'like', 'label', 'typed'])]
final readonly class NewOwnThing
{
    public const KINDS = ['media', 'markings', 'bases', 'guards', 'covers', 'blanks'];

    private const LONGEST_ZONE = 60;

    private const ZONE = ['right', 'below', 'width', 'height'];

    /**
     * @param array<string, string> $typed
     * @param list<array<string, string>> $zones
     */
    private function __construct(
        #[OA\Property(enum: ['media', 'markings', 'bases', 'guards', 'covers', 'blanks'])] public string $kind,
        public string $id,
        #[OA\Property(description: 'Id of the one that it is a copy of')] public string $like,
        public string $label,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
                description: 'As typed: thickness, or a printer’s margin; of a sheet ' .
                    'its paper and print side; of a blank its ' .
                    'measures',
            ),
        ]
        public array $typed,
        #[
            OA\Property(
                type: 'array',
                items: new OA\Items(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
                description: 'Of a blank, what is kept clear, as typed: label, side, ' .
                    'right, below, width, height, and hole ' .
                    'where it is one',
            ),
        ]
        public array $zones = [],
    ) {}

    public static function fromRecord(Record $record): self
    {
        $kind = $record->string('kind');
        if (!in_array($kind, self::KINDS, true)) {
            throw InvalidInput::field('kind', 'Choose one of those offered.');
        }

        return new self(
            $kind,
            $record->id('id'),
            $record->string('like'),
            $record->name('label'),
            array_map(trim(...), $record->record('typed')->stringMap()),
            $record->has('zones')
                ? array_map(
                    static fn(Record $zone): array => array_map(trim(...), $zone->stringMap()),
                    $record->records('zones'),
                )
                : [],
        );
    }

    /**
     * As the shelf writes it down.
     *
     * @return array<string, mixed>
     *
     * @throws Refusal naming every field that is wrong
     */
    public function toRecord(QuantityParser $parser): array
    {
        $errors = '' === $this->label ? ['label' => 'Give it a name.'] : [];
        $record = ['id' => $this->id, 'like' => $this->like, 'label' => $this->label];
        $margins = array_merge(...array_map(static fn(Shape $shape): array => $shape->margins(), Shape::cases()));
        $measures = match ($this->kind) {
            'markings' => ['margin'],
            // What is kept clear may be left empty: then it is as on the model.
            'blanks' => array_keys(
                array_filter(
                    $this->typed,
                    static fn(string $typed, string $field): bool => '' !== $typed ||
                        !in_array($field . '_mm', $margins, true),
                    \ARRAY_FILTER_USE_BOTH,
                ),
            ),
            default => ['thickness'],
        };
        foreach ($measures as $field) {
            try {
                $typed = $this->typed[$field] ?? '';
                $record[$field . '_mm'] = (str_ends_with($field, 'diameter')
                    ? Cylinder::typedDiameter($typed, $parser)
                    : $parser->length($typed)
                )->mm;
            } catch (UnreadableQuantity $e) {
                $errors[$field] = $e->getMessage();
            }
        }
        if ('media' === $this->kind) {
            $record += [
                'paper' => $this->typed['paper'] ?? '',
                'print_side' => $this->typed['print_side'] ?? '',
                'one_way' => 'yes' === ($this->typed['one_way'] ?? ''),
            ];
            $errors += '' === $record['print_side'] ? ['print_side' => 'Say which side takes the print.'] : [];
        }
        $zones = [];
        foreach ($this->zones as $i => $zone) {
            $zones[] = $this->zone($zone, $parser, 'zone' . $i, $errors);
        }
        $record += [] === $zones ? [] : ['zones' => $zones];
        if ([] !== $errors) {
            throw InvalidInput::fields($errors);
        }

        return $record;
    }

    /**
     * @param array<string, string> $zone
     * @param array<string, string> $errors takes what is wrong, by the zone and its field
     *
     * @return array<string, mixed>
     */
    private function zone(array $zone, QuantityParser $parser, string $name, array &$errors): array
    {
        $label = $zone['label'] ?? '';
        $errors +=
            '' === $label || mb_strlen($label) > self::LONGEST_ZONE
                ? [$name . '.label' => sprintf('Describe it in up to %d characters.', self::LONGEST_ZONE)]
                : [];
        $record = ['label' => $label, 'side' => $zone['side'] ?? '', 'hole' => 'yes' === ($zone['hole'] ?? '')];
        foreach (self::ZONE as $field) {
            try {
                $record[$field . '_mm'] = $parser->length($zone[$field] ?? '')->mm;
            } catch (UnreadableQuantity $e) {
                $errors[$name . '.' . $field] = $e->getMessage();
            }
        }

        return $record;
    }
}
