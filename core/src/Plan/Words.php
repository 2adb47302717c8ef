<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\QuantityKind;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\PeelRule;

/** Puts a job's own things and figures into the sentences that a route writes down once for all jobs. */
final readonly class Words
{
    /** How the heat source is set: dots and what they are meant to be, degrees, or a word. */
    public static function setting(Outfit $outfit): Phrase
    {
        $setting = $outfit->setting;
        $temperature = $outfit->temperature;
        $pressure = null === $setting->pressure ? '' : ', ' . $setting->pressure . ' pressure';
        if (null !== $setting->dots && null !== $temperature) {
            $dial = $outfit->heat?->dial;
            $mark =
                null !== $dial && 3 === $setting->dots
                    ? sprintf('%d of %d', $dial, $dial)
                    : str_repeat('●', $setting->dots);

            return Phrase::of($mark . ' {plate}, no steam', ['plate' => Quantity::temperature($temperature)]);
        }

        return null === $temperature
            ? Phrase::of($setting->word ?? 'by hand')
            : Phrase::of('{plate}' . $pressure, ['plate' => Quantity::temperature($temperature)]);
    }

    /** @param array<string, string> $more words of the step at hand */
    public static function in(string $sentence, Setup $setup, array $more = []): Phrase
    {
        $setting = self::setting($setup->outfit);
        $words = $more +
            self::ofTheHeat($setup) + [
                'base' => null === $setup->outfit->base ? 'a hard base' : 'the ' . $setup->outfit->base->label,
                'guard' => $setup->outfit->guard->label ?? self::usualGuard($setup->brief),
                'cover' => $setup->outfit->cover->label ?? 'a cover sheet',
                'heat' => $setup->outfit->heatKind->label(),
                'print-side' =>
                    $setup->outfit->recipe->printSide ?? ($setup->outfit->medium->printSide ?? 'its print side'),
                'reads' => $setup->arrangement->stack->mirrored()
                    ? 'It must read backwards.'
                    : 'It must read the right way round.',
                'through' => $setup->arrangement->stack->mirrored()
                    ? 'Through its back it reads the right way round.'
                    : 'Through its back it reads backwards.',
                'setting' => $setting->text,
                'peel' => $setup->outfit->peel->word,
                'peel-state' =>
                    'cold' === $setup->outfit->peel->word ? 'fully cool' : 'only just ' . $setup->outfit->peel->word,
                'driver-mirror' =>
                    $setup->arrangement->stack->mirrored() && true === $setup->outfit->marking?->mirrorsInDriver()
                        ? 'mirror on'
                        : 'mirror off',
                'print-setting' =>
                    'normal' === ($setup->outfit->ways->options['print-setting']->id ?? '')
                        ? 'normal paper'
                        : 'lightweight paper',
            ];
        $text = (string) preg_replace_callback(
            '/<([a-z-]+)>/',
            static fn(array $found): string => $words[$found[1]] ?? $found[0],
            $sentence,
        );
        // A sentence begins with a capital, whatever word came to stand there.
        $text = (string) preg_replace_callback(
            '/(?:^|[.!?] )\p{Ll}/u',
            static fn(array $found): string => mb_strtoupper($found[0]),
            $text,
        );
        $values = [];
        preg_match_all('/\{([a-z_]+)\}/', $text, $found);
        foreach (array_unique($found[1]) as $name) {
            $values[$name] = $setting->values[$name] ?? self::figure($name, $setup);
        }

        return Phrase::of($text, $values);
    }

    /**
     * How the heat source is used, and left.
     *
     * @return array<string, string>
     */
    private static function ofTheHeat(Setup $setup): array
    {
        return [
            'moving' => self::moving($setup->outfit),
            'parts' => match (true) {
                null === $setup->arrangement->tiling => '',
                $setup->outfit->ways->figures['overlap']->value > 0.0
                    => ' Let the parts overlap a little, so that no white line shows.',
                default => ' Lay the parts edge to edge, not over each other.',
            },
            'press' => HeatKind::Iron === $setup->outfit->heatKind ? 'iron' : 'press',
            'leave' => match ($setup->outfit->heatKind) {
                HeatKind::Iron => 'Unplug it, and stand it up where nobody can touch it.',
                HeatKind::FlatPress, HeatKind::MugPress => 'Leave it open to cool.',
                default => 'Keep it away from wax and paper until it is cold.',
            },
            'glide' => match ($setup->outfit->ways->options['iron-move']->id ?? null) {
                'keep-moving' => 'Move it about {pace}. The iron glides, and the sheet stays in its place.',
                'stand-press' => 'Lift the iron to move on.',
                default => 'The iron glides, and the sheet stays in its place.',
            },
        ];
    }

    /** What the route would have inside, where nothing is on the shelf. */
    private static function usualGuard(Brief $brief): string
    {
        return $brief->catalogue->supports->guards[$brief->route->stacking->guards[0] ?? 'card']->label;
    }

    private static function figure(string $name, Setup $setup): Quantity
    {
        $press = $setup->outfit->temperature;
        if ('press' === $name && null !== $press) {
            return Quantity::temperature($press);
        }
        if ('idle' === $name && null !== $setup->outfit->setting->idle) {
            return Quantity::temperature($setup->outfit->setting->idle);
        }
        if ('shift' === $name && null !== $setup->arrangement->coverage) {
            return Quantity::length($setup->arrangement->coverage->shiftMm);
        }
        if ('peel_at' === $name) {
            return self::peelAt($setup->outfit->peel);
        }
        $figure =
            $setup->outfit->ways->figures[$name] ??
            throw new \LogicException('There is no figure {' . $name . '} for ' . $setup->brief->route->id . '.');

        return $figure->quantity(QuantityKind::Duration === $figure->kind ? $setup->arrangement->seconds($name) : null);
    }

    private static function peelAt(PeelRule $peel): Quantity
    {
        if (null !== $peel->above && null !== $peel->below) {
            return Quantity::temperature($peel->above, $peel->below);
        }

        return Quantity::temperature(
            $peel->below ?? ($peel->above ?? throw new \LogicException('A peel that is waited for has a temperature.')),
        );
    }

    /** How a hand iron moves is disputed. */
    private static function moving(Outfit $outfit): string
    {
        return match ($outfit->ways->options['iron-move']->id ?? null) {
            'keep-moving' => 'and keep moving',
            'stand-press' => 'first without moving, then with pressure',
            default => 'in small, slow circles',
        };
    }
}
