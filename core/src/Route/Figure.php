<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\QuantityKind;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * One figure of a recipe, with where it comes from and, where the trade gives one, the usual range.
 *
 * Two kinds are not told once for all: seconds that grow with the picture's area from a small piece to a full sheet,
 * and seconds that are what is left of a least time in all after other steps have had theirs.
 */
final readonly class Figure
{
    /** What figures are called where a person types one. */
    private const LABELS = [
        'dry' => 'Drying',
        'trim' => 'Cut this far outside',
        'dwell' => 'Time under heat',
        'edges' => 'Edges',
        'pace' => 'Pace of the iron',
        'prepress' => 'Pressing it empty',
        'tack' => 'Tack',
        'again' => 'Pressing a spot again',
        'still' => 'Standing still',
        'soak' => 'Soaking',
        'coats' => 'Clear coats',
        'coat_wait' => 'Between coats',
        'hinge' => 'Strip for the hinge',
        'carrier' => 'Carrier larger by',
        'melt' => 'Time under hot air',
        'set' => 'Setting before the peel',
        'overlap' => 'Parts overlap by',
        'varnish' => 'Varnish dries',
        'overnight' => 'Drying fully',
        'fuse' => 'Fusing',
    ];

    /**
     * @param float $value in the unit of its kind
     * @param array{float, float}|null $range in the unit of its kind
     * @param array{float, float, float, float}|null $byArea seconds and mm² of a small piece, then of a full sheet
     * @param array{float, float, string}|null $restOf least seconds in all, from which longer side in mm, of
     *                                                 which figure
     */
    private function __construct(
        public string $id,
        public QuantityKind $kind,
        public float $value,
        public ?array $range,
        public ?array $byArea,
        public ?array $restOf,
        public Provenance $provenance,
    ) {}

    /** @throws BadRecord when it has no unit that is known */
    public static function fromRecord(string $id, Record $record, Provenance $provenance): self
    {
        $own = $record->recordOrNull('provenance');
        $from = null === $own ? $provenance : Provenance::fromRecord($own);
        if ($record->has('rest_s')) {
            return new self(
                $id,
                QuantityKind::Duration,
                0.0,
                null,
                null,
                [$record->number('rest_s'), $record->number('from_mm'), $record->string('of')],
                $from,
            );
        }
        if ($record->has('small_s')) {
            $byArea = [
                $record->number('small_s'),
                $record->number('small_mm2'),
                $record->number('full_s'),
                $record->number('full_mm2'),
            ];

            return new self($id, QuantityKind::Duration, $byArea[0], [$byArea[0], $byArea[2]], $byArea, null, $from);
        }
        foreach (
            [
                's' => QuantityKind::Duration,
                'mm' => QuantityKind::Length,
                'mm_s' => QuantityKind::Speed,
                'c' => QuantityKind::Temperature,
                'times' => QuantityKind::Count,
            ]
            as $unit => $kind
        ) {
            if ($record->has($unit)) {
                $range = $record->has('from') ? [$record->number('from'), $record->number('to')] : null;

                return new self($id, $kind, $record->number($unit), $range, null, null, $from);
            }
        }
        throw BadRecord::at($id, 'A figure has a unit: s, mm, mm_s, c or times.');
    }

    /**
     * A figure that somebody set in place of this one.
     *
     * @throws UnreadableQuantity when it cannot be: negative, or out of all sense
     */
    public function replacedBy(float $value, Provenance $provenance): self
    {
        [$least, $most] = match ($this->kind) {
            QuantityKind::Duration => [0.0, 86_400.0],
            QuantityKind::Temperature => [20.0, 260.0],
            QuantityKind::Count => [1.0, 20.0],
            default => [0.0, 1000.0],
        };
        if (!is_finite($value) || $value < $least || $value > $most) {
            throw UnreadableQuantity::outOfRange('This', self::number($least), self::number($most));
        }

        return new self($this->id, $this->kind, $value, $this->range, null, null, $provenance);
    }

    public function label(): string
    {
        return self::LABELS[$this->id] ?? $this->id;
    }

    /** Seconds for a picture of this area, in mm²; the straight line between a small piece and a full sheet. */
    public function secondsFor(?float $areaMm2): float
    {
        if (null === $this->byArea || null === $areaMm2) {
            return $this->value;
        }
        [$small, $smallArea, $full, $fullArea] = $this->byArea;
        $share = max(0.0, min(1.0, ($areaMm2 - $smallArea) / ($fullArea - $smallArea)));

        return round($small + $share * ($full - $small));
    }

    public function quantity(?float $value = null): Quantity
    {
        return self::of($this->kind, $value ?? $this->value);
    }

    public function rangeQuantity(): ?Quantity
    {
        return match (true) {
            null === $this->range => null,
            QuantityKind::Duration === $this->kind => Quantity::duration(
                Duration::seconds($this->range[0]),
                Duration::seconds($this->range[1]),
            ),
            QuantityKind::Temperature === $this->kind => Quantity::temperature(
                Temperature::celsius($this->range[0]),
                Temperature::celsius($this->range[1]),
            ),
            default => null,
        };
    }

    private static function of(QuantityKind $kind, float $value): Quantity
    {
        return match ($kind) {
            QuantityKind::Duration => Quantity::duration(Duration::seconds($value)),
            QuantityKind::Temperature => Quantity::temperature(Temperature::celsius($value)),
            QuantityKind::Speed => Quantity::speed($value),
            QuantityKind::Count => Quantity::count($value),
            default => Quantity::length($value),
        };
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
