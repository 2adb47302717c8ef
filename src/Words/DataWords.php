<?php

declare(strict_types=1);

namespace Wubbin\Words;

use Symfony\Component\Yaml\Yaml;

/** What the reference data says. */
final readonly class DataWords
{
    /** Keys of the reference data whose values are read by people. */
    private const SAID = [
        'title',
        'cue',
        'text',
        'label',
        'why',
        'words',
        'how',
        'noun',
        'part',
        'refused',
        'instead',
        'limit_why',
        'print_side',
        'spoilt',
        'backing',
        'setting',
        'rough',
        'blanks',
        'materials',
        'refuses',
        'tones',
        'sides',
        'source',
    ];

    /** Files whose words are patterns or measures, and read by nobody. */
    private const SILENT = ['complaints', 'consumption', 'hands'];

    /** @return iterable<int, Said> */
    public static function in(string $directory): iterable
    {
        foreach ((array) glob($directory . '/*.yaml') as $path) {
            $file = basename((string) $path, '.yaml');
            if (!in_array($file, self::SILENT, true)) {
                yield from self::of(Yaml::parseFile((string) $path), $file, false);
            }
        }
    }

    /** @return iterable<int, Said> */
    private static function of(mixed $value, string $where, bool $said): iterable
    {
        if (is_string($value)) {
            // Ids are one word without a capital.
            if ($said && 1 !== preg_match('/^[a-z0-9-]+$/', $value)) {
                yield new Said($where, (string) preg_replace('/<[a-z-]+>|\{[a-z_]+\}/', '…', $value));
            }

            return;
        }
        if (!is_array($value)) {
            return;
        }
        $name = is_string($value['id'] ?? null) ? $where . '.' . $value['id'] : $where;
        foreach ($value as $key => $inner) {
            if ('when' === $key) {
                continue;
            }
            yield from self::of(
                $inner,
                is_int($key) ? $name : $name . '.' . $key,
                is_int($key) ? $said : in_array($key, self::SAID, true) || ($said && is_string($inner)),
            );
        }
    }
}
