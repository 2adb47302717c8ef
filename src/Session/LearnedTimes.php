<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Wubbin\Core\Measure\Record;
use Wubbin\Storage\Documents;

/** How long hands really take for each kind of step: the medians of the latest, kept up as pieces are written down. */
final readonly class LearnedTimes
{
    /** With fewer pieces a plan goes on with what is usual. */
    public const ENOUGH = 5;

    private const NAME = 'learned-times';
    private const LATEST = 60;

    /** What took so many times the plan was interrupted, and tells nothing. */
    private const INTERRUPTED = 8.0;

    public function __construct(private Documents $documents) {}

    /** @return array<string, array{seconds: float, planned: float, of: int}> by kind of step */
    public function all(): array
    {
        return array_map(
            fn(array $one): array => [
                'seconds' => $this->median($one['latest']),
                'planned' => $one['planned'],
                'of' => $one['of'],
            ],
            $this->kept(),
        );
    }

    /** @return array<string, float> seconds, by kind of step, of those that enough is known of */
    public function known(): array
    {
        return array_map(
            static fn(array $one): float => $one['seconds'],
            array_filter($this->all(), static fn(array $one): bool => $one['of'] >= self::ENOUGH),
        );
    }

    /**
     * @param list<array{kind: string, planned: float, taken: float|null}> $hands steps that hands did and no clock
     *                                                                            ran for
     */
    public function learn(array $hands): void
    {
        $kept = $this->kept();
        foreach ($hands as $step) {
            if (
                null !== $step['taken'] &&
                $step['taken'] > 0.0 &&
                $step['taken'] <= self::INTERRUPTED * $step['planned']
            ) {
                $before = $kept[$step['kind']] ?? ['latest' => [], 'of' => 0];
                $kept[$step['kind']] = [
                    'latest' => array_slice([...$before['latest'], round($step['taken'], 1)], -self::LATEST),
                    'planned' => $step['planned'],
                    'of' => $before['of'] + 1,
                ];
            }
        }
        // A list of numbers is written as one text.
        $this->documents->put(self::NAME, [
            'kinds' => array_map(
                static fn(array $one): array => ['latest' => implode(' ', $one['latest'])] + $one,
                $kept,
            ),
        ]);
    }

    /** @return array<string, array{latest: non-empty-list<float>, planned: float, of: int}> */
    private function kept(): array
    {
        $kept = [];
        foreach (($this->documents->get(self::NAME) ?? Record::of([]))->recordMap('kinds') as $kind => $one) {
            $latest = array_map(floatval(...), explode(' ', $one->string('latest')));
            $kept[$kind] = ['latest' => $latest, 'planned' => $one->number('planned'), 'of' => $one->integer('of')];
        }

        return $kept;
    }

    /** @param non-empty-list<float> $of */
    private function median(array $of): float
    {
        sort($of);
        $middle = intdiv(count($of), 2);

        return 1 === count($of) % 2 ? $of[$middle] : ($of[$middle - 1] + $of[$middle]) / 2.0;
    }
}
