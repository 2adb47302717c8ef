<?php

declare(strict_types=1);

namespace Wubbin\Core\Blank;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * A blank of one size with its shop drawing at true size.
 *
 * The origin is the middle of the edge that distances are taken from: the collar seam of a shirt, the upper edge of a
 * board, the rim of a mug. x grows to the viewer's right, y downwards, in mm. A round blank is unrolled: x runs round
 * it, with the seam (and a mug's handle) at both ends. Of one that tapers, x runs round it at the height that is looked
 * at, first the middle of its wall, and y along the wall; its drawing is the part of a ring that it unrolls to.
 */
final readonly class BlankSize
{
    public const SMALLEST_MM = 10.0;
    public const LARGEST_MM = 2000.0;
    /** What ids of sleeves end in. */
    public const SLEEVE = 'sleeve';
    private const NO_ROOM = 'This is so small that no print area is left. Copy a smaller one.';

    /**
     * @param string $like id of the built-in one that it is a copy of; its own where it is one
     * @param array<string, float> $measures as its record has them, in mm
     * @param list<Zone> $zones of all its sides
     * @param array<string, TracedEdge> $traced its true outline by side, where it was traced
     * @param list<DrawnLine> $drawing
     * @param string|null $from what distances are taken from, where that is not as on its kind's
     *                          other sides
     * @param TracedEdge|null $edge of the side that is looked at
     */
    public function __construct(
        public string $id,
        public string $like,
        public string $label,
        public Shape $shape,
        private array $measures,
        public array $zones,
        private array $traced,
        public float $widthMm,
        public float $heightMm,
        public ?float $diameterMm,
        public Rect $printArea,
        public array $drawing,
        public ?Taper $taper = null,
        public ?string $from = null,
        public ?TracedEdge $edge = null,
    ) {}

    /** @param Shape $shape of its kind; a round one whose rim and foot are told apart is tapered */
    public static function fromRecord(Record $record, Shape $shape): self
    {
        $measures = [];
        foreach (array_diff($record->keys(), ['id', 'label', 'like', 'zones', 'outlines']) as $name) {
            $measures[$name] = $record->number($name);
        }
        $id = $record->string('id');

        return BlankBuilder::build(
            $id,
            $record->stringOrNull('like') ?? $id,
            $record->string('label'),
            Shape::Round === $shape && isset($measures['rim_diameter_mm']) ? Shape::Tapered : $shape,
            $measures,
            $record->has('zones') ? array_map(Zone::fromRecord(...), $record->records('zones')) : [],
            $record->has('outlines') ? array_map(TracedEdge::fromRecord(...), $record->recordMap('outlines')) : [],
            '',
        );
    }

    /**
     * A blank of a shop's own, measured there; what it does not tell is that of the one it is a copy of.
     *
     * @throws BadRecord naming the measure: outside 10 to 2000 mm, or so small that nothing is left to print on
     */
    public function copiedAs(Record $own): self
    {
        if ($own->has('outlines') && $this->shape->isRound()) {
            throw BadRecord::at('like', 'A round piece is measured, not traced.');
        }
        $measures = $this->measuredAs($own);
        $narrowest = $this->shape->measures()[0];
        $zones = $own->has('zones')
            ? $own->records('zones')
            : array_map(static fn(Zone $zone): Record => Record::of($zone->toRecord()), $this->zones);
        try {
            $copy = BlankBuilder::build(
                $own->string('id'),
                $this->id,
                $own->words('label'),
                $this->shape,
                $measures,
                array_map(Zone::fromRecord(...), $zones),
                $own->has('outlines') ? array_map(TracedEdge::fromRecord(...), $own->recordMap('outlines')) : [],
                '',
            );
        } catch (UnreadableQuantity) {
            throw BadRecord::at($narrowest, self::NO_ROOM);
        }
        if (
            [] === $copy->traced &&
            ($copy->printArea->size->widthMm > $copy->widthMm || $copy->printArea->bottom() > $copy->heightMm)
        ) {
            throw BadRecord::at(
                isset($measures['print_width_mm']) && $own->has('print_width_mm') ? 'print_width_mm' : $narrowest,
                self::NO_ROOM,
            );
        }

        return $copy;
    }

    /**
     * @return array<string, float> in mm, by what is measured
     *
     * @throws BadRecord naming the measure that cannot be
     */
    private function measuredAs(Record $own): array
    {
        $measures = $this->measures;
        $needed = $own->has('outlines') ? [] : $this->shape->measures();
        foreach ($needed as $name) {
            $mm = $own->number($name);
            if ($mm < self::SMALLEST_MM || $mm > self::LARGEST_MM) {
                throw BadRecord::at(
                    $name,
                    UnreadableQuantity::outOfRange(
                        'A measure of a blank',
                        '10 mm (0.4 in)',
                        '2000 mm (79 in)',
                    )->getMessage(),
                );
            }
            $measures[$name] = $mm;
        }
        foreach ($this->shape->margins() as $name) {
            $mm = $own->numberOrNull($name) ?? $measures[$name];
            if ($mm < 0.0 || $mm > self::LARGEST_MM) {
                throw BadRecord::at(
                    $name,
                    UnreadableQuantity::outOfRange('It', '0 mm', '2000 mm (79 in)')->getMessage(),
                );
            }
            $measures[$name] = $mm;
        }
        if (($measures['rim_diameter_mm'] ?? 0.0) === ($measures['foot_diameter_mm'] ?? -1.0)) {
            throw BadRecord::at(
                'foot_diameter_mm',
                'The foot is as wide as the rim, so the piece is straight. Copy a straight one.',
            );
        }

        return $measures;
    }

    /** @return array<string, mixed> of a shop's own: what is measured of it */
    public function toRecord(): array
    {
        $measured = [...$this->shape->measures(), ...$this->shape->margins()];

        return ['id' => $this->id, 'like' => $this->like, 'label' => $this->label] +
            ([] === $this->traced ? array_intersect_key($this->measures, array_flip($measured)) : []) +
            ([] === $this->zones
                ? []
                : ['zones' => array_map(static fn(Zone $zone): array => $zone->toRecord(), $this->zones)]) +
            ([] === $this->traced
                ? []
                : ['outlines' => array_map(static fn(TracedEdge $edge): array => $edge->toRecord(), $this->traced)]);
    }

    /** @return array<string, float> what is measured of it, in mm, by the names of its record */
    public function measured(): array
    {
        return $this->measures;
    }

    /**
     * As it is seen from one of its sides: of a garment, the back is measured from its own collar, a sleeve from the
     * shoulder.
     */
    public function seenFrom(string $side): self
    {
        return BlankBuilder::build(
            $this->id,
            $this->like,
            $this->label,
            $this->shape,
            $this->measures,
            $this->zones,
            $this->traced,
            $side,
        );
    }

    /**
     * As it is at the height of a picture on it: one that tapers is there as wide round as the middle of the picture
     * is.
     *
     * @param Rect|null $placed the picture on it
     */
    public function levelWith(?Rect $placed): self
    {
        $taper = $this->taper;
        if (null === $taper || null === $placed) {
            return $this;
        }
        // Held to the wall: a picture that hangs over its end is told of by the checks.
        $down = min(max($placed->yMm + $placed->size->heightMm / 2.0, 0.0), $taper->slantMm());

        return BlankBuilder::tapered(
            $this->id,
            $this->like,
            $this->label,
            $this->measures,
            $this->zones,
            $taper,
            $down,
        );
    }

    /** @return list<Zone> what is kept clear on a side */
    public function zonesOn(string $side): array
    {
        return array_values(array_filter($this->zones, static fn(Zone $zone): bool => $zone->side === $side));
    }

    /** @return list<array{float, float}> the edge of its print area on its drawing */
    public function areaLine(): array
    {
        $area = $this->printArea;
        if (null === $this->taper) {
            return $area->corners();
        }
        $half = (\M_PI * $area->size->widthMm) / $this->widthMm;

        return $this->taper->part(-$half, $half, $area->yMm, $area->bottom());
    }

    public function isOwn(): bool
    {
        return $this->like !== $this->id;
    }

    public function forChild(): bool
    {
        return str_starts_with($this->like, 'child');
    }
}
