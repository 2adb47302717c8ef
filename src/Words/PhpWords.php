<?php

declare(strict_types=1);

namespace Wubbin\Words;

/** What the code says: strings of PHP that are words, joined where the code joins them. */
final readonly class PhpWords
{
    /** What is thrown where the code is wrong is read by who mends it. */
    private const UNREAD = ['LogicException', 'OutOfBoundsException', 'preg_match', 'preg_replace', 'preg_split'];

    /** @return iterable<int, Said> */
    public static function in(string $directory, string $root): iterable
    {
        $files = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($directory));
        $paths = [];
        foreach ($files as $file) {
            if ($file instanceof \SplFileInfo && 'php' === $file->getExtension()) {
                $paths[] = $file->getPathname();
            }
        }
        sort($paths);
        foreach ($paths as $path) {
            yield from self::of((string) file_get_contents($path), ltrim(substr($path, strlen($root)), '/'));
        }
    }

    /** @return iterable<int, Said> */
    private static function of(string $code, string $file): iterable
    {
        $tokens = array_values(
            array_filter(
                \PhpToken::tokenize($code),
                static fn(\PhpToken $t): bool => !$t->is([\T_WHITESPACE, \T_COMMENT, \T_DOC_COMMENT]),
            ),
        );
        $depth = 0;
        for ($i = 0; $i < count($tokens); ++$i) {
            // What stands in attributes describes the interface; only what a command does is for people.
            if ($tokens[$i]->is(\T_ATTRIBUTE) && 'AsCommand' !== ($tokens[$i + 1]->text ?? '')) {
                $depth = 1;
                while ($depth > 0 && isset($tokens[++$i])) {
                    $depth += '[' === $tokens[$i]->text ? 1 : (']' === $tokens[$i]->text ? -1 : 0);
                }
                continue;
            }
            if (!$tokens[$i]->is(\T_CONSTANT_ENCAPSED_STRING)) {
                continue;
            }
            [$first, $text] = [$i, self::text($tokens[$i])];
            // Joined with what follows: other strings as they are, anything else as a gap.
            while ('.' === ($tokens[$i + 1]->text ?? '')) {
                $i += 2;
                if ($tokens[$i]->is(\T_CONSTANT_ENCAPSED_STRING)) {
                    $text .= self::text($tokens[$i]);
                    continue;
                }
                $text .= '…';
                for ($open = 0; isset($tokens[$i + 1]); ++$i) {
                    $next = $tokens[$i + 1]->text;
                    $open += in_array($next, ['(', '['], true) ? 1 : (in_array($next, [')', ']'], true) ? -1 : 0);
                    if ($open < 0 || (0 === $open && in_array($next, ['.', ',', ';', '=>', '?', ':'], true))) {
                        break;
                    }
                }
            }
            $before = ($tokens[$first - 2]->text ?? '') . ($tokens[$first - 1]->text ?? '');
            if (
                self::isSaid($text) &&
                [] === array_filter(self::UNREAD, static fn($u): bool => str_contains($before, $u))
            ) {
                yield new Said(
                    $file . ':' . $tokens[$first]->line,
                    (string) preg_replace('/<[a-z-]+>|\{[a-z_]+\}|%[0-9.$]*[sduF]|%%/', '…', $text),
                );
            }
        }
    }

    private static function text(\PhpToken $token): string
    {
        return stripslashes(substr($token->text, 1, -1));
    }

    /** Words of a person, not a pattern, a query, a header, a path or a format. */
    private static function isSaid(string $text): bool
    {
        $codes = [
            '/^(SELECT|INSERT|UPDATE|DELETE|CREATE|ALTER|PRAGMA|DROP|WITH|BEGIN|ORDER|WHERE|FROM)\b/',
            '/=\s*[:?]|\b(LIKE|COALESCE|NOT IN|VACUUM|SELECT)\b|\binstr\(/',
            '/^[\/#^]|[\\\\$]\w|<\/?\w+[ >]|; [\w-]+=|:\/\/|^--|\w\|\w|^[a-z]+:[\w…]|^[A-Z-]{2,}[:;]/u',
            '/no-(store|cache)|max-age|-src \'|^Content-Type/',
        ];

        return 1 === preg_match('/\p{L}{2,}[ ,:;]+[\p{L}…“(]/u', $text) &&
            [] === array_filter($codes, static fn(string $code): bool => 1 === preg_match($code, $text));
    }
}
