<?php

declare(strict_types=1);

namespace Wubbin\Core\Cost;

use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Route\Catalogue;

/** One thing that is bought, stocked and used up: “sheet film-clear-a4”, “blank shirt M #ffffff”. */
final readonly class Item
{
    /** @param string $id of the medium, printer, tape or cover; of a blank its kind, size and colour */
    public function __construct(public Stuff $stuff, public string $id, public string $label, public string $unit) {}

    public static function blank(string $kind, string $size, Colour $colour, Catalogue $catalogue): self
    {
        $of = $catalogue->blanks[$kind] ?? null;
        $label = $catalogue->sizes()[$size]->label ?? $size;
        $name = Shape::Garment === $of?->shape ? $of->label . ' ' . $label : $label;

        return new self(
            Stuff::Blank,
            $kind . ' ' . $size . ' ' . $colour->toHex(),
            ucfirst($name) . ', ' . $catalogue->colours->nameOf($colour),
            Stuff::Blank->unit(),
        );
    }

    public function key(): string
    {
        return $this->stuff->value . ' ' . $this->id;
    }

    /**
     * What a key stands for.
     *
     * @return array{Stuff, string}
     *
     * @throws BadRecord where it stands for nothing
     */
    public static function read(string $key): array
    {
        [$stuff, $id] = explode(' ', $key, 2) + [1 => ''];

        return [Stuff::tryFrom($stuff) ?? throw BadRecord::at('item', 'There is nothing of this kind to stock.'), $id];
    }
}
