<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sweep;

use Wubbin\Core\Drawing\StepDrawings;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\QuantityKind;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Step;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\StepKind;
use Wubbin\Core\Tests\Drawing\Words;
use Wubbin\Core\Tests\Orchard;

/** What must be true of every plan, whatever it is of. Each question answers with what is wrong, in words. */
final class Sense
{
    /** Seconds, mm, °C, and counts that a plan can mean. */
    private const SENSIBLE = [
        QuantityKind::Duration->value => [0.0, 700_000.0],
        QuantityKind::Length->value => [0.0, 5000.0],
        QuantityKind::Temperature->value => [20.0, 700.0],
    ];

    /** Kinds of step in the order that nothing may turn round. */
    private const ORDER = [
        [StepKind::Print, StepKind::Look],
        [StepKind::Look, StepKind::Cut],
        [StepKind::Print, StepKind::Place],
        [StepKind::Draw, StepKind::Cut],
        [StepKind::Carrier, StepKind::Print],
        [StepKind::Flatten, StepKind::Carrier],
        [StepKind::Cut, StepKind::Place],
        [StepKind::Sand, StepKind::Place],
        [StepKind::Clean, StepKind::Heat],
        [StepKind::Prepress, StepKind::Place],
        [StepKind::Place, StepKind::Heat],
        [StepKind::Tack, StepKind::Heat],
        [StepKind::Heat, StepKind::Compare],
        [StepKind::Off, StepKind::Coat],
    ];

    /** @var array<string, bool> whether a case lies in its window, by what it is */
    private static array $windows = [];

    /** @return list<string> */
    public static function of(TransferPlan $plan): array
    {
        return [
            ...self::sentences($plan),
            ...self::order($plan),
            ...self::heat($plan),
            ...self::orientation($plan),
            ...self::names($plan),
            ...self::window($plan),
        ];
    }

    /**
     * Every step has its drawing, all of it inside its frame, and no words over others.
     *
     * @return list<string>
     */
    public static function ofDrawings(TransferPlan $plan): array
    {
        $wrong = [];
        foreach ($plan->steps as $step) {
            $drawing = StepDrawings::draw($step, $plan);
            foreach ($drawing->marks as $mark) {
                if (false === ($mark->box($drawing->emMm)?->within($drawing->frame) ?? true)) {
                    $wrong[] = $step->id . ' reaches out of its drawing: ' . $mark::class;
                }
            }
            $words = Words::of($drawing);
            foreach ($words as $n => $one) {
                foreach (array_slice($words, $n + 1) as $other) {
                    if (null !== $one->box($drawing->emMm)->overlap($other->box($drawing->emMm))) {
                        $wrong[] = sprintf('%s: “%s” over “%s”', $step->id, $one->words->text, $other->words->text);
                    }
                }
            }
        }

        return $wrong;
    }

    /** @return list<string> */
    private static function sentences(TransferPlan $plan): array
    {
        $wrong = [];
        foreach (self::said($plan) as $where => $phrase) {
            $text = $phrase->text;
            // A picture's line begins with the name of its file, as the person has it.
            if ('picture' !== $where && 1 === preg_match('/^\p{Ll}/u', $text)) {
                $wrong[] = $where . ' begins small: ' . $text;
            }
            if (1 === preg_match('/[.!?] \p{Ll}/u', $text)) {
                $wrong[] = $where . ' goes on small: ' . $text;
            }
            if ('' === trim($text) || 1 === preg_match('/<[a-z-]+>|  |\.\.|,,| [.,]|\(\)/', $text)) {
                $wrong[] = $where . ' has a gap: ' . $text;
            }
            if (1 === preg_match('/\b(\p{L}+(?: \p{L}+)*) \1\b/iu', $text)) {
                $wrong[] = $where . ' says a thing twice: ' . $text;
            }
            foreach ($phrase->values as $name => $quantity) {
                [$least, $most] = self::SENSIBLE[$quantity->kind->value] ?? [0.0, \INF];
                foreach ([$quantity->value, $quantity->to ?? $quantity->value] as $value) {
                    if ($value < $least || $value > $most) {
                        $wrong[] = sprintf('%s means %s = %s: %s', $where, $name, $value, $text);
                    }
                }
            }
        }

        return $wrong;
    }

    /** @return iterable<string, Phrase> */
    private static function said(TransferPlan $plan): iterable
    {
        foreach ($plan->decisions as $decision) {
            yield $decision->id => $decision->value;
            yield $decision->id . ', because' => $decision->because;
        }
        foreach ($plan->checks as $check) {
            yield 'check ' . $check->id => $check->message;
            if (null !== $check->mend) {
                yield 'check ' . $check->id . ', mend' => $check->mend;
            }
            if (null !== $check->fix) {
                yield 'check ' . $check->id . ', fix' => $check->fix->label;
            }
        }
        foreach ($plan->steps as $step) {
            yield 'step ' . $step->id => $step->title;
            yield 'step ' . $step->id . ', cue' => $step->cue;
            foreach ([...$step->cautions, ...$step->questions->first] as $n => $text) {
                yield 'step ' . $step->id . ', told ' . $n => Phrase::of($text);
            }
        }
    }

    /** @return list<string> */
    private static function order(TransferPlan $plan): array
    {
        $wrong = [];
        $kinds = array_map(static fn(Step $step): string => $step->kind->value, $plan->steps);
        foreach (self::ORDER as [$first, $then]) {
            $at = array_keys($kinds, $first->value, true);
            $later = array_keys($kinds, $then->value, true);
            if ([] !== $at && [] !== $later && min($at) > min($later)) {
                $wrong[] = sprintf('%s comes after %s', $first->value, $then->value);
            }
        }
        // What was printed or drawn dries before it is heated.
        $dry = array_keys($kinds, StepKind::Dry->value, true);
        $heat = array_keys($kinds, StepKind::Heat->value, true);
        if ([] !== $dry && [] !== $heat && max($dry) > min($heat)) {
            $wrong[] = 'it dries after it is heated';
        }

        return $wrong;
    }

    /** @return list<string> */
    private static function heat(TransferPlan $plan): array
    {
        $wrong = [];
        $hot = [StepKind::Heat, StepKind::Tack, StepKind::Prepress];
        [$first, $last, $off] = [null, null, null];
        foreach ($plan->steps as $n => $step) {
            if (in_array($step->kind, $hot, true)) {
                $first ??= $n;
                $last = $n;
                if (
                    1 !==
                    preg_match('/mitt|other hand|glove|fingers|towel|cloth|flame/i', implode(' ', $step->cautions))
                ) {
                    $wrong[] = $step->id . ' names nothing that protects the hand';
                }
            }
            if (StepKind::Off === $step->kind) {
                $off = $n;
            }
        }
        $burner = HeatKind::Spoon === $plan->outfit->heatKind;
        if (null !== $first && null === $off && !$burner) {
            $wrong[] = 'nobody switches it off';
        }
        if (null !== $last && null !== $off && $off < $last) {
            $wrong[] = 'it is off before it is heated for the last time';
        }
        foreach ($plan->steps as $n => $step) {
            if ($step->vapour && null !== $first && $n > $first && (null === $off || $n < $off)) {
                $wrong[] = $step->id . ' is opened while the heat is on';
            }
        }

        return $wrong;
    }

    /** @return list<string> */
    private static function orientation(TransferPlan $plan): array
    {
        $mirrored = $plan->arrangement->stack->mirrored();
        $wrong = [];
        foreach (self::said($plan) as $where => $phrase) {
            if (str_contains($where, 'through')) {
                continue;
            }
            foreach (
                [
                    'must read backwards' => true,
                    'print reads backwards' => true,
                    'must read right' => false,
                    'print reads the right way round' => false,
                    'Through its back it reads the right way' => true,
                    'Through its back it reads backwards' => false,
                ]
                as $words => $means
            ) {
                if (str_contains($phrase->text, $words) && $means !== $mirrored) {
                    $wrong[] = $where . ' says the wrong way round: ' . $phrase->text;
                }
            }
        }

        return $wrong;
    }

    /**
     * What a step names is what the ticket and the stack name.
     *
     * @return list<string>
     */
    private static function names(TransferPlan $plan): array
    {
        $supports = Orchard::catalogue()->supports;
        $steps = implode(
            ' ',
            array_map(static fn(Step $step): string => $step->title->text . ' ' . $step->cue->text, $plan->steps),
        );
        $wrong = [];
        foreach ($supports->bases as $base) {
            if (false !== stripos($steps, 'on the ' . $base->label) && $base->label !== $plan->outfit->base?->label) {
                $wrong[] = 'a step lays it on the ' . $base->label;
            }
        }
        foreach ($supports->guards as $guard) {
            if (
                false !== stripos($steps, 'Put ' . $guard->label . ' inside') &&
                null !== $plan->outfit->guard &&
                $guard->label !== $plan->outfit->guard->label
            ) {
                $wrong[] = 'a step puts ' . $guard->label . ' inside';
            }
        }
        if (HeatKind::Iron !== $plan->outfit->heatKind && 1 === preg_match('/\b(the|an) iron\b/i', $steps)) {
            $wrong[] = 'a step names an iron';
        }
        if (HeatKind::FlatPress !== $plan->outfit->heatKind && str_contains($steps, 'Close the press')) {
            $wrong[] = 'a step closes a press';
        }

        return $wrong;
    }

    /** @return list<string> */
    private static function window(TransferPlan $plan): array
    {
        $case = $plan->heatCase;
        if (null === $case?->recipeS || Severity::Pass !== Orchard::check($plan, 'blank.surface')?->severity) {
            return [];
        }
        $inside = self::$windows[md5(serialize($case))] ??=
            false !==
            PressWindow::forCase($case, Orchard::catalogue()->heat->parameters, Draw::middles(), false)->holds(
                $case->recipeS,
            );

        return $inside || null !== Orchard::check($plan, 'heat.window')
            ? []
            : [sprintf('%d s lie outside their window, and nothing says so', $case->recipeS)];
    }
}
