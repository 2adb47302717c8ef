<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Wubbin\Core\Drawing\StepDrawings;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Pdf\Paper;

/** Four cards on a page for whoever gets a piece: how it is looked after. */
final readonly class CareCard
{
    private const ROWS = 2;
    private const ACROSS = 2;

    public function __construct(private PlanDrawings $drawings) {}

    public function of(Plan $plan, UnitFormat $format, PaperSize $size): Paper
    {
        $lines = implode(
            '',
            array_map(
                static fn(string $line): string => '<li>' . Paper::text($line) . '</li>',
                self::lines($plan, $format),
            ),
        );
        // A hair less, so that borders do not push the last row to another page.
        $high = $size->size()->heightMm / self::ROWS - 1.0;
        $rows = '';
        for ($row = 0; $row < self::ROWS; ++$row) {
            $rows .= sprintf('<tr style="height:%.2Fmm">', $high);
            for ($n = 0; $n < self::ACROSS; ++$n) {
                $rows .= sprintf(
                    '<td><div class="shown">%s</div><h2>%s</h2><p>So that the picture lasts:</p><ul>%s</ul>' .
                        '<p class="soft">Tell us how it lasts: we write it down and learn from it.</p></td>',
                    $this->drawings->svg(StepDrawings::finished($plan), $format),
                    Paper::text($plan->jobName),
                    $lines,
                );
            }
            $rows .= '</tr>';
        }

        return (new Paper($plan->jobName . ' · care cards', $size, 'care'))->add(
            '<table class="cards">' . $rows . '</table>',
        );
    }

    /** @return list<string> of all pictures on the piece, each once */
    public static function lines(Plan $plan, UnitFormat $format): array
    {
        $lines = array_map(
            static fn(TransferPlan $one): array => array_map($format->phrase(...), $one->aftercare()),
            $plan->transfers,
        );

        return array_values(array_unique(array_merge(...$lines)));
    }
}
