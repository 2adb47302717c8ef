<?php

declare(strict_types=1);

namespace Wubbin\Serve;

/** A QR code that a terminal shows: two rows of it in a line, dark on light whatever the terminal's own colours are. */
final class QrText
{
    /** Modules of light round it, which readers need: ISO/IEC 18004 asks for four (from memory); two are read. */
    private const QUIET = 2;

    /** @return list<string> */
    public static function lines(string $text): array
    {
        /** @var array{num_rows: int, num_cols: int, bcode: list<list<int|string>>} $code */
        $code = (new \TCPDF2DBarcode($text, 'QRCODE,L'))->getBarcodeArray();
        $dark = static fn(int $row, int $column): bool => 1 === (int) ($code['bcode'][$row][$column] ?? 0);
        $lines = [];
        for ($row = -self::QUIET; $row < $code['num_rows'] + self::QUIET; $row += 2) {
            $line = '';
            for ($column = -self::QUIET; $column < $code['num_cols'] + self::QUIET; ++$column) {
                $line .= match ([$dark($row, $column), $dark($row + 1, $column)]) {
                    [true, true] => '█',
                    [true, false] => '▀',
                    [false, true] => '▄',
                    default => ' ',
                };
            }
            $lines[] = "\e[30;107m" . $line . "\e[0m";
        }

        return $lines;
    }
}
