<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Rect;

/** Words on a drawing, in one line; their middle is as high as their place. */
final readonly class Note implements Mark
{
    /** Of a letter's height, on the average of a line of words, and a little more so that none touch (measured). */
    private const LETTER = 0.56;

    public const LARGE = 1.5;

    /** How long a figure with its unit is written, in letters. */
    private const FIGURE = 'figure';

    /**
     * @param array{float, float} $at
     * @param bool $large half as high again as other words: a number that is looked for
     */
    public function __construct(
        public array $at,
        public Phrase $words,
        public Anchor $anchor = Anchor::Middle,
        public bool $strong = false,
        public bool $large = false,
    ) {}

    /** How wide words are about, in letters' heights. */
    public static function ems(Phrase $words): float
    {
        return self::LETTER * mb_strlen((string) preg_replace('/\{[a-z_]+\}/', self::FIGURE, $words->text));
    }

    public function box(float $em): Rect
    {
        $em *= $this->large ? self::LARGE : 1.0;
        $wide = max(1.0, self::ems($this->words)) * $em;
        $left = match ($this->anchor) {
            Anchor::Start => $this->at[0],
            Anchor::Middle => $this->at[0] - $wide / 2.0,
            Anchor::End => $this->at[0] - $wide,
        };

        return Rect::mm($left, $this->at[1] - 0.6 * $em, $wide, 1.2 * $em);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'mark' => 'note',
            'at' => Extent::rounded([$this->at])[0],
            'words' => $this->words,
            'anchor' => $this->anchor->value,
            'strong' => $this->strong,
            'large' => $this->large,
        ];
    }
}
