<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Rect;

/**
 * A measure between two places, level or upright, with an arrow at either end. Its words interrupt the line where they
 * have room on it, and else stand beside it: to the right of an upright one, above a level one.
 */
final readonly class Dimension implements Mark
{
    public Note $note;

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    public function __construct(public array $from, public array $to, Phrase $words, float $em)
    {
        [$x, $y] = [($from[0] + $to[0]) / 2.0, ($from[1] + $to[1]) / 2.0];
        $long = hypot($to[0] - $from[0], $to[1] - $from[1]);
        $upright = abs($to[0] - $from[0]) < abs($to[1] - $from[1]);
        $within = $long > ($upright ? 3.2 : Note::ems($words) + 2.4) * $em;
        $this->note = match (true) {
            $within => new Note([$x, $y], $words),
            $upright => new Note([$x + 0.8 * $em, $y], $words, Anchor::Start),
            default => new Note([$x, $y - 0.9 * $em], $words),
        };
    }

    public function box(float $em): Rect
    {
        $half = 0.35 * $em;

        return Extent::of([
            [min($this->from[0], $this->to[0]) - $half, min($this->from[1], $this->to[1]) - $half],
            [max($this->from[0], $this->to[0]) + $half, max($this->from[1], $this->to[1]) + $half],
        ])->around($this->note->box($em));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'mark' => 'dimension',
            'from' => Extent::rounded([$this->from])[0],
            'to' => Extent::rounded([$this->to])[0],
            'note' => $this->note,
        ];
    }
}
