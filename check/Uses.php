<?php

declare(strict_types=1);

namespace Wubbin\Check;

/**
 * Which file of PHP names which: read from the code, without running it. A test that asks over HTTP uses the
 * controllers whose addresses it names.
 */
final class Uses
{
    private const FOLDERS = ['core/src', 'core/tests', 'src', 'tests', 'check', 'contract', 'migrations'];

    /** Data that classes read. */
    private const READ_BY = [
        'core/data/' => ['core/src/Route/CatalogueReader.php'],
        'demo/' => ['src/Demo/DemoCommand.php'],
        'migrations/' => ['src/Storage/MigrateCommand.php'],
        'schema/' => ['src/Storage/SchemaCheck.php', 'tests/Console/ConsoleTest.php'],
        'config/' => ['src/Kernel.php'],
    ];

    /** @var array<string, list<string>> files that name a file */
    private array $namedBy = [];

    /** @var array<string, string> files by class */
    private array $files = [];

    /** @var array<string, list<string>> addresses by the controller's file */
    private array $addresses = [];

    public function __construct(private readonly string $project)
    {
        $code = [];
        foreach (self::FOLDERS as $folder) {
            foreach ($this->in($folder) as $file) {
                $code[$file] = (string) file_get_contents($project . '/' . $file);
                if (1 === preg_match('/^namespace ([\w\\\\]+);/m', $code[$file], $found)) {
                    $this->files[$found[1] . '\\' . basename($file, '.php')] = $file;
                }
                preg_match_all("~#\\[Route\\(\\s*'(/api/[^'{]*)~", $code[$file], $found);
                $this->addresses[$file] = $found[1];
            }
        }
        $this->addresses = array_filter($this->addresses);
        foreach ($code as $file => $text) {
            foreach ([...$this->named($text), ...$this->asked($file, $text)] as $used) {
                $this->namedBy[$used][] = $file;
            }
        }
    }

    /**
     * Tests that a change can break, nearest first.
     *
     * @param list<string> $changed
     *
     * @return array<string, int> how far away each file of tests stands from what was changed
     */
    public function testsOf(array $changed): array
    {
        $far = array_fill_keys($this->classes($changed), 0);
        for ($edge = array_keys($far), $n = 1; [] !== $edge; ++$n) {
            $next = [];
            foreach ($edge as $file) {
                foreach ($this->namedBy[$file] ?? [] as $user) {
                    if (!isset($far[$user])) {
                        $far[$user] = $n;
                        $next[] = $user;
                    }
                }
            }
            $edge = $next;
        }

        return array_filter(
            $far,
            static fn(string $file): bool => str_ends_with($file, 'Test.php') && 'tests/ArchitectureTest.php' !== $file,
            \ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * @param list<string> $changed
     *
     * @return list<string> with the classes that read what is no class
     */
    private function classes(array $changed): array
    {
        $classes = $changed;
        foreach ($changed as $file) {
            foreach (self::READ_BY as $place => $readers) {
                $classes = str_starts_with($file, $place) ? [...$classes, ...$readers] : $classes;
            }
        }

        return array_values(array_unique($classes));
    }

    /** @return list<string> files of the classes that a text names */
    private function named(string $text): array
    {
        preg_match('/^namespace ([\w\\\\]+);/m', $text, $found);
        $namespace = $found[1] ?? '';
        preg_match_all('/^use ([\w\\\\]+)(?: as \w+)?;/m', $text, $found);
        $names = $found[1];
        // Of its own namespace, and with a name in full.
        preg_match_all('/(?<![\w\\\\$>])(?:\\\\?(Wubbin\\\\[\w\\\\]+)|([A-Z]\w+))/', $text, $found);
        $names = [
            ...$names,
            ...array_diff($found[1], ['']),
            ...array_map(static fn(string $name): string => $namespace . '\\' . $name, array_diff($found[2], [''])),
        ];

        return array_values(array_unique(array_intersect_key($this->files, array_flip($names))));
    }

    /** @return list<string> controllers whose addresses a test names */
    private function asked(string $file, string $text): array
    {
        if (!str_starts_with($file, 'tests/')) {
            return [];
        }
        preg_match_all("~['\"](/api/[\w/.-]*)~", $text, $found);
        $asked = [];
        foreach (array_unique($found[1]) as $address) {
            foreach ($this->addresses as $controller => $known) {
                foreach ($known as $one) {
                    if (str_starts_with($address, $one) || ('/' === $address[-1] && str_starts_with($one, $address))) {
                        $asked[$controller] = $controller;
                    }
                }
            }
        }

        return array_values($asked);
    }

    /** @return iterable<string> files of PHP, from the project on */
    private function in(string $folder): iterable
    {
        $found = new \RecursiveIteratorIterator(
            new \RecursiveDirectoryIterator($this->project . '/' . $folder, \FilesystemIterator::SKIP_DOTS),
        );
        foreach ($found as $file) {
            if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                yield substr($file->getPathname(), strlen($this->project) + 1);
            }
        }
    }
}
