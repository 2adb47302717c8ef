<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\HeatKind;

/**
 * How the pictures on one piece get along: where they meet, which lies over which, and what the heat for one does to
 * another. Common practice, no source, unless the reference data says otherwise.
 */
final readonly class Layering
{
    /**
     * “Front”, “Back”; numbered where a side has several, and where a round piece has but one side.
     *
     * @param non-empty-list<Setup> $setups
     *
     * @return non-empty-list<string>
     */
    public static function names(array $setups): array
    {
        $on = array_count_values(array_map(static fn(Setup $setup): string => $setup->brief->side, $setups));
        $seen = [];
        $names = [];
        foreach ($setups as $setup) {
            $number = $seen[$setup->brief->side] = ($seen[$setup->brief->side] ?? 0) + 1;
            $word = null === $setup->placing->size->diameterMm ? ucfirst($setup->brief->side) : 'Picture';
            $names[] = 1 === $on[$setup->brief->side] ? $word : $word . ' ' . $number;
        }

        return $names;
    }

    /**
     * @param non-empty-list<Setup> $setups in the order they are pressed
     * @param non-empty-list<string> $names
     * @param int $at the one that is looked at, from 0
     *
     * @return list<Check>
     */
    public static function checks(array $setups, array $names, int $at): array
    {
        $upper = $setups[$at];
        $checks = [];
        $meets = false;
        for ($below = 0; $below < $at; ++$below) {
            $lower = $setups[$below];
            $shared = $lower->brief->side === $upper->brief->side ? self::shared($lower, $upper) : null;
            if (null !== $shared) {
                $meets = true;
                array_push($checks, ...self::over($lower, $upper, $shared, $names[$below], $below));
            }
        }
        if ($upper->brief->transfer->over && !$meets) {
            $checks[] = Check::found(
                'layer.nothing-below',
                Stage::Heat,
                Severity::Note,
                'place',
                Phrase::of('It is meant to lie over another picture, but no earlier picture lies there.'),
                Phrase::of('Move it, or press it after the picture that it covers.'),
                new Fix(Phrase::of('It does not lie over another'), ['over' => 'no']),
            );
        }
        if (self::together($setups, $at)) {
            $checks[] = Check::found(
                'layer.together',
                Stage::Heat,
                Severity::Note,
                'place',
                Phrase::of('It is pressed in one go with “' . $names[$at - 1] . '”.'),
                Phrase::of('Lay both on before you close the press.'),
            );
        }
        if ($at > 0) {
            array_push($checks, ...self::after($setups[$at - 1], $upper));
        }

        return $checks;
    }

    /**
     * What one picture wants after the one that is pressed before it.
     *
     * @return list<Check>
     */
    private static function after(Setup $before, Setup $upper): array
    {
        $checks = [];
        if ($upper->brief->side !== $before->brief->side) {
            $checks[] = Check::found(
                'layer.other-side',
                Stage::Heat,
                Severity::Note,
                'place',
                Phrase::of(
                    sprintf('The %s lies face down on the base while this side is heated.', $before->brief->side),
                ),
                Phrase::of('Let it cool fully first. Lay parchment or silicone under it.'),
            );
        }
        if (!self::sameSetting($before, $upper)) {
            $setting = Words::setting($upper->outfit);
            $checks[] = Check::found(
                'layer.setting',
                Stage::Heat,
                Severity::Note,
                'heat',
                Phrase::of(
                    'It needs another heat than the picture before it: ' .
                        ($upper->outfit->heat->label ?? 'none yet') .
                        ', ' .
                        $setting->text .
                        '.',
                    $setting->values,
                ),
                Phrase::of('Press the first picture on all pieces before you change the heat.'),
            );
        }

        return $checks;
    }

    /**
     * Whether a picture is pressed in one go with the one before it: side by side, the same way at the same setting, by
     * a press that holds both.
     *
     * @param non-empty-list<Setup> $setups
     */
    public static function together(array $setups, int $at): bool
    {
        $before = $setups[$at - 1] ?? null;
        $one = $setups[$at];
        if (
            null === $before ||
            null === $before->placing->placed ||
            null === $one->placing->placed ||
            $before->brief->side !== $one->brief->side ||
            $one->brief->transfer->over ||
            null !== self::shared($before, $one)
        ) {
            return false;
        }
        $alike =
            $before->brief->route->id === $one->brief->route->id &&
            self::sameSetting($before, $one) &&
            $before->outfit->medium?->like === $one->outfit->medium?->like &&
            $before->brief->finish === $one->brief->finish;

        return $alike &&
            match ($one->outfit->heat?->kind) {
                HeatKind::MugPress => true,
                HeatKind::FlatPress => null !== $one->outfit->heat->plate &&
                    $before->placing->placed->around($one->placing->placed)->size->fitsIn($one->outfit->heat->plate),
                default => false,
            };
    }

    /** @return list<Check> */
    private static function over(Setup $lower, Setup $upper, Rect $shared, string $name, int $number): array
    {
        $size = ['shared' => Quantity::size($shared->size)];
        if (!$upper->brief->transfer->over) {
            return [
                Check::found(
                    'layer.overlap-' . ($number + 1),
                    Stage::Print,
                    Severity::Stop,
                    'place',
                    Phrase::of('It lies over “' . $name . '” by {shared}.', $size),
                    Phrase::of('Move one of them, or say that it should lie over the other.'),
                    new Fix(Phrase::of('It should lie over it'), ['over' => 'yes']),
                ),
            ];
        }
        $checks = [
            Check::found(
                'layer.order-' . ($number + 1),
                Stage::Heat,
                Severity::Note,
                'place',
                Phrase::of('It lies over “' . $name . '” by {shared}: that one is pressed first.', $size),
                Phrase::of(
                    true === $upper->outfit->medium?->clear
                        ? 'Where nothing is printed it is clear: the one below shows through, and colour over ' .
                            'colour darkens.'
                        : 'It hides the picture below.',
                ),
            ),
        ];
        if (HeatKind::Burnisher !== $upper->outfit->heat?->kind) {
            $checks[] = Check::found(
                'layer.sinks-' . ($number + 1),
                Stage::Heat,
                Severity::Warn,
                'place',
                Phrase::of($lower->brief->route->character->beneath),
                Phrase::of('Try it on a scrap. Side by side nothing sinks.'),
            );
        }

        return $checks;
    }

    /** Where two pictures on one side meet; a round piece goes on behind its seam. */
    private static function shared(Setup $one, Setup $other): ?Rect
    {
        if (null === $one->placing->placed || null === $other->placing->placed) {
            return null;
        }
        $turns =
            null === $one->placing->size->diameterMm
                ? [0.0]
                : [0.0, $one->placing->size->widthMm, -$one->placing->size->widthMm];
        foreach ($turns as $turn) {
            $shared = $one->placing->placed->overlap($other->placing->placed->movedBy($turn));
            if (null !== $shared) {
                return $shared;
            }
        }

        return null;
    }

    private static function sameSetting(Setup $one, Setup $other): bool
    {
        return $one->outfit->heat?->id === $other->outfit->heat?->id &&
            $one->outfit->temperature?->celsius === $other->outfit->temperature?->celsius &&
            $one->outfit->setting->word === $other->outfit->setting->word;
    }
}
