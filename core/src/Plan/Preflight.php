<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Preflight\BlankChecks;
use Wubbin\Core\Plan\Preflight\LookChecks;
use Wubbin\Core\Plan\Preflight\NameChecks;
use Wubbin\Core\Plan\Preflight\PictureChecks;
use Wubbin\Core\Plan\Preflight\PlaceChecks;
use Wubbin\Core\Plan\Preflight\PressChecks;
use Wubbin\Core\Plan\Preflight\SheetChecks;
use Wubbin\Core\Plan\Preflight\SubjectChecks;
use Wubbin\Core\Plan\Preflight\WindowCheck;

/**
 * The mistakes that cost a piece, looked for while they can still be mended.
 *
 * Each check is common practice unless it says otherwise; figures carry their provenance in the reference data.
 */
final readonly class Preflight
{
    /**
     * @param list<Check> $along found by looking at all pictures of the job together
     *
     * @return list<Check> in the order of work; what the person has set aside carries the reason
     */
    public static function forSetup(Setup $setup, array $along = []): array
    {
        [$brief, $outfit, $placing, $arrangement] = $setup->stages();
        $place = new PlaceChecks($brief, $placing, $arrangement);
        $reasons = array_column($brief->transfer->overrides, 'reason', 'check');

        return array_map(
            static fn(Check $check): Check => isset($reasons[$check->id])
                ? $check->overridden($reasons[$check->id])
                : $check,
            array_merge(
                (new BlankChecks($brief, $outfit))->checks(),
                (new PictureChecks($brief, $outfit, $placing, $place))->checks(),
                (new LookChecks($brief, $outfit, $placing, $arrangement))->checks(),
                (new SubjectChecks($brief, $placing, $arrangement))->checks(),
                (new NameChecks($brief))->checks(),
                (new SheetChecks($brief, $outfit, $placing, $arrangement))->checks(),
                (new PressChecks($brief, $outfit, $placing, $arrangement))->checks(),
                WindowCheck::of($setup),
                $along,
            ),
        );
    }

    /** Of a paper there are fewer sheets than all pieces want. */
    public static function ofStock(int $there, int $wanted): Check
    {
        return Check::found(
            'sheet.stock',
            Stage::Print,
            Severity::Warn,
            'medium',
            Phrase::of(
                1 === $there
                    ? sprintf('You have 1 sheet. This job needs %d.', $wanted)
                    : sprintf('You have %d sheets. This job needs %d.', $there, $wanted),
            ),
            Phrase::of(sprintf('Buy %d, or make fewer pieces for now.', $wanted - $there)),
        );
    }

    /**
     * What stands against single shares of the pieces; what stands against all of them is told once, by the job's own.
     *
     * @param list<SharePlan> $shares
     *
     * @return list<Check>
     */
    public static function ofShares(array $shares): array
    {
        $checks = [];
        foreach ($shares as $share) {
            if (null !== $share->against) {
                $id = 'share.' . preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($share->label));
                $checks[] = Check::found(
                    $id,
                    Stage::Print,
                    Severity::Stop,
                    'quantity',
                    Phrase::of($share->label . ': ' . $share->against->text, $share->against->values),
                    Phrase::of('Change the width or the size of these pieces, or make them a separate job.'),
                );
            }
        }

        return $checks;
    }
}
