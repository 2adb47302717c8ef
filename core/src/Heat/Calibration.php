<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatParameters;

/**
 * What a source's contact, or its air, must be for the model to agree best with readings: least squares over the one
 * parameter, by golden sections of its logarithm (Press and others, Numerical Recipes, 10.2).
 */
final readonly class Calibration implements \JsonSerializable
{
    /** It is looked for as far beyond its range as this factor. */
    private const BEYOND = 4.0;
    private const SECTIONS = 26;

    /**
     * @param list<array{s: float, c: float, model: float}> $points readings beside the model's temperatures
     * @param bool $atAnEnd it would lie still further out: something else is
     *                      wrong
     */
    private function __construct(
        public string $parameter,
        public float $value,
        public float $assumed,
        public float $rms,
        public array $points,
        public bool $atAnEnd,
    ) {}

    /** @throws ImpossibleModel */
    public static function fit(HeatCase $case, HeatParameters $parameters, Readings $readings): self
    {
        $parameter = $parameters->of($case->heater->calibratedBy());
        $times = array_column($readings->points, 0);
        $model = static fn(float $value): array => array_column(
            PressWindow::facesAt($case->calibrated($value), $parameters, Draw::middles(), $times),
            $readings->face,
        );
        $rms = static function (float $log) use ($model, $readings): float {
            $sum = 0.0;
            foreach ($model(exp($log)) as $i => $celsius) {
                $sum += ($celsius - $readings->points[$i][1]) ** 2;
            }

            return sqrt($sum / count($readings->points));
        };
        [$from, $to] = [log($parameter->from / self::BEYOND), log($parameter->to * self::BEYOND)];
        [$low, $high] = [$from, $to];
        $golden = (sqrt(5.0) - 1.0) / 2.0;
        [$a, $b] = [$high - $golden * ($high - $low), $low + $golden * ($high - $low)];
        [$atA, $atB] = [$rms($a), $rms($b)];
        for ($n = 0; $n < self::SECTIONS; ++$n) {
            if ($atA < $atB) {
                [$high, $b, $atB] = [$b, $a, $atA];
                $a = $high - $golden * ($high - $low);
                $atA = $rms($a);
            } else {
                [$low, $a, $atA] = [$a, $b, $atB];
                $b = $low + $golden * ($high - $low);
                $atB = $rms($b);
            }
        }
        $best = ($low + $high) / 2.0;
        $points = [];
        foreach ($model(exp($best)) as $i => $celsius) {
            $points[] = ['s' => $readings->points[$i][0], 'c' => $readings->points[$i][1], 'model' => $celsius];
        }

        return new self(
            $parameter->id,
            exp($best),
            $parameter->middle,
            $rms($best),
            $points,
            min($best - $from, $to - $best) < 0.02,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'parameter' => $this->parameter,
            'value' => round($this->value, 1),
            'assumed' => $this->assumed,
            'rms_c' => round($this->rms, 2),
            'points' => array_map(
                static fn(array $point): array => [
                    's' => $point['s'],
                    'c' => $point['c'],
                    'model' => round($point['model'], 1),
                ],
                $this->points,
            ),
            'at_an_end' => $this->atAnEnd,
        ];
    }
}
