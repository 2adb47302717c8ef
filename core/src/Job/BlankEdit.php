<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Blank\PatternKind;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;

/** One field of a blank, changed as it was typed. */
final readonly class BlankEdit
{
    public const FIELDS = ['size', 'material', 'colour', 'condition', 'pattern', 'pattern_colour', 'repeat'];

    private function __construct(private Blank $blank) {}

    /**
     * @param string $field one of FIELDS
     *
     * @throws BadRecord|UnreadableQuantity when it is none that there is
     */
    public static function apply(Blank $blank, string $field, string $typed, QuantityParser $parser): Blank
    {
        $edit = new self($blank);

        return match ($field) {
            'size' => $edit->with(size: $typed),
            'material' => $edit->with(material: $typed),
            'colour' => $edit->with(colour: Colour::hex($typed)),
            'condition' => $edit->with(condition: Condition::tryFrom($typed) ?? throw self::notOffered()),
            'pattern' => $blank->with(
                '' === $typed ? null : $edit->pattern(kind: PatternKind::tryFrom($typed) ?? throw self::notOffered()),
            ),
            'pattern_colour' => $blank->with($edit->pattern(colour: Colour::hex($typed))),
            'repeat' => $blank->with($edit->pattern(repeatMm: $parser->length($typed)->mm)),
            default => throw BadRecord::at($field, 'A blank has no such field.'),
        };
    }

    /** That of the cloth; where it has none, the one that it gets first: dark stripes. */
    private function pattern(?PatternKind $kind = null, ?Colour $colour = null, ?float $repeatMm = null): Pattern
    {
        $old =
            $this->blank->pattern ?? Pattern::fromKind(PatternKind::Stripes, Colour::hex('#1d3557'), Pattern::USUAL_MM);

        return Pattern::fromKind($kind ?? $old->kind, $colour ?? $old->colour, $repeatMm ?? $old->repeatMm);
    }

    private function with(
        ?string $size = null,
        ?string $material = null,
        ?Colour $colour = null,
        ?Condition $condition = null,
    ): Blank {
        $old = $this->blank;

        return new Blank(
            $old->kindId,
            $size ?? $old->sizeId,
            $material ?? $old->materialId,
            $colour ?? $old->colour,
            $condition ?? $old->condition,
            $old->pattern,
        );
    }

    private static function notOffered(): BadRecord
    {
        return BadRecord::at('', JobEdit::NOT_OFFERED);
    }
}
