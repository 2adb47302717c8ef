<?php

declare(strict_types=1);

namespace Wubbin\Check;

/** Which journeys in a browser go through a room of the page: each file of them names its rooms in its first line. */
final readonly class Journeys
{
    /**
     * @param list<string> $files of the page that were changed
     *
     * @return list<string> files of journeys, those with the fewest other rooms first
     */
    public static function through(array $files, string $project): array
    {
        $rooms = [];
        $journeys = [];
        foreach ($files as $file) {
            if (1 === preg_match('~^web/src/(\w+)/~', $file, $found)) {
                $rooms[$found[1]] = true;
            } elseif (str_ends_with($file, '.spec.ts') && is_file($project . '/' . $file)) {
                $journeys[$file] = 0;
            }
        }
        foreach ((array) glob($project . '/e2e/*.spec.ts') as $path) {
            [$line] = explode("\n", (string) file_get_contents((string) $path), 2);
            $walked = 1 === preg_match('~^// Rooms: (.+)\.$~', trim($line), $found) ? explode(', ', $found[1]) : [];
            if ([] !== array_intersect_key($rooms, array_flip($walked))) {
                $journeys['e2e/' . basename((string) $path)] ??= count($walked);
            }
        }
        asort($journeys);

        return array_keys($journeys);
    }
}
