<?php

declare(strict_types=1);

namespace Wubbin\Heat;

use Wubbin\Core\Heat\Calibration;
use Wubbin\Core\Heat\HeatCase;
use Wubbin\Core\Heat\ImpossibleModel;
use Wubbin\Core\Heat\Readings;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatParameters;
use Wubbin\Job\JobPlanner;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Shelf\ShelfStore;

/** Finds what the heat model is asked about. */
final readonly class HeatForecast
{
    public function __construct(private JobPlanner $jobs, private Catalogue $catalogue, private ShelfStore $shelf) {}

    /** @throws Refusal where there is no such job or picture */
    public function caseOf(string $job, int $picture): ?HeatCase
    {
        return $this->transfer($job, $picture)->heatCase;
    }

    /**
     * What readings tell of the source that heats a picture; kept, it is used for that source from then on.
     *
     * @throws Refusal naming the field
     */
    public function calibrate(string $job, int $picture, Readings $readings, bool $keep): Calibration
    {
        $transfer = $this->transfer($job, $picture);
        $case = $transfer->heatCase ?? throw new NotFound('Wubbin cannot work out the heat here.');
        try {
            $fit = Calibration::fit($case, $this->catalogue->heat->parameters, $readings);
        } catch (ImpossibleModel $e) {
            throw InvalidInput::field('readings', $e->getMessage());
        }
        $source = $transfer->outfit->heat;
        if ($keep && null !== $source) {
            $this->keep($source->id, $fit->value);
        }

        return $fit;
    }

    /** Goes back to what is assumed of a source. */
    public function forget(string $job, int $picture): void
    {
        $id = $this->transfer($job, $picture)->outfit->heat?->id;
        if (null !== $id) {
            $this->keep($id, null);
        }
    }

    private function keep(string $source, ?float $value): void
    {
        $this->shelf->change(
            static fn(array $record): array => [
                'heat' => array_map(
                    static fn(array $one): array => $source !== $one['id']
                        ? $one
                        : (null === $value ? [] : ['calibrated_w_m2k' => round($value, 2)]) +
                            array_diff_key($one, ['calibrated_w_m2k' => 1]),
                    $record['heat'],
                ),
            ] + $record,
        );
    }

    private function transfer(string $job, int $picture): TransferPlan
    {
        $plan = $this->jobs->plan($this->jobs->find($job)->job());

        return $plan->transfers[$picture] ?? throw new NotFound('There is no such picture on this piece.');
    }

    public function parameters(): HeatParameters
    {
        return $this->catalogue->heat->parameters;
    }
}
