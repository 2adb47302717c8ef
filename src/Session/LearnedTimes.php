<?php

declare(strict_types=1);

namespace Wubbin\Session;

use Wubbin\Core\Log\HandLearning;
use Wubbin\Core\Log\HandSample;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HandTime;
use Wubbin\Core\Route\StepKind;
use Wubbin\Storage\Documents;

/** How long hands really take for each kind of step: the latest samples, kept by the session that they are from. */
final readonly class LearnedTimes
{
    private const NAME = 'learned-times';
    private const LATEST = 60;

    public function __construct(private Documents $documents, private Catalogue $catalogue) {}

    /** @return array<string, array{time: HandTime, planned: float, of: int}> by kind of step */
    public function all(): array
    {
        return array_map(
            fn(array $kept): array => [
                'time' => HandLearning::from(array_column($kept, 1), $this->usual($kept[0][1])),
                'planned' => $this->usual($kept[0][1])->one(),
                'of' => count($kept),
            ],
            $this->kept(),
        );
    }

    /** @return array<string, HandTime> by kind of step, of those that enough is known of */
    public function known(): array
    {
        return array_map(
            static fn(array $one): HandTime => $one['time'],
            array_filter($this->all(), static fn(array $one): bool => $one['of'] >= HandLearning::ENOUGH),
        );
    }

    /**
     * All that a session teaches; what it taught before is forgotten.
     *
     * @param list<HandSample> $samples steps that hands did and no clock ran for
     */
    public function learn(string $run, array $samples): void
    {
        $kept = array_map(
            static fn(array $of): array => array_values(
                array_filter($of, static fn(array $one): bool => $one[0] !== $run),
            ),
            $this->kept(),
        );
        foreach ($samples as $sample) {
            if (HandLearning::teaches($sample)) {
                $kept[$sample->kind][] = [$run, $sample];
            }
        }
        // A list of records would be read one by one each time a plan is made: it is written as one text.
        $this->documents->put(self::NAME, [
            'kinds' => array_map(
                static fn(array $of): array => [
                    'samples' => implode(
                        ' ',
                        array_map(
                            static fn(array $one): string => sprintf(
                                '%s/%d/%.1f/%.1f',
                                $one[0],
                                $one[1]->count,
                                $one[1]->takenS,
                                $one[1]->plannedS,
                            ),
                            array_slice($of, -self::LATEST),
                        ),
                    ),
                ],
                array_filter($kept, static fn(array $of): bool => [] !== $of),
            ),
        ]);
    }

    /** @return array<string, non-empty-list<array{string, HandSample}>> session and sample, by kind of step */
    private function kept(): array
    {
        $kept = [];
        foreach (($this->documents->get(self::NAME) ?? Record::of([]))->recordMap('kinds') as $kind => $one) {
            // Before sessions were kept with them all samples were of one piece.
            $samples = $one->has('samples')
                ? array_map(
                    static fn(string $text): array => explode('/', $text),
                    explode(' ', $one->string('samples')),
                )
                : array_map(
                    static fn(string $taken): array => ['', '1', $taken, (string) $one->number('planned')],
                    explode(' ', $one->string('latest')),
                );
            foreach ($samples as [$run, $count, $taken, $planned]) {
                $kept[$kind][] = [$run, new HandSample($kind, max(1, (int) $count), (float) $taken, (float) $planned)];
            }
        }

        return $kept;
    }

    /** What it was thought to take; cutting hangs on the line, so that what was planned is all that is known of it. */
    private function usual(HandSample $sample): HandTime
    {
        try {
            return $this->catalogue->hands->of(StepKind::from($sample->kind));
        } catch (BadRecord) {
            return new HandTime(0.0, $sample->plannedS / $sample->count);
        }
    }
}
