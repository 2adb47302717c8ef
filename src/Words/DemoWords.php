<?php

declare(strict_types=1);

namespace Wubbin\Words;

/** What the jobs, recipes and things of the demo are called, and what is noted on them. */
final readonly class DemoWords
{
    /** @return iterable<int, Said> */
    public static function in(string $directory): iterable
    {
        foreach ((array) glob($directory . '/{,jobs/,recipes/}*.json', \GLOB_BRACE) as $path) {
            $said = [];
            $decoded = (array) json_decode((string) file_get_contents((string) $path), true);
            array_walk_recursive($decoded, static function (mixed $value, int|string $key) use (&$said): void {
                if (
                    is_string($value) &&
                    in_array($key, ['name', 'label', 'note', 'reason'], true) &&
                    !str_contains($value, '.svg') &&
                    !str_contains($value, '.png')
                ) {
                    $said[] = $value;
                }
            });
            foreach ($said as $text) {
                yield new Said('demo/' . basename((string) $path), $text);
            }
        }
    }
}
