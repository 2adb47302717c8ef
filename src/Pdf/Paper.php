<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Wubbin\Core\Measure\PaperSize;

/** A paper that is read, in the making: headings, rows, tables and drawings, one look for all of them. */
final class Paper
{
    private string $body = '';

    public function __construct(
        public readonly string $title,
        public readonly PaperSize $size = PaperSize::A4,
        private readonly string $class = '',
    ) {}

    /** Words of any origin, safe to stand between tags and in attributes. */
    public static function text(string $words): string
    {
        return htmlspecialchars($words, \ENT_QUOTES | \ENT_SUBSTITUTE | \ENT_HTML5);
    }

    public function heading(string $words): self
    {
        return $this->add('<h2>' . self::text($words) . '</h2>');
    }

    public function part(string $words): self
    {
        return $this->add('<h3>' . self::text($words) . '</h3>');
    }

    public function words(string $words, string $class = ''): self
    {
        return '' === $words
            ? $this
            : $this->add(sprintf('<p class="%s">%s</p>', self::text($class), nl2br(self::text($words))));
    }

    /** @param iterable<array{string, string}> $pairs what, and its value */
    public function pairs(iterable $pairs): self
    {
        $rows = '';
        foreach ($pairs as [$what, $value]) {
            $rows .= sprintf('<tr><th>%s</th><td>%s</td></tr>', self::text($what), nl2br(self::text($value)));
        }

        return '' === $rows ? $this : $this->add('<table class="pairs">' . $rows . '</table>');
    }

    /**
     * @param list<string> $head
     * @param list<list<string>> $rows a row whose first cell begins with an asterisk is a sum
     * @param int $words so many columns from the left are words; the others are figures
     * @param bool $ticked a box to tick stands before each row
     */
    public function table(array $head, array $rows, int $words = 1, bool $ticked = false): self
    {
        $html = '<table class="rows">';
        if ([] !== $head) {
            $html .= '<thead><tr>' . ($ticked ? '<th></th>' : '') . self::cells($head, 'th', $words) . '</tr></thead>';
        }
        $html .= '<tbody>';
        foreach ($rows as $row) {
            $sum = str_starts_with($row[0] ?? '', '*');
            $row = [ltrim($row[0] ?? '', '*'), ...array_slice($row, 1)];
            $box = $ticked ? sprintf('<td class="box">%s</td>', $sum ? '' : '<i class="tick"></i>') : '';
            $html .= sprintf('<tr%s>%s%s</tr>', $sum ? ' class="sum"' : '', $box, self::cells($row, 'td', $words));
        }

        return $this->add($html . '</tbody></table>');
    }

    /** @param list<string> $row */
    private static function cells(array $row, string $tag, int $words): string
    {
        $html = '';
        foreach ($row as $n => $cell) {
            $html .= sprintf(
                '<%1$s%2$s>%3$s</%1$s>',
                $tag,
                $n < $words ? '' : ' class="figure"',
                nl2br(self::text($cell)),
            );
        }

        return $html;
    }

    /** @param string $html whose words are safe already */
    public function add(string $html): self
    {
        $this->body .= $html;

        return $this;
    }

    /** What follows begins a page. */
    public function page(): self
    {
        return $this->add('<div class="page"></div>');
    }

    /** @param string $css how all papers look, and their fonts */
    public function html(string $css): string
    {
        $size = $this->size->size();

        return sprintf(
            '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>%s</title>' .
                '<style>%s@page{size:%smm %smm}' .
                '</style></head><body class="%s">%s</body></html>',
            self::text($this->title),
            $css,
            $size->widthMm,
            $size->heightMm,
            self::text($this->class),
            $this->body,
        );
    }
}
