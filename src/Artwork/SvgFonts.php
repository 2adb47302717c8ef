<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Task\OutsideProgram;
use Wubbin\Task\ProgramFailed;

/** Finds the fonts that a drawing asks for and this machine does not have, and what is drawn in their place. */
final readonly class SvgFonts
{
    private const SECONDS = 5.0;

    /** Families that stand for whatever there is. */
    private const GENERIC = [
        'serif',
        'sans-serif',
        'monospace',
        'cursive',
        'fantasy',
        'system-ui',
        'inherit',
        'initial',
    ];

    /** @return string|null what is missing, in a sentence */
    public function note(string $svg): ?string
    {
        if (1 !== preg_match('/<(?:\w+:)?text[\s>]/', $svg)) {
            return null;
        }
        preg_match_all('/font-family\s*[:=]\s*(?:"([^"]*)"|\'([^\']*)\'|([^;"\'}<>]+))/i', $svg, $found);
        $missing = [];
        foreach (
            array_map(static fn(string ...$quoted): string => implode('', $quoted), $found[1], $found[2], $found[3])
            as $list
        ) {
            // The first of a list is what is wanted; the others are what its maker had for others.
            $wanted = trim(explode(',', html_entity_decode($list))[0], " \t\"'");
            if ('' === $wanted || in_array(mb_strtolower($wanted), self::GENERIC, true)) {
                continue;
            }
            $instead = $this->match($wanted);
            if (
                null !== $instead &&
                !in_array(mb_strtolower($wanted), array_map(mb_strtolower(...), explode(',', $instead)), true)
            ) {
                $missing[$wanted] = explode(',', $instead)[0];
            }
        }
        if ([] === $missing) {
            return null;
        }
        $pairs = array_map(
            static fn(string $wanted, string $instead): string => sprintf(
                '“%s” (%s is drawn instead)',
                mb_substr($wanted, 0, 40),
                $instead,
            ),
            array_keys($missing),
            $missing,
        );

        return 'It needs fonts that are not here: ' .
            implode(', ', array_slice($pairs, 0, 5)) .
            '. Turn its text into outlines to keep its look.';
    }

    private function match(string $family): ?string
    {
        // What fontconfig reads as a pattern is only a name here.
        $pattern = str_replace(['\\', '-', ':', ','], ['\\\\', '\\-', '\\:', '\\,'], $family);
        try {
            return OutsideProgram::run(['fc-match', '--format=%{family}', $pattern], self::SECONDS);
        } catch (ProgramFailed) {
            return null;
        }
    }
}
