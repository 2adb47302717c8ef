<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Log\Causes\LaterCauses;
use Wubbin\Core\Log\Causes\PressCauses;
use Wubbin\Core\Log\Causes\SheetCauses;
use Wubbin\Core\Log\Causes\WaxCauses;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Run\Defect;

/**
 * Finds likely causes of a defect from rules about routes and their figures, and from what was done: what was done and
 * falls short of a figure outweighs what is only usual; what was done right is ruled out.
 */
final readonly class Doctor
{
    private const MOST = 5;

    /** By so much a cause of what is less likely meant comes after those of what is likelier. */
    private const LESS_LIKELY = 0.15;

    /** And what was done wrongly, though it mostly shows otherwise than what is seen: people see in their own words. */
    private const SHOWS_OTHERWISE = 1.1;

    public function __construct(private Catalogue $catalogue) {}

    /** @return list<Diagnosis> the likeliest first */
    public function diagnose(Complaint $complaint): array
    {
        $found = [];
        $causes = [
            ...SheetCauses::all($this->catalogue),
            ...PressCauses::all(),
            ...WaxCauses::all(),
            ...LaterCauses::all(),
        ];
        foreach ($causes as $cause) {
            $diagnosis = $cause->judge($complaint);
            if (null !== $diagnosis) {
                $found[] = $diagnosis;
            }
        }
        usort($found, static fn(Diagnosis $one, Diagnosis $other): int => $other->score <=> $one->score);

        return array_slice($found, 0, self::MOST);
    }

    /**
     * Where what is seen may mean several defects, or was not understood.
     *
     * @param list<Defect> $defects the likelier first; empty leaves it to what was done
     *
     * @return list<Diagnosis> each cause once, the likeliest first
     */
    public function ofAny(Route $route, array $defects, Place $place, Done $done): array
    {
        $found = [];
        foreach ($defects as $n => $defect) {
            foreach ($this->diagnose(new Complaint($route, $defect, $place, $done)) as $diagnosis) {
                $found[$diagnosis->cause] ??= $diagnosis->lessBy($n * self::LESS_LIKELY);
            }
        }
        foreach (Defect::cases() as $defect) {
            foreach ($this->diagnose(new Complaint($route, $defect, $place, $done)) as $diagnosis) {
                if ($diagnosis->shown) {
                    $found[$diagnosis->cause] ??= $diagnosis->lessBy(self::SHOWS_OTHERWISE);
                }
            }
        }
        usort($found, static fn(Diagnosis $one, Diagnosis $other): int => $other->score <=> $one->score);

        return array_slice($found, 0, self::MOST);
    }
}
