<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Blank\DrawnLine;
use Wubbin\Core\Blank\ShirtDrawing;
use Wubbin\Core\Heat\IronCoverage;
use Wubbin\Core\Measure\Duration;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Route\Caution;
use Wubbin\Core\Route\CautionAt;
use Wubbin\Core\Route\Iron;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Core\Stack\Stack;

/** Everything that follows from a job and a shelf. Computed, never edited. */
final readonly class Plan implements \JsonSerializable
{
    /**
     * @param list<Decision>  $decisions
     * @param list<Check>     $checks
     * @param list<Step>      $steps
     * @param list<Caution>   $cautions  those that stand on the ticket rather than at a step
     * @param list<DrawnLine> $drawing   the blank, origin at the middle of the collar seam
     * @param int<1, max>     $quantity
     */
    private function __construct(
        public string $jobId,
        public string $jobName,
        public int $quantity,
        public array $decisions,
        public array $checks,
        public array $steps,
        public array $cautions,
        public Stack $stack,
        public array $drawing,
        public Rect $printArea,
        public float $chestMm,
        public float $lengthMm,
        public ?Rect $placed,
        public ?SheetLayout $sheet,
        public ?IronCoverage $coverage,
        public ?Iron $iron,
        public ?string $artwork,
    ) {
    }

    public static function of(Setup $setup): self
    {
        $cautions = array_filter($setup->route->cautions, static fn (Caution $caution): bool => in_array($caution->at, [CautionAt::Blank, CautionAt::Artwork], true)
            && (!$caution->onlyForChildren || $setup->size->forChild()));

        return new self(
            $setup->job->id,
            $setup->job->name,
            $setup->job->quantity,
            Ticket::of($setup),
            Preflight::of($setup),
            WorkSteps::of($setup),
            array_values($cautions),
            $setup->stack,
            ShirtDrawing::of($setup->size),
            $setup->size->printArea,
            $setup->size->chestMm,
            $setup->size->lengthMm,
            $setup->placed,
            $setup->sheet,
            $setup->coverage,
            $setup->iron,
            $setup->picture?->sha256,
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
     * Time for this many pieces one after another, drying shared.
     *
     * @param int<1, max> $pieces
     */
    public function timeFor(int $pieces): Duration
    {
        return self::sum($this->steps, $pieces);
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
        $content = [$this->decisions, $this->steps, $this->stack->layers, $this->placed, $this->artwork, $this->sheet?->page, $this->sheet?->picture, $this->coverage?->places];

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
                'chest_mm' => $this->chestMm,
                'length_mm' => $this->lengthMm,
            ],
            'placed' => null === $this->placed ? null : $rect($this->placed),
            'sheet' => $this->sheet,
            'coverage' => null === $this->coverage || null === $this->iron ? null : [
                'plate_width_mm' => $this->iron->plate->widthMm,
                'plate_length_mm' => $this->iron->plate->heightMm,
                'places' => $this->coverage->places,
            ],
            'artwork' => $this->artwork,
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
