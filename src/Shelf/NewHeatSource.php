<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** A heat source as it is typed in; the page gives it its id, so that sending it twice adds it once. */
#[OA\Schema(required: ['id', 'label', 'kind'])]
final readonly class NewHeatSource
{
    /** What is typed for each kind, and the field of the record that it becomes. */
    private const LENGTHS = [
        'width' => 'plate_width_mm',
        'length' => 'plate_length_mm',
        'least' => 'diameter_from_mm',
        'most' => 'diameter_to_mm',
        'patch' => 'patch_mm',
    ];
    private const LEAST_WATTS = 10.0;
    private const MOST_WATTS = 20000.0;
    private const TEMPERATURES = ['from' => 'from_c', 'to' => 'to_c'];

    /** @param array<string, string> $typed */
    private function __construct(
        public string $id,
        public string $label,
        #[
            OA\Property(
                type: 'string',
                enum: ['iron', 'flat-press', 'mug-press', 'dryer', 'gun', 'spoon', 'burnisher'],
            ),
        ]
        public HeatKind $kind,
        #[OA\Property(description: 'Highest dots of an iron')] public int $dots,
        #[OA\Property(description: 'Highest number on an iron’s dial, or 0 where it has none')] public int $dial,
        public bool $steam,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
                description: 'As typed: width and length of a plate, from and to of ' .
                    'its temperature, least and most diameter ' .
                    'of a mug, the spot that hot air heats, watts',
            ),
        ]
        public array $typed,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->id('id'),
            $record->name('label'),
            $record->enum('kind', HeatKind::class),
            $record->has('dots') ? $record->integer('dots') : 3,
            $record->has('dial') ? $record->integer('dial') : 0,
            $record->has('steam') && $record->boolean('steam'),
            $record->recordOrNull('typed')?->stringMap() ?? [],
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
        $record = ['id' => $this->id, 'label' => $this->label, 'kind' => $this->kind->value];
        if (HeatKind::Iron === $this->kind) {
            $record +=
                ['dots' => $this->dots, 'steam' => $this->steam] + ($this->dial > 0 ? ['dial' => $this->dial] : []);
        }
        foreach ($this->wanted() as $field => $key) {
            try {
                $typed = $this->typed[$field] ?? '';
                $record[$key] = isset(self::LENGTHS[$field])
                    ? $parser->length($typed)->mm
                    : $parser->temperature($typed)->celsius;
            } catch (UnreadableQuantity $e) {
                $errors[$field] = $e->getMessage();
            }
        }
        $watts = Digits::ascii(trim($this->typed['watts'] ?? ''));
        if ('' !== $watts) {
            $number = 1 === preg_match('/^(\d{1,5})(?:[.,]0+)?\s*W?$/i', $watts, $found) ? (float) $found[1] : 0.0;
            if ($number < self::LEAST_WATTS || $number > self::MOST_WATTS) {
                $errors['watts'] =
                    'Write the watts that stand on it, from 10 to 20000. Leave it empty if you do not know.';
            }
            $record['watts'] = $number;
        }
        if ([] !== $errors) {
            throw InvalidInput::fields($errors);
        }

        return $record;
    }

    /** The field of this form that a field of the record was typed in. */
    public static function fieldOf(string $key): string
    {
        return array_flip(self::LENGTHS + self::TEMPERATURES)[$key] ?? $key;
    }

    /** @return array<string, string> */
    private function wanted(): array
    {
        $lengths = match ($this->kind) {
            HeatKind::Iron, HeatKind::FlatPress => ['width', 'length'],
            HeatKind::MugPress => ['least', 'most'],
            // Who does not know it leaves it empty.
            HeatKind::Dryer, HeatKind::Gun => '' === trim($this->typed['patch'] ?? '') ? [] : ['patch'],
            default => [],
        };
        $temperatures = in_array($this->kind, [HeatKind::FlatPress, HeatKind::MugPress], true)
            ? self::TEMPERATURES
            : [];

        return array_intersect_key(self::LENGTHS, array_flip($lengths)) + $temperatures;
    }
}
