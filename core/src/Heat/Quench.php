<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatParameters;

/**
 * What hot ceramic goes through when water runs over it: its skin is colder than the rest, and is pulled. An estimate:
 * stress = E·α·(mean − skin)/(1 − ν), for a wall that cannot bend (Timoshenko & Goodier, Theory of Elasticity, chapter
 * 13, from memory); the largest of the first seconds counts.
 */
final readonly class Quench implements \JsonSerializable
{
    private const SECONDS = 20.0;

    private function __construct(public string $way, public float $stressMpa, public float $strengthMpa) {}

    /**
     * @param float $wallMm thick
     * @param float $hotC the wall when the water comes
     *
     * @throws ImpossibleModel
     */
    public static function forWay(
        string $way,
        float $wallMm,
        float $hotC,
        float $waterC,
        HeatParameters $parameters,
        Draw $draw,
    ): self {
        $of = static fn(string $id): float => $draw->of($parameters->of($id));
        $ceramic = new Substance($of('ceramic.k'), $of('ceramic.density'), $of('ceramic.heat'));
        $grid = new Grid([new Slab('wall', $ceramic, $wallMm / 1000.0, celsius: $hotC, cells: 30)]);
        $heat = new Conduction($grid, Surrounding::steady($waterC, $of('quench.coefficient')), Surrounding::none());
        $apart = 0.0;
        $heat->until(self::SECONDS, static function (Conduction $now) use (&$apart): bool {
            $all = $now->temperatures();
            $apart = max($apart, array_sum($all) / count($all) - $now->upperFace('wall'));

            return true;
        });

        return new self(
            $way,
            ($of('quench.modulus_gpa') * 1000.0 * $of('quench.expansion_ppm') * 1.0e-6 * $apart) /
                (1.0 - $of('quench.poisson')),
            $of('quench.strength_mpa'),
        );
    }

    public function cracks(): bool
    {
        return $this->stressMpa > $this->strengthMpa;
    }

    /** @return array{way: string, stress_mpa: float, strength_mpa: float, cracks: bool} */
    public function jsonSerialize(): array
    {
        return [
            'way' => $this->way,
            'stress_mpa' => round($this->stressMpa, 1),
            'strength_mpa' => $this->strengthMpa,
            'cracks' => $this->cracks(),
        ];
    }
}
