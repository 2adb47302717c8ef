<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\QuantityKind;
use Wubbin\Core\Measure\QuantityParser;
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
        'prepress' => 'Pressing without the print',
        'tack' => 'Tack',
        'again' => 'Pressing a spot again',
        'still' => 'Standing still',
        'soak' => 'Soaking',
        'coats' => 'Clear coats',
        'coat_wait' => 'Between coats',
        'hinge' => 'Strip for the hinge',
        'carrier' => 'Carrier larger by',
        'melt' => 'Time under hot air',
        'set' => 'Waiting before the peel',
        'overlap' => 'Parts overlap by',
        'varnish' => 'Varnish dries',
        'overnight' => 'Drying fully',
        'fuse' => 'Fusing',
    ];

    /**
     * What a person can mean, in the unit of its kind: wide of every figure that the trade gives, and short of what is
     * a slip of the finger (common practice, no source).
     */
    private const LIMITS = [
        'dry' => [0.0, 172_800.0],
        'trim' => [0.0, 50.0],
        'dwell' => [1.0, 1800.0],
        'edges' => [0.0, 1800.0],
        'pace' => [0.2, 100.0],
        'prepress' => [0.0, 120.0],
        'tack' => [0.0, 60.0],
        'again' => [1.0, 600.0],
        'still' => [0.0, 600.0],
        'soak' => [1.0, 3600.0],
        'coats' => [1.0, 20.0],
        'coat_wait' => [0.0, 86_400.0],
        'hinge' => [0.0, 100.0],
        'carrier' => [0.0, 200.0],
        'melt' => [5.0, 3600.0],
        'set' => [0.0, 3600.0],
        'overlap' => [0.0, 30.0],
        'varnish' => [0.0, 604_800.0],
        'overnight' => [0.0, 604_800.0],
        'fuse' => [5.0, 1800.0],
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
     * A figure that somebody sets in place of this one.
     *
     * @throws UnreadableQuantity when it lies outside what a person can mean, or is a part of a count
     */
    public function replacedBy(float $value, Provenance $provenance): self
    {
        if (QuantityKind::Count === $this->kind && floor($value) !== $value) {
            throw new UnreadableQuantity('Write a whole number, such as 3.');
        }
        $set = $this->asStored($value, $provenance);
        if ($set->value !== $value || !$set->isSensible()) {
            [$least, $most] = $this->limits();
            throw UnreadableQuantity::outOfRange('This', $this->shown($least), $this->shown($most));
        }

        return $set;
    }

    /** A figure that was set in place of this one, whatever it is: plans are made with it, and say where it is none. */
    public function asStored(float $value, Provenance $provenance): self
    {
        $value = is_finite($value) ? max(0.0, min(1.0e6, $value)) : 0.0;

        return new self(
            $this->id,
            $this->kind,
            QuantityKind::Count === $this->kind ? max(1.0, min(100.0, round($value))) : $value,
            $this->range,
            null,
            null,
            $provenance,
        );
    }

    /**
     * As it was typed, in its own unit.
     *
     * @throws UnreadableQuantity
     */
    public function read(string $typed, QuantityParser $parser): float
    {
        $value = match ($this->kind) {
            QuantityKind::Duration => $parser->duration($typed)->seconds,
            QuantityKind::Temperature => $parser->temperature($typed)->celsius,
            QuantityKind::Count, QuantityKind::Speed => PlainNumber::read($typed, 9_999_999.0) ??
                throw new UnreadableQuantity('Write a number, such as 3.'),
            default => $parser->length($typed)->mm,
        };

        return $this->replacedBy($value, $this->provenance)->value;
    }

    /** Whether a person can mean it. */
    public function isSensible(): bool
    {
        [$least, $most] = $this->limits();

        return null !== $this->restOf || ($this->value >= $least && $this->value <= $most);
    }

    /** @return array{float, float} the least and the most that a person can mean, in the unit of its kind */
    public function limits(): array
    {
        return self::LIMITS[$this->id] ??
            match ($this->kind) {
                QuantityKind::Duration => [0.0, 86_400.0],
                QuantityKind::Temperature => [20.0, 260.0],
                QuantityKind::Count => [1.0, 20.0],
                default => [0.0, 1000.0],
            };
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

    /** With its unit, as a message says it. */
    private function shown(float $value): string
    {
        [$shown, $unit] = match ($this->kind) {
            QuantityKind::Duration => match (true) {
                $value >= 7200.0 => [$value / 3600.0, ' h'],
                $value >= 120.0 => [$value / 60.0, ' min'],
                default => [$value, ' s'],
            },
            QuantityKind::Temperature => [$value, ' °C'],
            QuantityKind::Speed => [$value, ' mm/s'],
            QuantityKind::Count => [$value, ''],
            default => [$value, ' mm'],
        };

        return rtrim(rtrim(number_format($shown, 1, '.', ''), '0'), '.') . $unit;
    }
}
