<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Drawing\Anchor;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Sketch;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\StepKind;

/**
 * Thin coats one after another, on several pieces: a round of coating goes over all of them, and the next begins when
 * the first piece is dry and the hands are free.
 */
final readonly class CoatsSum implements Sum
{
    private const LONGEST_S = 259200.0;
    private const MOST_COATS = 20;
    private const MOST_PIECES = 500;

    public function id(): string
    {
        return 'coats';
    }

    public function label(): string
    {
        return 'Coats and drying';
    }

    public function says(): string
    {
        return 'When each coat begins, and when the last one is dry.';
    }

    public function fields(Given $given): array
    {
        return [
            SumField::typed('coats', 'Coats', '3'),
            SumField::typed('dry', 'Drying time of a coat', '15 min'),
            SumField::typed('pieces', 'Pieces', '6'),
        ];
    }

    public function worked(Given $given): Worked
    {
        $coats = $given->count('coats', self::MOST_COATS);
        $pieces = $given->count('pieces', self::MOST_PIECES);
        $dry = $given->duration('dry', self::LONGEST_S);
        $given->mustHold();
        $hand = $given->catalogue->hands->of(StepKind::Coat);
        $round = $hand->hands($pieces);
        // Hands go round while the first piece dries; whichever takes longer sets the pace.
        $apart = max($round, $hand->hands(1) + $dry);
        $begins = array_map(static fn(int $coat): float => $coat * $apart, range(0, $coats - 1));
        $end = $begins[$coats - 1] + $round + $dry;
        $lines = [
            ['label' => 'All dry after', 'value' => Figure::time($end)],
            ['label' => 'Your hands, in all', 'value' => Figure::time($coats * $round)],
            ['label' => 'Hands free for other work', 'value' => Figure::time($end - $coats * $round)],
        ];
        foreach ($begins as $n => $at) {
            $lines[] = [
                'label' => sprintf('Coat %d begins', $n + 1),
                'value' => 0.0 === $at ? Phrase::of('at once') : Phrase::of('after {time}', self::of($at)),
            ];
        }

        return new Worked($lines, self::drawn($begins, $round, $dry, $end));
    }

    /** @param non-empty-list<float> $begins */
    private static function drawn(array $begins, float $round, float $dry, float $end): Drawing
    {
        // 200 wide whatever the time is.
        $scale = 200.0 / $end;
        $row = 9.0;
        $sketch = new Sketch(Rect::mm(0.0, 0.0, 200.0, $row * count($begins)), Colour::hex('#ffffff'));
        foreach ($begins as $n => $at) {
            $y = $n * $row;
            $sketch->rect(Pen::Hot, Rect::mm($at * $scale, $y, max(0.5, $round * $scale), 0.7 * $row));
            $sketch->rect(Pen::Foam, Rect::mm(($at + $round) * $scale, $y, max(0.5, $dry * $scale), 0.7 * $row));
            $sketch->note(-2.0, $y + 0.35 * $row, 'coat ' . ($n + 1), [], Anchor::End);
        }
        $foot = $row * count($begins) + 4.0;
        $sketch->line(Pen::Thin, [[0.0, $foot - 3.0], [200.0, $foot - 3.0]]);
        $sketch->note(200.0, $foot + $sketch->em * 0.4, '{time}', self::of($end), Anchor::End, true);
        $sketch->note(0.0, $foot + $sketch->em * 0.4, 'now', [], Anchor::Start);

        return $sketch->drawing('Each coat along the time: the work solid, the drying dotted');
    }

    /** @return array{time: Quantity} */
    private static function of(float $seconds): array
    {
        return ['time' => Quantity::duration(Duration::seconds($seconds))];
    }
}
