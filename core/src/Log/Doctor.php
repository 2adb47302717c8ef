<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Log\Causes\PressCauses;
use Wubbin\Core\Log\Causes\SheetCauses;
use Wubbin\Core\Log\Causes\WaxCauses;
use Wubbin\Core\Route\Catalogue;

/**
 * Finds likely causes of a defect from rules about routes and their figures, and from what was done: what was done and
 * falls short of a figure outweighs what is only usual; what was done right is ruled out.
 */
final readonly class Doctor
{
    private const MOST = 5;

    public function __construct(private Catalogue $catalogue) {}

    /** @return list<Diagnosis> the likeliest first */
    public function diagnose(Complaint $complaint): array
    {
        $found = [];
        foreach ([...SheetCauses::all($this->catalogue), ...PressCauses::all(), ...WaxCauses::all()] as $cause) {
            $diagnosis = $cause->judge($complaint);
            if (null !== $diagnosis) {
                $found[] = $diagnosis;
            }
        }
        usort($found, static fn(Diagnosis $one, Diagnosis $other): int => $other->score <=> $one->score);

        return array_slice($found, 0, self::MOST);
    }
}
