<?php

declare(strict_types=1);

namespace Wubbin\Plan;

use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\StepDrawings;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Pdf\Paper;

/**
 * A job on paper, for those who want no screen near the press: ticket, what lies on what, the driver, and every step to
 * tick off, with its drawing.
 */
final readonly class BenchCard
{
    /** Checks that whoever stands at the press must know of. */
    private const TOLD = [Severity::Warn, Severity::Stop, Severity::Missing, Severity::Impossible];

    private const STEPS_BESIDE = 2;

    public function __construct(private PlanDrawings $drawings) {}

    public function of(Plan $plan, UnitFormat $format, PaperSize $size): Paper
    {
        $paper = new Paper($plan->jobName . ' · bench card', $size);
        $this->write($paper, $plan, $format);

        return $paper;
    }

    /** Adds a job's card to a paper that may hold others. */
    public function write(Paper $paper, Plan $plan, UnitFormat $format): void
    {
        $paper->add(
            sprintf(
                '<table class="head"><tr><td><h1>%s</h1><p class="lead">%s</p></td>' .
                    '<td class="look">%s</td></tr></table>',
                Paper::text($plan->jobName),
                Paper::text(sprintf('%d × %s · plan %s', $plan->quantity, $plan->piece, $plan->id())),
                $this->drawings->svg(StepDrawings::finished($plan), $format),
            ),
        );
        foreach ($plan->transfers as $transfer) {
            if (count($plan->transfers) > 1) {
                $paper->heading($transfer->name);
            }
            $this->transfer($paper, $transfer, $format);
        }
        $this->steps($paper->heading('Steps'), $plan, $format);
    }

    private function transfer(Paper $paper, TransferPlan $plan, UnitFormat $format): void
    {
        $decided = [];
        foreach ($plan->decisions as $decision) {
            $decided[] = [$decision->what, $format->phrase($decision->value)];
        }
        $paper->part('Ticket')->pairs($decided);
        $told = array_filter(
            $plan->checks,
            static fn(Check $check): bool => in_array($check->severity, self::TOLD, true),
        );
        $lines = [
            ...array_map(
                static fn(Check $check): array => [
                    ucfirst($check->severity->value),
                    $format->phrase($check->message) .
                    (null === $check->overriddenBecause ? '' : ' Set aside: ' . $check->overriddenBecause),
                ],
                array_values($told),
            ),
            ...array_map(static fn(string $caution): array => ['Caution', $caution], $plan->cautions),
        ];
        if ([] !== $lines) {
            $paper->part('Take care')->pairs($lines);
        }
        $paper
            ->part('Layers, from top to bottom')
            ->add(sprintf('<div class="stack">%s</div>', $this->drawings->svg(StepDrawings::stack($plan), $format)));
        $loading = $plan->arrangement->loading;
        if (null !== $loading) {
            $paper
                ->part('Printing')
                ->pairs([
                    ['Put it in the printer', $loading->inWords()],
                    ...array_map(
                        static fn(array $line): array => [$line['label'], $line['value']],
                        $plan->driver()->lines ?? [],
                    ),
                ]);
        }
    }

    private function steps(Paper $paper, Plan $plan, UnitFormat $format): void
    {
        $drawings = StepDrawings::of($plan);
        $cells = $said = [];
        foreach ($plan->steps() as $step) {
            if (self::together($step) && $step->nth > 1) {
                continue;
            }
            // What to take care of stands where it matters first.
            $cells[] = $this->step($step, array_diff($step->cautions, $said), $drawings[$step->id], $format);
            array_push($said, ...$step->cautions);
        }
        $rows = '';
        foreach (array_chunk($cells, self::STEPS_BESIDE) as $beside) {
            $rows .= '<tr>';
            for ($n = 0; $n < self::STEPS_BESIDE; ++$n) {
                $rows .= '<td>' . ($beside[$n] ?? '') . '</td>';
            }
            $rows .= '</tr>';
        }
        $paper->add('<table class="steps"><tbody>' . $rows . '</tbody></table>');
    }

    /**
     * Alike, and so drawn once with as many boxes: coats, and places of the iron where they are all of them. Those of
     * one half of a wrap are others than those of the other.
     */
    private static function together(Step $step): bool
    {
        return $step->times > 1 &&
            (null === $step->area || str_contains($step->title->text, sprintf(' of %d', $step->times)));
    }

    /** What one of several says of itself, said of all of them. */
    private static function ofAll(string $title, int $times): string
    {
        return str_replace(
            [sprintf(' (1 of %d)', $times), sprintf('area 1 of %d', $times)],
            ['', sprintf('each of the %d areas', $times)],
            $title,
        );
    }

    /** @param array<string> $cautions */
    private function step(Step $step, array $cautions, Drawing $drawing, UnitFormat $format): string
    {
        $times = self::together($step) ? $step->times : 1;
        $time = $step->time->timed ? $format->quantity(Quantity::duration($step->duration)) : '';

        return sprintf(
            '<div class="step"><div class="drawn">%s</div><div class="told"><p>%s<b>%s</b>%s</p>%s%s</div></div>',
            $this->drawings->svg($drawing, $format),
            str_repeat('<i class="tick"></i> ', $times),
            Paper::text(self::ofAll($format->phrase($step->title), $times)),
            '' === $time
                ? ''
                : sprintf(' <span class="time">%s%s</span>', Paper::text($time), $times > 1 ? ' each' : ''),
            '' === $step->cue->text
                ? ''
                : '<p>' . Paper::text(self::ofAll($format->phrase($step->cue), $times)) . '</p>',
            implode(
                '',
                array_map(
                    static fn(string $caution): string => '<p class="warn">! ' . Paper::text($caution) . '</p>',
                    $cautions,
                ),
            ),
        );
    }
}
