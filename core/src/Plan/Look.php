<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\ColourWord;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Measure\Colour;

/** How a picture will come out at its size and on its blank, told from its pixels. */
final readonly class Look implements \JsonSerializable
{
    /** Colours of a smaller share are left out of the list. */
    private const WORTH_SHOWING = 0.01;

    /**
     * @param Foresight|null $foreseen null where an opaque ground hides the colour of the blank
     * @param float|null     $finestMm of a drawing's lines; null where there are none to measure
     */
    private function __construct(public Traits $traits, private Colour $cloth, public ?Foresight $foreseen, public ?float $finestMm, public CutLine $cut)
    {
    }

    public static function of(Traits $traits, float $widthMm, Colour $cloth, bool $opaque): self
    {
        $finest = $traits->palette->isFlat() ? $traits->strokes->finest() : null;

        return new self($traits, $cloth, $opaque ? null : $traits->on($cloth), null === $finest ? null : $finest * $widthMm, $traits->cutLine($widthMm));
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
            'background' => null === $background ? null : ['colour' => $background->toHex(), 'share' => $this->traits->backgroundShare],
            'finest_mm' => $this->finestMm,
            'cut' => ['length_mm' => $this->cut->lengthMm, 'corners' => $this->cut->corners, 'effort' => $this->cut->effort()->value, 'loops' => $this->cut->loops],
            'upside_down' => $this->traits->upsideDown,
        ];
    }
}
