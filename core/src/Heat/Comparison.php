<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\HeatParameters;

/**
 * Ways that practitioners disagree about, computed on one piece: sources on a candle, bases under an iron, water on a
 * mug.
 */
final readonly class Comparison implements \JsonSerializable
{
    /** Bases by their substance, thickness in mm, and how hard a hand iron presses on them. */
    private const BASES = ['wood board' => ['wood', 18.0, 'medium'], 'ironing board' => ['padding', 20.0, 'light']];
    private const SOURCES = [
        'hair dryer' => [HeatKind::Dryer, Heater::FULL],
        'hair dryer, gentle' => [HeatKind::Dryer, 'gentle_air'],
        'heat gun, moving' => [HeatKind::Gun, Heater::FULL],
        'heat gun on low, moving' => [HeatKind::Gun, 'low_air'],
        'warmed spoon' => [HeatKind::Spoon, Heater::FULL],
    ];

    /** From the nozzle to the work, in mm. */
    private const DISTANCES = [30.0, 75.0, 150.0, 300.0];

    /**
     * @param list<array{way: string, earliest_s: float|null, latest_s: float|null}> $windows
     * @param list<Quench> $quenches
     * @param list<array{mm: float, earliest_s: float|null, latest_s: float|null}> $distances of air that blows
     */
    private function __construct(public array $windows, public array $quenches, public array $distances) {}

    /** @throws ImpossibleModel */
    public static function forCase(HeatCase $case, HeatParameters $parameters): self
    {
        $windows = $quenches = $distances = [];
        $add = static function (string $way, HeatCase $one) use ($parameters, &$windows): void {
            $window = PressWindow::forCase($one, $parameters, Draw::middles(), false);
            $windows[] = ['way' => $way, 'earliest_s' => $window->earliestS, 'latest_s' => $window->latestS];
        };
        if (HeatParameters::WAX === $case->need) {
            foreach (self::SOURCES as $way => [$source, $air]) {
                $add($way, $case->by($source, $air));
            }
        } elseif (HeatKind::Iron === $case->heater->kind) {
            foreach (self::BASES as $way => [$substance, $thick, $pressure]) {
                $add($way, $case->on($substance, $thick, $pressure));
            }
        } elseif (HeatKind::MugPress === $case->heater->kind) {
            $wall = $case->layers[$case->blank]->thicknessMm;
            $hot = $case->heater->setting->celsius ?? 180.0;
            $water = static fn(string $id): float => $parameters->of('quench.' . $id)->middle;
            $quenches = [
                Quench::forWay('cold water at once', $wall, $hot, $water('cold_c'), $parameters, Draw::middles()),
                Quench::forWay('hot water first', $wall, $hot, $water('hot_c'), $parameters, Draw::middles()),
                Quench::forWay(
                    'then cold water',
                    $wall,
                    $water('hot_c') + 5.0,
                    $water('cold_c'),
                    $parameters,
                    Draw::middles(),
                ),
            ];
        }

        foreach ($case->heater->blows() ? self::DISTANCES : [] as $mm) {
            $window = PressWindow::forCase($case->with($case->heater->from($mm)), $parameters, Draw::middles(), false);
            $distances[] = ['mm' => $mm, 'earliest_s' => $window->earliestS, 'latest_s' => $window->latestS];
        }

        return new self($windows, $quenches, $distances);
    }

    /**
     * @return array{windows: list<array{way: string, earliest_s: float|null, latest_s: float|null}>,
     *     quenches: list<Quench>,
     *     distances: list<array{mm: float, earliest_s: float|null, latest_s: float|null}>}
     */
    public function jsonSerialize(): array
    {
        return ['windows' => $this->windows, 'quenches' => $this->quenches, 'distances' => $this->distances];
    }
}
