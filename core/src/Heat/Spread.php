<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Route\HeatParameters;

/** How sure a window is: the same stack with parameters drawn from their ranges, many times. */
final readonly class Spread implements \JsonSerializable
{
    /** Of a hundred draws, how many lie below what is shown. */
    private const SHOWN = [10, 50, 90];

    /**
     * @param list<float> $earliest seconds of each draw that holds at all, sorted
     * @param list<float> $latest of each that is spoilt at all, sorted
     * @param int $inside draws whose window holds the plan's seconds
     */
    private function __construct(public int $draws, public array $earliest, public array $latest, public int $inside) {}

    /**
     * @param callable(int): mixed $told how many are done; may throw to end it
     *
     * @throws ImpossibleModel
     */
    public static function forCase(HeatCase $case, HeatParameters $parameters, int $draws, callable $told): self
    {
        $earliest = $latest = [];
        $inside = 0;
        for ($seed = 1; $seed <= $draws; ++$seed) {
            $window = PressWindow::forCase($case, $parameters, Draw::seeded($seed), false);
            if (null !== $window->earliestS) {
                $earliest[] = $window->earliestS;
            }
            if (null !== $window->latestS) {
                $latest[] = $window->latestS;
            }
            $inside += null !== $case->recipeS && true === $window->holds($case->recipeS) ? 1 : 0;
            $told($seed);
        }
        sort($earliest);
        sort($latest);

        return new self($draws, $earliest, $latest, $inside);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'draws' => $this->draws,
            'earliest_s' => $this->quantiles($this->earliest),
            'latest_s' => $this->quantiles($this->latest),
            'inside' => $this->inside,
            'never' => $this->draws - count($this->earliest),
        ];
    }

    /**
     * Those that never come to it count as later than all others.
     *
     * @param list<float> $sorted
     *
     * @return list<float|null>
     */
    private function quantiles(array $sorted): array
    {
        return array_map(
            fn(int $of): ?float => $sorted[(int) floor(($of / 100.0) * ($this->draws - 1) + 0.5)] ?? null,
            self::SHOWN,
        );
    }
}
