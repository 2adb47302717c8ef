<?php

declare(strict_types=1);

namespace Wubbin\Words;

use Symfony\Component\Process\Process;

/** Runs what Node.js knows better: the pages' own language, and how common English words are. */
final readonly class Node
{
    /**
     * @param array<string, list<string>>|null $input what it reads, as JSON
     *
     * @return list<mixed> what it answers
     *
     * @throws \RuntimeException where it cannot be run, or what it needs is not installed
     */
    public static function run(string $script, ?array $input = null): array
    {
        $process = new Process(
            ['node', $script],
            null,
            null,
            null === $input ? null : json_encode($input, \JSON_THROW_ON_ERROR),
        );
        $process->run();
        $answer = json_decode($process->getOutput(), true);
        if (!$process->isSuccessful() || !is_array($answer)) {
            throw new \RuntimeException(
                'This needs Node.js and what “npm ci” installs. ' . trim($process->getErrorOutput()),
            );
        }

        return array_values($answer);
    }
}
