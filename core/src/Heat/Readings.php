<?php

declare(strict_types=1);

namespace Wubbin\Core\Heat;

use Wubbin\Core\Measure\BadRecord;

/** What a probe, or a strip that changes colour, has shown at one face: temperatures over time. */
final readonly class Readings
{
    public const FACES = ['backing', 'printed face', 'far side', 'base', 'source'];

    private const FEWEST = 3;
    private const MOST = 2000;
    private const LONGEST_S = 3600.0;
    private const COLDEST_C = -20.0;
    private const HOTTEST_C = 600.0;

    /** @param non-empty-list<array{float, float}> $points seconds and °C */
    private function __construct(public string $face, public array $points) {}

    /**
     * From lines of two numbers, seconds and °C, apart by a comma, a semicolon, a tab or spaces; a first line of words
     * is passed over.
     *
     * @throws BadRecord naming the line that is wrong
     */
    public static function fromCsv(string $text, string $face): self
    {
        if (!in_array($face, self::FACES, true)) {
            throw BadRecord::at('face', 'Choose one of the faces.');
        }
        $points = [];
        foreach (
            array_values(
                array_filter(array_map(trim(...), explode("\n", $text)), static fn(string $line): bool => '' !== $line),
            )
            as $n => $line
        ) {
            // A comma may part the numbers, or their decimals where something else parts them.
            $cells = preg_split('/[;\t]\s*|\s+/', $line);
            $cells = is_array($cells) && count($cells) > 1 ? $cells : explode(',', $line);
            $numbers = array_map(
                static fn(string $cell): ?float => is_numeric(str_replace(',', '.', trim($cell, " ,\"\r")))
                    ? (float) str_replace(',', '.', trim($cell, " ,\"\r"))
                    : null,
                $cells,
            );
            if (0 === $n && [null] === array_values(array_unique($numbers))) {
                continue;
            }
            [$time, $celsius] = [$numbers[0] ?? null, $numbers[1] ?? null];
            if (null === $time || null === $celsius) {
                throw BadRecord::at('readings', sprintf('Line %d has no two numbers: seconds, then °C.', $n + 1));
            }
            if ($time < 0.0 || $time > self::LONGEST_S || $celsius < self::COLDEST_C || $celsius > self::HOTTEST_C) {
                throw BadRecord::at(
                    'readings',
                    sprintf('Line %d cannot be: from 0 to 3600 s, from −20 to 600 °C.', $n + 1),
                );
            }
            if ([] !== $points && $time <= $points[count($points) - 1][0]) {
                throw BadRecord::at('readings', sprintf('Line %d goes back in time.', $n + 1));
            }
            $points[] = [$time, $celsius];
        }
        if (count($points) < self::FEWEST || count($points) > self::MOST) {
            throw BadRecord::at(
                'readings',
                sprintf('From %d to %d readings make a calibration.', self::FEWEST, self::MOST),
            );
        }

        return new self($face, $points);
    }
}
