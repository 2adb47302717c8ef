<?php

declare(strict_types=1);

namespace Wubbin\Check;

/** What the check consists of, in lanes that run side by side. */
final readonly class Parts
{
    /**
     * Tests that only a change of theirs can break, by their group: what they are, and where such a change would be.
     * What stands under every one of them is the packages and the setup.
     */
    private const OCCASIONAL = [
        'real-printer' => [
            'Real printers',
            ['src/Sheet/', 'src/Task/', 'tests/Sheet/', 'tests/Support/RealSpooler.php'],
        ],
        'killed-server' => [
            'The killed server',
            ['src/Run/', 'src/Session/', 'src/Task/', 'src/Storage/', 'src/Serve/', 'public/', 'config/', 'tests/Run/'],
        ],
        'reading' => [
            'The reading of pictures',
            [
                'src/Artwork/',
                'src/Task/',
                'core/src/Artwork/',
                'core/src/Measure/',
                'tests/Artwork/',
                'tests/Attack/BadPictureTest.php',
            ],
        ],
        'clip-art' => [
            'Drawings of other people',
            ['src/Artwork/', 'src/Sheet/', 'core/src/Artwork/', 'core/src/Measure/', 'tests/Artwork/'],
        ],
    ];
    private const UNDER_ALL = ['composer.json', 'versions.json', 'package-lock.json', 'bin/setup.sh'];

    /** Tests that hold ports, spoolers, or kill processes: one after the other, beside all others. */
    private const SERIAL = 'serial';

    /** Tests of the page of which every day has a few, by their tags. */
    private const BY_TURNS = ['--grep', '@turns|@screens'];

    /** How far who can wait stands back behind who has a page open. */
    private const BEHIND = 5;

    /**
     * @param string $place an existing directory for what the parts write down
     * @param int $cores of this machine
     * @param string $slice that is taken of tests that take long
     */
    public function __construct(private string $place, private int $cores, private string $slice) {}

    /**
     * @param array<string, string> $left groups that are left out
     *
     * @return list<list<Part>>
     */
    public function everyDay(array $left): array
    {
        return [
            [$this->browser('browser', 'The page, in a browser')],
            [$this->tests('tests', 'The tests of both floors', self::without(self::SERIAL, ...array_keys($left)))],
            self::gates(),
            [$this->serial('serial', 'Tests that are alone', [self::SERIAL], $left)],
        ];
    }

    /**
     * The long tests, whole.
     *
     * @return list<list<Part>>
     */
    public function long(): array
    {
        $all = ['WUBBIN_FULL' => '1'];

        return [
            [$this->browser('long-browser', 'All that goes by turns, in a browser', self::BY_TURNS, $all)],
            [
                $this->tests(
                    'long-tests',
                    'The long tests, whole',
                    // One test after the other: a class of them takes minutes.
                    ['--functional', '--group', 'long', '--group', 'reading', ...self::without(self::SERIAL)],
                    $all,
                ),
            ],
            [
                $this->serial(
                    'long-serial',
                    'Real printers and the killed server',
                    ['real-printer', 'killed-server'],
                    [],
                    $all,
                ),
            ],
        ];
    }

    /**
     * What a change can break, as near to it as there is time for.
     *
     * @param list<string> $classes of tests
     * @param bool $php whether PHP was changed
     * @param bool $page whether the page was
     * @param list<string> $journeys files of the page's tests
     *
     * @return list<list<Part>>
     */
    public function quick(array $classes, bool $php, bool $page, array $journeys): array
    {
        $names = implode('|', array_map(static fn(string $class): string => preg_quote($class, '/'), $classes));

        return [
            [
                ...$php ? [self::contract(0), self::analysed(0)] : [],
                ...$page ? [self::types(0), self::logic(0)] : [],
                ...[] === $journeys
                    ? []
                    : [
                        $this->browser('quick-browser', 'The page, nearest journeys', $journeys, [
                            'WUBBIN_TURNS' => 'all',
                        ]),
                    ],
            ],
            [] === $classes ? [] : [$this->tests('quick', 'The nearest tests', ['--filter', '/^(' . $names . ')::/'])],
        ];
    }

    /** @return list<string> where the tests' runners write down what took how long */
    public function timings(): array
    {
        return array_values(array_filter((array) glob($this->place . '/*.xml'), is_string(...)));
    }

    /**
     * Why parts that only some changes can break are left out, or taken.
     *
     * @return array{array<string, string>, list<string>} those that are left out, by group; and what is said of each
     */
    public static function occasional(Changes $changes): array
    {
        [$left, $said] = [[], []];
        foreach (self::OCCASIONAL as $group => [$name, $places]) {
            $why = null === $changes->files ? null : $changes->in([...self::UNDER_ALL, ...$places]);
            if (null === $changes->files) {
                $said[] = $name . ': taken, as nobody can tell what was changed since the main line.';
            } elseif (null !== $why) {
                $said[] = $name . ': taken, as ' . $why . ' was changed.';
            } else {
                $left[$group] = $name;
                $said[] = $name . ': left out, as nothing was changed that could break it. bin/check --long has it.';
            }
        }

        return [$left, $said];
    }

    /** @return list<Part> */
    private static function gates(): array
    {
        return [
            new Part('versions', 'Versions', ['bin/versions'], self::BEHIND),
            self::contract(self::BEHIND),
            self::types(self::BEHIND),
            self::logic(self::BEHIND),
            self::analysed(self::BEHIND),
            new Part('style', 'Style', ['check/style'], self::BEHIND),
            new Part('words', 'Words', ['bin/wubbin', 'words', '--figures'], self::BEHIND),
        ];
    }

    private static function contract(int $nice): Part
    {
        return new Part('contract', 'Interface and client', ['bin/contract', '--check'], $nice);
    }

    private static function analysed(int $nice): Part
    {
        return new Part(
            'analysed',
            'Types and architecture of PHP',
            ['vendor/bin/phpstan', 'analyse', '--no-progress', '--memory-limit=1G'],
            $nice,
        );
    }

    private static function types(int $nice): Part
    {
        return new Part('types', 'Types of TypeScript', ['npm', 'run', '--silent', 'types'], $nice);
    }

    private static function logic(int $nice): Part
    {
        return new Part('logic', 'The page’s own logic', ['npm', 'run', '--silent', 'test'], $nice);
    }

    /**
     * @param list<string> $arguments
     * @param array<string, string> $environment
     */
    private function tests(string $id, string $name, array $arguments, array $environment = []): Part
    {
        $file = $this->place . '/' . $id . '.xml';

        return new Part(
            $id,
            $name,
            [
                'vendor/bin/paratest',
                '--no-progress',
                '--processes=' . $this->cores,
                '--log-junit',
                $file,
                ...$arguments,
            ],
            self::BEHIND,
            ['WUBBIN_SLICE' => $this->slice] + $environment,
            $file,
        );
    }

    /**
     * @param non-empty-list<string> $groups
     * @param array<string, string> $left groups that are left out
     * @param array<string, string> $environment
     */
    private function serial(string $id, string $name, array $groups, array $left, array $environment = []): Part
    {
        $file = $this->place . '/' . $id . '.xml';

        return new Part(
            $id,
            $name,
            [
                'vendor/bin/phpunit',
                '--no-progress',
                ...array_merge(...array_map(static fn(string $group): array => ['--group', $group], $groups)),
                ...self::without(...array_keys($left)),
                '--log-junit',
                $file,
            ],
            0,
            ['WUBBIN_SLICE' => $this->slice] + $environment,
            $file,
        );
    }

    /**
     * @param list<string> $arguments
     * @param array<string, string> $environment
     */
    private function browser(string $id, string $name, array $arguments = [], array $environment = []): Part
    {
        $file = $this->place . '/' . $id . '.xml';

        return new Part(
            $id,
            $name,
            ['npx', 'playwright', 'test', '--reporter=list,junit', ...$arguments],
            0,
            ['PLAYWRIGHT_JUNIT_OUTPUT_FILE' => $file, 'WUBBIN_SLICE' => $this->slice] + $environment,
            $file,
        );
    }

    /** @return list<string> */
    private static function without(string ...$groups): array
    {
        return array_merge(...array_map(static fn(string $group): array => ['--exclude-group', $group], $groups));
    }
}
