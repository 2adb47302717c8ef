<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Background;
use Wubbin\Core\Artwork\ColourWord;
use Wubbin\Core\Artwork\CutEffort;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Measure\Colour;

/** How a picture will come out at its size and on its blank, told from its pixels. */
final readonly class Look implements \JsonSerializable
{
    /** A picture that fills more of its rectangle is cut along that. */
    private const WORTH_CUTTING = 0.05;

    /** Colours of a smaller share are left out of the list. */
    private const WORTH_SHOWING = 0.01;

    /**
     * @param Foresight|null $foreseen null where an opaque ground hides the colour of the blank
     * @param float|null     $finestMm of a drawing's lines; null where there are none to measure
     * @param float          $trimMm   how far outside the picture it is cut
     */
    private function __construct(public Traits $traits, private Colour $cloth, public ?Foresight $foreseen, public ?float $finestMm, public CutLine $cut, private float $trimMm)
    {
    }

    public static function of(Traits $traits, float $widthMm, float $trimMm, Colour $cloth, bool $opaque): self
    {
        $finest = $traits->palette->isFlat() ? $traits->strokes->finest() : null;

        return new self($traits, $cloth, $opaque ? null : $traits->on($cloth), null === $finest ? null : $finest * $widthMm, $traits->cutLine($widthMm, $trimMm), $trimMm);
    }

    /**
     * The line that its sheet is cut along: its outline, where there is something to cut away and scissors can follow.
     *
     * @return list<non-empty-list<array{float, float}>> in mm from the picture's upper left corner; none for its rectangle
     */
    public function trimLine(): array
    {
        return $this->traits->backgroundShare < self::WORTH_CUTTING || CutEffort::Hard === $this->cut->effort() ? [] : $this->cut->loops;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $background = $this->traits->background;

        return [
            // What the blank gives back of each channel, in linear light.
            'filter' => null === $this->foreseen ? null : $this->cloth->linearChannels(),
            'words' => $this->foreseen?->inWords() ?? '',
            'lost' => $this->foreseen?->lost() ?? 0.0,
            'colours' => array_map(static fn (array $part): array => [
                'word' => ColourWord::of($part['colour']),
                'meant' => $part['colour']->toHex(),
                'seen' => $part['seen']->toHex(),
                'share' => $part['share'],
                'difference' => round($part['difference'], 1),
                'fate' => $part['fate']->value,
            ], array_values(array_filter($this->foreseen->parts ?? [], static fn (array $part): bool => $part['share'] >= self::WORTH_SHOWING))),
            'background' => null === $background ? null : ['colour' => $background->toHex(), 'share' => $this->traits->backgroundShare, 'tolerance' => Background::TOLERANCE],
            'finest_mm' => $this->finestMm,
            'cut' => ['margin_mm' => $this->trimMm, 'length_mm' => $this->cut->lengthMm, 'corners' => $this->cut->corners, 'effort' => $this->cut->effort()->value, 'loops' => $this->cut->loops],
            'upside_down' => $this->traits->upsideDown,
        ];
    }
}
