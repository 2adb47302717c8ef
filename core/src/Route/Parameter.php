<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A figure of the heat model: its middle, and between what it may lie. */
final readonly class Parameter
{
    /** What it is a figure of, by the last word of its id, with its unit. */
    private const WHAT = [
        'k' => 'conductivity, W/mK',
        'density' => 'density, kg/m³',
        'heat' => 'heat capacity, J/kgK',
        'solidus' => 'begins to melt, °C',
        'liquidus' => 'is liquid, °C',
        'latent' => 'heat of melting, J/kg',
        'capacity' => 'heat that its plate holds, J/m²K',
        'power' => 'power of its plate, W/m²',
        'air' => 'its air, °C',
        'gentle_air' => 'its gentle air, °C',
        'low_air' => 'its air on low, °C',
        'coefficient' => 'heat that it gives or takes, W/m²K',
        'share' => 'part of the time on one place',
        'usual_mm' => 'usual distance, mm',
        'nozzle_mm' => 'width of its nozzle, mm',
        'warmed_c' => 'when it is warmed, °C',
        'contact' => 'contact, W/m²K',
        'reach_c' => 'holds from, °C',
        'spoilt_c' => 'spoiled from, °C',
        'melted_mm' => 'melted enough, mm deep',
        'spoilt_mm' => 'melted too much, mm deep',
        'stands_c' => 'stands up to, °C',
        'light' => 'at light pressure, W/m²K',
        'medium' => 'at medium pressure, W/m²K',
        'heavy' => 'at heavy pressure, W/m²K',
        'celsius' => 'temperature, °C',
        'cold_c' => 'cold water, °C',
        'hot_c' => 'hot water, °C',
        'modulus_gpa' => 'stiffness, GPa',
        'expansion_ppm' => 'grows with heat, millionths for each K',
        'poisson' => 'Poisson’s ratio',
        'strength_mpa' => 'strength, MPa',
    ];

    /** Of what, by the word before that, where that is no word of the trade. */
    private const OF = [
        'dryer' => 'hair dryer',
        'gun' => 'heat gun',
        'flat-press' => 'flat press',
        'mug-press' => 'mug press',
        'sublimation-coat' => 'dye in a polymer coat',
        'sublimation' => 'dye in polyester',
        'plain' => 'plain tape',
        'heat' => 'heat tape',
        'padding' => 'padding of an ironing board',
        'foam' => 'pad of a press',
        'quench' => 'mug in water',
    ];

    private function __construct(
        public string $id,
        public float $middle,
        public float $from,
        public float $to,
        public Provenance $provenance,
    ) {}

    /**
     * One number that is known, or a middle with its range.
     *
     * @throws BadRecord unless the middle lies in its range
     */
    public static function fromRecord(string $id, Record $numbers, Provenance $provenance): self
    {
        $all = array_map(static fn(string $key): float => $numbers->number($key), $numbers->keys());
        [$middle, $from, $to] = match (count($all)) {
            1 => [$all[0], $all[0], $all[0]],
            3 => $all,
            default => throw BadRecord::at($id, 'A parameter is one number, or a middle and its range.'),
        };

        return $from <= $middle && $middle <= $to
            ? new self($id, $middle, $from, $to, $provenance)
            : throw BadRecord::at($id, 'The middle lies within the range.');
    }

    /** What it is a figure of, in words and with its unit: “cotton: conductivity, W/mK”. */
    public function label(): string
    {
        $words = explode('.', $this->id);
        $what = array_pop($words);
        $of = (string) end($words);

        return (self::OF[$of] ?? $of) . ': ' . self::WHAT[$what];
    }

    public function isRange(): bool
    {
        return $this->from < $this->to;
    }

    /**
     * The value a part of the way from one end of the range to the other, by equal factors where both ends are above
     * nothing.
     */
    public function within(float $part): float
    {
        return $this->from > 0.0
            ? $this->from * ($this->to / $this->from) ** $part
            : $this->from + $part * ($this->to - $this->from);
    }
}
