<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatParameters;

/** Press windows over a range of settings: how hot against how long. */
final readonly class Sweep implements \JsonSerializable
{
    private const SETTINGS = 9;

    /** From where to where, in °C: what irons and presses reach, and what hot air comes at. */
    private const RANGES = ['dryer' => [60.0, 130.0], 'gun' => [200.0, 550.0], 'spoon' => [90.0, 260.0]];
    private const PLATE = [110.0, 230.0];

    /** @param list<array{c: float, earliest_s: float|null, latest_s: float|null}> $points */
    private function __construct(public array $points, public float $usualC) {}

    /** @throws ImpossibleModel */
    public static function forCase(HeatCase $case, HeatParameters $parameters): self
    {
        [$from, $to] = self::RANGES[$case->heater->kind->value] ?? self::PLATE;
        $points = [];
        for ($n = 0; $n < self::SETTINGS; ++$n) {
            $celsius = $from + (($to - $from) * $n) / (self::SETTINGS - 1);
            $window = PressWindow::forCase(
                $case->with($case->heater->at(Temperature::celsius($celsius))),
                $parameters,
                Draw::middles(),
                false,
            );
            $points[] = ['c' => $celsius, 'earliest_s' => $window->earliestS, 'latest_s' => $window->latestS];
        }
        $kind = 'source.' . $case->heater->kind->value;

        return new self(
            $points,
            $case->heater->setting->celsius ??
                ($parameters->find($kind . '.' . $case->heater->air)->middle ??
                    $parameters->of(HeatKind::Spoon === $case->heater->kind ? $kind . '.warmed_c' : 'room.celsius')
                        ->middle),
        );
    }

    /**
     * @return array{points: list<array{c: float, earliest_s: float|null, latest_s: float|null}>, usual_c: float}
     */
    public function jsonSerialize(): array
    {
        return ['points' => $this->points, 'usual_c' => $this->usualC];
    }
}
