<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

/** A QR code as an SVG, with the quiet zone that readers need (ISO/IEC 18004: four modules, from memory). */
final readonly class QrSvg
{
    private const QUIET = 4;

    public static function of(string $text): string
    {
        // Middle redundancy: labels lie on a bench where things get dirty.
        /** @var array{num_rows: int, num_cols: int, bcode: list<list<int|string>>} $code */
        $code = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $d = '';
        foreach ($code['bcode'] as $y => $row) {
            foreach ($row as $x => $dark) {
                if (1 === (int) $dark) {
                    $d .= sprintf('M%d %dh1v1h-1z', $x, $y);
                }
            }
        }
        $side = $code['num_cols'] + 2 * self::QUIET;

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="-%1$d -%1$d %2$d %2$d" shape-rendering="crispEdges">' .
                '<path d="%3$s" fill="#000"/></svg>',
            self::QUIET,
            $side,
            $d,
        );
    }
}
