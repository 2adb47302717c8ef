<?php

declare(strict_types=1);

namespace Wubbin\Words;

/**
 * What a page of Markdown says: its headings, paragraphs, items and cells, without code and addresses.
 *
 * A part that is for those who write code is not for those who use it: it ends there.
 */
final readonly class ProseWords
{
    private const CODE = '## Find your way in the code';

    /** @return iterable<int, Said> */
    public static function in(string $path, string $name): iterable
    {
        $code = false;
        $block = '';
        $began = 0;
        foreach ([...(array) file($path, \FILE_IGNORE_NEW_LINES), ''] as $n => $line) {
            $line = (string) $line;
            if (self::CODE === $line) {
                return;
            }
            $code = str_starts_with($line, '```') ? !$code : $code;
            $fence = $code || str_starts_with($line, '```');
            // A blank line, a heading, an item and a row of a table end what came before.
            if ('' !== $block && ($fence || 1 === preg_match('/^\s*$|^\s*([-*] |[#|]|\d+\.)/', $line))) {
                yield from self::block($block, $name . ':' . $began);
                $block = '';
            }
            if (!$fence && '' !== trim($line)) {
                $began = '' === $block ? $n + 1 : $began;
                $block .= ' ' . trim($line);
            }
        }
    }

    /** @return iterable<int, Said> */
    private static function block(string $block, string $where): iterable
    {
        $plain = (string) preg_replace(
            ['/^\s*([-*]|#+|\d+\.) /', '/!\[[^\]]*\]\([^)]*\)/', '/\[([^\]]*)\]\([^)]*\)/', '/`[^`]*`/', '/\*\*?/'],
            ['', '', '$1', '…', ''],
            $block,
        );
        foreach (explode('|', $plain) as $cell) {
            if (1 === preg_match('/\p{L}{2,}/u', $cell)) {
                yield new Said($where, trim($cell));
            }
        }
    }
}
