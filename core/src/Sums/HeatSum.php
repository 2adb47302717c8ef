<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Anchor;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Temperature;

/**
 * Dial, dots and degrees of an iron. Dots are those of care labels; a dial is taken to run evenly from cold to one, two
 * and three dots at its first, second and third third (assumed: makers print no temperatures on it).
 */
final readonly class HeatSum implements Sum
{
    /** Where a dial begins, in °C (assumed: a room). */
    private const COLD_C = 20.0;
    private const LARGEST_DIAL = 20.0;

    public function id(): string
    {
        return 'heat';
    }

    public function label(): string
    {
        return 'Dial, dots and degrees';
    }

    public function says(): string
    {
        return 'What an iron’s dial or dots mean in °C and °F.';
    }

    public function fields(Given $given): array
    {
        return [
            SumField::either('heat', 'temperature', 'Temperature', '150 °C', '300 °F'),
            SumField::either('heat', 'dots', 'Dots'),
            SumField::either('heat', 'dial', 'On the dial'),
            SumField::typed('highest', 'The dial goes to', '6'),
        ];
    }

    public function worked(Given $given): Worked
    {
        $highest = $given->number('highest', 1.0, self::LARGEST_DIAL);
        $scale = self::scale($given);
        $step = match (true) {
            $given->has('dots') => $given->number('dots', 0.0, 3.0),
            $given->has('dial') => (3.0 * $given->number('dial', 0.0, $highest)) / $highest,
            default => self::stepOf($given->temperature('temperature')->celsius, $scale),
        };
        $given->mustHold();
        $celsius =
            $given->has('dots') || $given->has('dial')
                ? self::celsiusOf($step, $scale)
                : $given->temperature('temperature')->celsius;
        $dots = self::figure($step);
        $dial = self::figure(($step * $highest) / 3.0);
        $hotter = $celsius > $scale[3] + 0.5;
        $lines = [
            ['label' => 'In °C', 'value' => Phrase::of(round($celsius) . ' °C')],
            ['label' => 'In °F', 'value' => Phrase::of(round($celsius * 1.8 + 32.0) . ' °F')],
            [
                'label' => 'Dots',
                'value' => Phrase::of($hotter ? 'more than three: an iron does not get so hot' : $dots),
            ],
            [
                'label' => 'On the dial',
                'value' => Phrase::of(
                    $hotter ? 'beyond its end' : sprintf('about %s of %s', $dial, self::figure($highest)),
                ),
            ],
        ];

        return new Worked($lines, self::drawn($celsius, $scale, $highest), [
            'temperature' => Phrase::of('{t}', ['t' => Quantity::temperature(Temperature::celsius($celsius))]),
            'dots' => Phrase::of($hotter ? '' : $dots),
            'dial' => Phrase::of($hotter ? '' : $dial),
        ]);
    }

    /** @return array{float, float, float, float} °C at nothing, one, two and three dots */
    private static function scale(Given $given): array
    {
        $at = static fn(int $dots): float => $given->catalogue->heat->dotTemperature(max(1, min(3, $dots)))->celsius;

        return [self::COLD_C, $at(1), $at(2), $at(3)];
    }

    /** @param array{float, float, float, float} $scale */
    private static function celsiusOf(float $step, array $scale): float
    {
        $from = (int) min(2.0, floor($step));

        return $scale[$from] + ($step - $from) * ($scale[$from + 1] - $scale[$from]);
    }

    /** @param array{float, float, float, float} $scale */
    private static function stepOf(float $celsius, array $scale): float
    {
        $from = match (true) {
            $celsius <= $scale[1] => 0,
            $celsius <= $scale[2] => 1,
            default => 2,
        };

        return max(0.0, $from + ($celsius - $scale[$from]) / ($scale[$from + 1] - $scale[$from]));
    }

    /** @param array{float, float, float, float} $scale */
    private static function drawn(float $celsius, array $scale, float $highest): Drawing
    {
        // A millimetre of it is a degree.
        $top = max($scale[3], $celsius) + 20.0;
        $tube = Rect::mm(-6.0, 0.0, 12.0, $top);
        $sketch = new Sketch($tube, Colour::hex('#ffffff'));
        $sketch->rect(Pen::Paper, $tube);
        $sketch->rect(Pen::Hot, Rect::mm(-6.0, $top - max(1.0, $celsius), 12.0, max(1.0, $celsius)));
        foreach ([1, 2, 3] as $dots) {
            $y = $top - $scale[$dots];
            $sketch->line(Pen::Edge, [[6.0, $y], [14.0, $y]]);
            $sketch->note(
                17.0,
                $y,
                str_repeat('●', $dots) . '  {t}  dial ' . self::figure(($dots * $highest) / 3.0),
                ['t' => Quantity::temperature(Temperature::celsius($scale[$dots]))],
                Anchor::Start,
            );
        }
        $sketch->line(Pen::Motion, [[-14.0, $top - $celsius], [-6.0, $top - $celsius]]);
        $sketch->note(
            -17.0,
            $top - $celsius,
            '{t}',
            ['t' => Quantity::temperature(Temperature::celsius($celsius))],
            Anchor::End,
            true,
        );

        return $sketch->drawing('The temperature on a scale with the three dots');
    }

    private static function figure(float $number): string
    {
        return rtrim(rtrim(sprintf('%.1F', $number), '0'), '.');
    }
}
