<?php

declare(strict_types=1);

namespace Wubbin\Check;

/** The tests that stand nearest to a change: as many as a minute has room for. */
final readonly class Near
{
    /** Seconds that the tests may take together, on all cores. */
    private const BUDGET_S = 75.0;
    private const JOURNEYS_BUDGET_S = 70.0;

    /** What is reckoned with where nobody knows: for a class of tests, and for the journeys of a file. */
    private const UNKNOWN_S = 1.0;
    private const UNKNOWN_JOURNEY_S = 15.0;

    /**
     * @param list<string> $classes
     * @param list<string> $journeys
     */
    private function __construct(
        public array $classes,
        public bool $php,
        public bool $page,
        public array $journeys,
        private int $further,
    ) {}

    /** @param list<string> $files that were changed */
    public static function to(array $files, string $project, Timings $known): self
    {
        $page = array_filter($files, static fn(string $file): bool => 1 === preg_match('~^(web|e2e)/~', $file));
        $php = array_filter(
            $files,
            static fn(string $file): bool => str_ends_with($file, '.php') || str_ends_with($file, '.yaml'),
        );
        $seconds = $known->classes();
        $far = [];
        $rooms = array_map(self::room(...), $files);
        foreach ((new Uses($project))->testsOf($files) as $file => $steps) {
            // Those that must be alone are none for a minute.
            if (str_contains((string) file_get_contents($project . '/' . $file), "#[Group('serial')]")) {
                continue;
            }
            $class = self::classOf($file);
            $elsewhere = !in_array(self::room($file), $rooms, true);
            $far[$class] = [$steps, $elsewhere, $seconds[$class] ?? self::UNKNOWN_S];
        }
        // Of those that are as near, the ones of the same room, and then the quick ones.
        uasort($far, static fn(array $a, array $b): int => $a <=> $b);
        $classes = self::within($far, self::BUDGET_S);
        $journeys = Journeys::through(array_values($page), $project);
        $walked = self::within(
            array_map(
                static fn(string $file): array => [0, false, $seconds[basename($file)] ?? self::UNKNOWN_JOURNEY_S],
                array_combine($journeys, $journeys),
            ),
            self::JOURNEYS_BUDGET_S,
        );

        return new self(
            $classes,
            [] !== $php,
            [] !== $page,
            $walked,
            count($far) - count($classes) + count($journeys) - count($walked),
        );
    }

    public function said(): string
    {
        return sprintf(
            '%d classes of tests and %d files of journeys stand nearest to them; %d more stand further away, and ' .
                'only bin/check has those.',
            count($this->classes),
            count($this->journeys),
            $this->further,
        );
    }

    /**
     * @param array<string, array{int, bool, float}> $far how far each is, whether elsewhere, and its seconds, nearest
     *                                                    first
     *
     * @return list<string> those for which there is time
     */
    private static function within(array $far, float $budget): array
    {
        $taken = [];
        foreach ($far as $one => [, , $seconds]) {
            if ($seconds <= $budget) {
                $budget -= $seconds;
                $taken[] = $one;
            }
        }

        return $taken;
    }

    /** The room of a file: `Run` of `core/src/Run/AtHand.php` and of `tests/Run/RunApiTest.php`. */
    private static function room(string $file): string
    {
        return basename(dirname($file));
    }

    private static function classOf(string $file): string
    {
        return 'Wubbin\\' .
            str_replace(['core/tests/', 'tests/', '/', '.php'], ['Core\\Tests\\', 'Tests\\', '\\', ''], $file);
    }
}
