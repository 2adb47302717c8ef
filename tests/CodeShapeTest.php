<?php

declare(strict_types=1);

namespace Wubbin\Tests;

use PHPUnit\Framework\TestCase;

/** What can be read at a glance: lines, functions and files that are no longer than a screen and a few. */
final class CodeShapeTest extends TestCase
{
    private const ROOT = __DIR__ . '/..';
    private const FOLDERS = [
        'bench',
        'check',
        'config',
        'contract',
        'core',
        'demo',
        'migrations',
        'public',
        'src',
        'tests',
    ];

    private const LONGEST_LINE = 120;
    private const LONGEST_FILE = 400;
    private const LONGEST_TEST = 500;
    private const LONGEST_FUNCTION = 60;

    public function testNoLineOfPhpIsTooLong(): void
    {
        $long = [];
        foreach (self::files() as $path => $code) {
            foreach (explode("\n", $code) as $n => $line) {
                if (mb_strlen($line) > self::LONGEST_LINE) {
                    $long[] = sprintf('%s:%d', $path, $n + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    public function testNoFileOfPhpIsTooLong(): void
    {
        $long = [];
        foreach (self::files() as $path => $code) {
            $limit = 1 === preg_match('#(?:^|/)tests/#', $path) ? self::LONGEST_TEST : self::LONGEST_FILE;
            if (substr_count($code, "\n") > $limit) {
                $long[] = $path;
            }
        }
        self::assertSame([], $long);
    }

    public function testNoFunctionIsTooLong(): void
    {
        $long = [];
        foreach (self::files() as $path => $code) {
            foreach (self::functions($code) as [$name, $lines]) {
                if ($lines > self::LONGEST_FUNCTION) {
                    $long[] = sprintf('%s %s: %d', $path, $name, $lines);
                }
            }
        }
        self::assertSame([], $long);
    }

    /** @return iterable<string, string> contents by path */
    private static function files(): iterable
    {
        foreach (self::FOLDERS as $folder) {
            $found = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(self::ROOT . '/' . $folder, \FilesystemIterator::SKIP_DOTS),
            );
            foreach ($found as $file) {
                if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                    $path = substr($file->getPathname(), strlen(self::ROOT) + 1);
                    yield $path => (string) file_get_contents($file->getPathname());
                }
            }
        }
    }

    /** @return iterable<array{string, int}> named functions with how many lines each has */
    private static function functions(string $code): iterable
    {
        $tokens = array_values(array_filter(\PhpToken::tokenize($code), static fn($t): bool => !$t->isIgnorable()));
        foreach ($tokens as $i => $token) {
            $name = $tokens[$i + 1] ?? null;
            if ($token->is(\T_FUNCTION) && true === $name?->is(\T_STRING)) {
                $end = self::endOf($tokens, $i);
                yield [$name->text, $end - $token->line + 1];
            }
        }
    }

    /** @param list<\PhpToken> $tokens */
    private static function endOf(array $tokens, int $from): int
    {
        $depth = 0;
        $last = 0;
        for ($i = $from; isset($tokens[$i]); ++$i) {
            $token = $tokens[$i];
            $last = $token->line;
            if (0 === $depth && ';' === $token->text) {
                break;
            }
            if ('{' === $token->text || $token->is([\T_CURLY_OPEN, \T_DOLLAR_OPEN_CURLY_BRACES])) {
                ++$depth;
            } elseif ('}' === $token->text && 0 === --$depth) {
                break;
            }
        }

        return $last;
    }
}
