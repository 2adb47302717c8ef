<?php

declare(strict_types=1);

namespace Wubbin\Check;

use Symfony\Component\Process\Process;

/** What was changed since a commit, committed or not. */
final readonly class Changes
{
    /** @param list<string>|null $files below the project; null where nobody can tell */
    private function __construct(public ?array $files) {}

    /** Since this line of work left the main one. */
    public static function sinceMain(string $project): self
    {
        $base = self::git($project, 'merge-base', 'HEAD', 'origin/main');

        return null === $base ? new self(null) : self::since($project, $base);
    }

    public static function since(string $project, string $commit): self
    {
        $changed = self::git($project, 'diff', '--name-only', $commit);
        $new = self::git($project, 'ls-files', '--others', '--exclude-standard');

        return null === $changed || null === $new
            ? new self(null)
            : new self(array_values(array_diff(explode("\n", $changed . "\n" . $new), [''])));
    }

    public static function unknown(): self
    {
        return new self(null);
    }

    /** @param list<string> $files */
    public static function of(array $files): self
    {
        return new self($files);
    }

    /**
     * The first of these that was changed; a place that ends with a slash is all that is in it.
     *
     * @param list<string> $places
     *
     * @return string|null null where none of them was
     */
    public function in(array $places): ?string
    {
        foreach ($this->files ?? [] as $file) {
            foreach ($places as $place) {
                if ($file === $place || (str_ends_with($place, '/') && str_starts_with($file, $place))) {
                    return $file;
                }
            }
        }

        return null;
    }

    private static function git(string $project, string ...$words): ?string
    {
        $process = new Process(['git', ...$words], $project);
        $process->run();

        return $process->isSuccessful() ? trim($process->getOutput()) : null;
    }
}
