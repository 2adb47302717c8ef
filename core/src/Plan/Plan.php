<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\DrawnLine;
use Wubbin\Core\Blank\Shape;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Caution;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Stack\Stack;

/** Everything that follows from a job and a shelf. Computed, never edited. */
final readonly class Plan implements \JsonSerializable
{
    /**
     * @param list<Decision>  $decisions
     * @param list<Check>     $checks
     * @param list<Step>      $steps
     * @param list<string>    $cautions  those that stand on the ticket rather than at a step
     * @param list<DrawnLine> $drawing   the blank, origin at the middle of the edge it is measured from
     * @param int<1, max>     $quantity
     * @param list<SharePlan> $shares
     * @param string          $piece     what one of them is called
     */
    private function __construct(
        public string $jobId,
        public string $jobName,
        public string $routeId,
        public string $piece,
        public ?HeatKind $heat,
        public int $quantity,
        public array $decisions,
        public array $checks,
        public array $steps,
        public array $cautions,
        public Stack $stack,
        public array $drawing,
        public Rect $printArea,
        public float $widthMm,
        public float $heightMm,
        public string $from,
        public ?float $diameterMm,
        public ?Rect $placed,
        public ?SheetLayout $sheet,
        public ?IronCoverage $coverage,
        public ?Size $plate,
        public ?string $artwork,
        public array $shares,
    ) {
    }

    /** @param list<SharePlan> $shares plans of what the pieces divide into */
    public static function of(Setup $setup, array $shares = []): self
    {
        $cautions = array_filter($setup->catalogue->cautions, static fn (Caution $caution): bool => [] !== array_intersect($caution->at, [Caution::TICKET_BLANK, Caution::TICKET_ARTWORK])
            && $caution->concerns($setup->route->id, $setup->heat?->kind, $setup->kind->id, $setup->size->forChild()));
        $steps = WorkSteps::of($setup);

        return new self(
            $setup->job->id,
            $setup->job->name,
            $setup->route->id,
            Shape::Garment === $setup->kind->shape ? $setup->kind->label : lcfirst($setup->blankName()),
            $setup->heat?->kind,
            $setup->job->quantity,
            Ticket::of($setup, $steps, $shares),
            [...Preflight::of($setup), ...Preflight::ofShares($shares, $setup->job)],
            $steps,
            array_values(array_map(static fn (Caution $caution): string => $caution->text, $cautions)),
            $setup->stack,
            $setup->size->drawing,
            $setup->size->printArea,
            $setup->size->widthMm,
            $setup->size->heightMm,
            $setup->kind->from,
            $setup->size->diameterMm,
            $setup->placed,
            $setup->sheet,
            $setup->coverage,
            $setup->heat?->plate,
            $setup->picture?->sha256,
            $shares,
        );
    }

    /** A sheet may go to the printer: it can be laid out, and no check of its stage stands against it. */
    public function printable(): bool
    {
        return null !== $this->sheet && [] === $this->blocking(Stage::Print);
    }

    /** The whole job may be done. */
    public function ready(): bool
    {
        return null !== $this->sheet && [] === array_filter($this->checks, static fn (Check $check): bool => $check->blocks());
    }

    /**
     * Time for this many pieces made in one go: hands take one piece after another, and what waits for itself is
     * waited for once, since the next piece is in hand meanwhile.
     *
     * @param int<1, max> $pieces
     */
    public function timeFor(int $pieces): Duration
    {
        $waiting = array_filter($this->steps, static fn (Step $step): bool => $step->kind->waits());

        return $this->handsFor($pieces)->plus(self::sum($waiting, 1));
    }

    /**
     * The part of it that keeps hands busy.
     *
     * @param int<1, max> $pieces
     */
    public function handsFor(int $pieces): Duration
    {
        return self::sum(array_filter($this->steps, static fn (Step $step): bool => !$step->kind->waits()), $pieces);
    }

    /**
     * Eight hexadecimal digits that change with anything in the plan that shows on the sheet or at the bench.
     *
     * The name and the number of pieces are not part of it: more of the same is the same plan.
     */
    public function id(): string
    {
        $lines = array_values(array_filter($this->decisions, static fn (Decision $decision): bool => 'quantity' !== $decision->id));
        $shares = array_map(static fn (SharePlan $share): string => $share->planId(), $this->shares);
        $content = [$lines, $shares, $this->steps, $this->stack->layers, $this->placed, $this->artwork, $this->sheet?->page, $this->sheet?->picture, $this->coverage?->places];

        return substr(hash('sha256', json_encode($content, \JSON_THROW_ON_ERROR)), 0, 8);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $rect = static fn (Rect $r): array => ['x_mm' => $r->xMm, 'y_mm' => $r->yMm, 'width_mm' => $r->size->widthMm, 'height_mm' => $r->size->heightMm];

        return [
            'id' => $this->id(),
            'job_id' => $this->jobId,
            'job_name' => $this->jobName,
            'route' => $this->routeId,
            'piece' => $this->piece,
            'heat' => $this->heat?->value,
            'quantity' => $this->quantity,
            'printable' => $this->printable(),
            'ready' => $this->ready(),
            'decisions' => $this->decisions,
            'checks' => $this->checks,
            'steps' => $this->steps,
            'cautions' => $this->cautions,
            'stack' => ['layers' => $this->stack->layers, 'mirrored' => $this->stack->mirrored()],
            'blank' => [
                'drawing' => $this->drawing,
                'print_area' => $rect($this->printArea),
                'width_mm' => $this->widthMm,
                'height_mm' => $this->heightMm,
                'diameter_mm' => $this->diameterMm,
                'from' => $this->from,
            ],
            'placed' => null === $this->placed ? null : $rect($this->placed),
            'sheet' => $this->sheet,
            'coverage' => null === $this->coverage || null === $this->plate ? null : [
                'plate_width_mm' => $this->plate->widthMm,
                'plate_length_mm' => $this->plate->heightMm,
                'places' => $this->coverage->places,
            ],
            'artwork' => $this->artwork,
            'shares' => $this->shares,
            'times' => [
                'one_s' => $this->timeFor(1)->seconds,
                'one_hands_s' => $this->handsFor(1)->seconds,
                'all_s' => $this->timeFor($this->quantity)->seconds,
                'all_hands_s' => $this->handsFor($this->quantity)->seconds,
            ],
        ];
    }

    /** @return list<Check> */
    private function blocking(Stage $stage): array
    {
        return array_values(array_filter($this->checks, static fn (Check $check): bool => $check->stage === $stage && $check->blocks()));
    }

    /**
     * @param array<Step> $steps
     * @param int<1, max> $pieces
     */
    private static function sum(array $steps, int $pieces): Duration
    {
        return array_reduce($steps, static fn (Duration $sum, Step $step): Duration => $sum->plus($step->durationFor($pieces)), Duration::seconds(0.0));
    }
}
