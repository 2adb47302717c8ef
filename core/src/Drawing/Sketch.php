<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Rect;

/** A drawing on its way: what is drawn is known first, and its letters are as large as it can bear. */
final class Sketch
{
    /**
     * What is drawn is so many letters' heights wide and high, whichever is less for it: readable at an arm's length
     * where the drawing is as large as half a tablet (assumed).
     */
    public const WIDE = 22.0;
    public const HIGH = 18.0;

    /** Around everything, in letters' heights. */
    private const MARGIN = 0.5;

    public readonly float $em;

    /** @var list<Mark> */
    private array $marks = [];

    /** @param Rect $content what is drawn, without words and measures */
    public function __construct(public readonly Rect $content, private readonly Colour $piece)
    {
        $this->em = max($content->size->widthMm / self::WIDE, $content->size->heightMm / self::HIGH);
    }

    public function add(?Mark ...$marks): self
    {
        foreach ($marks as $mark) {
            if (null !== $mark) {
                $this->marks[] = $mark;
            }
        }

        return $this;
    }

    /** @param non-empty-list<array{float, float}> $points */
    public function area(Pen $pen, array $points): self
    {
        return $this->add(new Line($pen, $points, true));
    }

    public function rect(Pen $pen, Rect $rect): self
    {
        return $this->area($pen, $rect->corners());
    }

    /** @param non-empty-list<array{float, float}> $points */
    public function line(Pen $pen, array $points): self
    {
        return $this->add(new Line($pen, $points));
    }

    /** @param non-empty-list<array{float, float}> $points */
    public function arrow(array $points): self
    {
        return $this->add(new Line(Pen::Motion, $points, false, true));
    }

    /** @param array<string, Quantity> $values */
    public function note(
        float $x,
        float $y,
        string $words,
        array $values = [],
        Anchor $anchor = Anchor::Middle,
        bool $strong = false,
    ): self {
        return $this->add(new Note([$x, $y], Phrase::of($words, $values), $anchor, $strong));
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    public function dimension(array $from, array $to, float $mm, string $words = '{length}'): self
    {
        $phrase = Phrase::of($words, ['length' => Quantity::length(abs($mm))]);

        return $this->add(new Dimension($from, $to, $phrase, $this->em));
    }

    /** How wide something is, measured so many letters' heights below it. */
    public function acrossBelow(Rect $rect, float $ems): self
    {
        $y = $rect->bottom() + $ems * $this->em;

        return $this->dimension([$rect->xMm, $y], [$rect->right(), $y], $rect->size->widthMm);
    }

    /** How high something is, measured so many letters' heights to the right of it. */
    public function uprightBeside(Rect $rect, float $ems): self
    {
        $x = $rect->right() + $ems * $this->em;

        return $this->dimension([$x, $rect->yMm], [$x, $rect->bottom()], $rect->size->heightMm);
    }

    public function drawing(string $says): Drawing
    {
        $frame = $this->content;
        foreach ($this->marks as $mark) {
            $box = $mark->box($this->em);
            $frame = null === $box ? $frame : $frame->around($box);
        }
        if ([] === $this->marks) {
            throw new \LogicException('A drawing shows something.');
        }

        return new Drawing($frame->grown(self::MARGIN * $this->em), $this->em, $this->marks, $this->piece, $says);
    }
}
