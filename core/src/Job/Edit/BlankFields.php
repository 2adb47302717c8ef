<?php

declare(strict_types=1);

namespace Wubbin\Core\Job\Edit;

use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Blank\PatternKind;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\Colour;

/** What a job is pressed on. */
final readonly class BlankFields
{
    /** @return array<string, \Closure(Draft, string): Job> */
    public static function edits(): array
    {
        return [
            'kind' => self::kind(...),
            'size' => static fn(Draft $draft, string $typed): Job => self::blank($draft, size: $typed),
            'material' => static fn(Draft $draft, string $typed): Job => self::blank($draft, material: $typed),
            'colour' => static fn(Draft $draft, string $typed): Job => self::blank($draft, colour: Colour::hex($typed)),
            'condition' => static fn(Draft $draft, string $typed): Job => self::blank(
                $draft,
                condition: Condition::tryFrom($typed) ?? throw Draft::notOffered(),
            ),
            'pattern' => static fn(Draft $draft, string $typed): Job => $draft->job->with(
                blank: $draft
                    ->blank()
                    ->with(
                        '' === $typed
                            ? null
                            : self::pattern($draft, kind: PatternKind::tryFrom($typed) ?? throw Draft::notOffered()),
                    ),
            ),
            'pattern_colour' => static fn(Draft $draft, string $typed): Job => $draft->job->with(
                blank: $draft->blank()->with(self::pattern($draft, colour: Colour::hex($typed))),
            ),
            'repeat' => static fn(Draft $draft, string $typed): Job => $draft->job->with(
                blank: $draft->blank()->with(self::pattern($draft, repeatMm: $draft->parser->length($typed)->mm)),
            ),
        ];
    }

    /** With its usual size, material and condition. */
    private static function kind(Draft $draft, string $id): Job
    {
        $kind = $draft->catalogue->blanks[$id] ?? throw Draft::notOffered();

        return $draft->job->with(
            blank: new Blank(
                $id,
                (string) array_key_first($kind->sizes),
                $kind->materials[0] ?? '',
                $draft->blank()->colour,
                $kind->conditions[0] ?? Condition::New,
            ),
            breakdown: [],
        );
    }

    /** Every picture on a side that there is, of usual size in the usual place: what another kind takes along. */
    public static function fitted(Draft $draft): Job
    {
        $sides = $draft->kind()->sides;

        return $draft->job->with(
            transfers: array_map(static function (Transfer $transfer) use ($sides, $draft): Transfer {
                $moved = $transfer->with(
                    sideId: isset($sides[$transfer->sideId]) ? null : (string) array_key_first($sides),
                );

                return $moved->with(placement: $draft->places()->usual($moved));
            }, $draft->job->transfers),
        );
    }

    /** That of the cloth; where it has none, the one that it gets first: dark stripes. */
    private static function pattern(
        Draft $draft,
        ?PatternKind $kind = null,
        ?Colour $colour = null,
        ?float $repeatMm = null,
    ): Pattern {
        $old =
            $draft->blank()->pattern ??
            Pattern::fromKind(PatternKind::Stripes, Colour::hex('#1d3557'), Pattern::USUAL_MM);

        return Pattern::fromKind($kind ?? $old->kind, $colour ?? $old->colour, $repeatMm ?? $old->repeatMm);
    }

    private static function blank(
        Draft $draft,
        ?string $size = null,
        ?string $material = null,
        ?Colour $colour = null,
        ?Condition $condition = null,
    ): Job {
        $old = $draft->blank();

        return $draft->job->with(
            blank: new Blank(
                $old->kindId,
                $size ?? $old->sizeId,
                $material ?? $old->materialId,
                $colour ?? $old->colour,
                $condition ?? $old->condition,
                $old->pattern,
            ),
        );
    }
}
