<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/**
 * Puts right what drawing programs get wrong and every viewer forgives: packed files, a namespace that nobody declared,
 * entities that stand for plain text, embedded pictures of no type or a wrong one, and a program's private data.
 *
 * It makes nothing allowed that is not: what it leaves is inspected after it.
 */
final readonly class SvgCleaner
{
    /** Unpacked or with its entities written out, in bytes: more is not read. */
    private const MOST_BYTES = 64 << 20;

    /** So many packed bytes are unpacked at once. */
    private const PACKED_BYTES = 1 << 13;

    private const SVG = 'http://www.w3.org/2000/svg';
    private const XLINK = 'http://www.w3.org/1999/xlink';

    /** Whether a file is a drawing that was packed with gzip, as `.svgz` are. */
    public static function isPacked(string $head): bool
    {
        return str_starts_with($head, "\x1f\x8b");
    }

    /** @throws Refusal when it cannot be unpacked */
    public function clean(string $file): CleanSvg
    {
        $svg = self::isPacked($file) ? self::unpacked($file) : $file;
        $svg = self::typed(self::declared(self::withoutEntities($svg)));

        return self::withoutPrivateParts($svg);
    }

    private static function unpacked(string $file): string
    {
        $svg = '';
        $inflate = inflate_init(\ZLIB_ENCODING_GZIP);
        if (false === $inflate) {
            throw new \LogicException('Without zlib nothing is unpacked.');
        }
        // Bit by bit: a byte can stand for a thousand.
        foreach (str_split($file, self::PACKED_BYTES) as $part) {
            $svg .= (string) @inflate_add($inflate, $part);
            if (strlen($svg) > self::MOST_BYTES) {
                break;
            }
        }

        return strlen($svg) > self::MOST_BYTES || \ZLIB_STREAM_END !== inflate_get_status($inflate)
            ? throw InvalidInput::field('file', 'This packed drawing is damaged or too large. Save it as plain SVG.')
            : $svg;
    }

    /**
     * Entities that stand for plain text, as drawing programs use them for addresses, written out; with others the
     * drawing is left as it is.
     */
    private static function withoutEntities(string $svg): string
    {
        if (1 !== preg_match('/<!DOCTYPE[^>\[]*\[(.*?)\]\s*>/s', $svg, $found, \PREG_OFFSET_CAPTURE)) {
            return $svg;
        }
        [[$type, $at], [$declared]] = $found;
        preg_match_all('/<!ENTITY\s+([\w.:-]+)\s+(["\'])([^<&%]*?)\2\s*>/', $declared, $plain, \PREG_SET_ORDER);
        if ([] === $plain || count($plain) !== substr_count($declared, '<!ENTITY')) {
            return $svg;
        }
        $texts = array_column($plain, 3, 1);
        $rest = substr($svg, 0, $at) . substr($svg, $at + strlen($type));
        $grown = strlen($rest);
        foreach ($texts as $name => $text) {
            $grown += substr_count($rest, '&' . $name . ';') * strlen($text);
        }

        return $grown > self::MOST_BYTES
            ? $svg
            : strtr(
                $rest,
                array_combine(
                    array_map(static fn(string $name): string => '&' . $name . ';', array_keys($texts)),
                    $texts,
                ),
            );
    }

    /** With the namespaces that its own words are from. */
    private static function declared(string $svg): string
    {
        if (1 !== preg_match('/<svg\b[^>]*>/', $svg, $found, \PREG_OFFSET_CAPTURE)) {
            return $svg;
        }
        [$tag, $at] = $found[0];
        $missing = 1 === preg_match('/\sxmlns\s*=/', $tag) ? '' : ' xmlns="' . self::SVG . '"';
        if (str_contains($svg, 'xlink:') && 1 !== preg_match('/\sxmlns:xlink\s*=/', $svg)) {
            $missing .= ' xmlns:xlink="' . self::XLINK . '"';
        }

        return '' === $missing ? $svg : substr_replace($svg, $missing, $at + strlen('<svg'), 0);
    }

    /** Pictures in it are of the type that their own first bytes say. */
    private static function typed(string $svg): string
    {
        return (string) preg_replace_callback(
            '/(href\s*=\s*["\']\s*)data:([^,"\'<>]{0,80}),(\s*(?:[A-Za-z0-9+\/]\s*){16,32})/',
            static function (array $found): string {
                $head = (string) base64_decode((string) preg_replace('/\s+/', '', $found[3]), true);
                $type = RasterFile::decoderFor($head);

                return str_contains($found[2], 'base64') && in_array($type, ['png', 'jpeg', 'gif', 'webp'], true)
                    ? $found[1] . 'data:image/' . $type . ';base64,' . $found[3]
                    : $found[0];
            },
            $svg,
        );
    }

    /** What a drawing program keeps for itself beside the drawing: nobody else draws it. */
    private static function withoutPrivateParts(string $svg): CleanSvg
    {
        if (!str_contains($svg, 'foreignObject')) {
            return new CleanSvg($svg, []);
        }
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $read = $document->loadXML($svg, \LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $private = [];
        foreach ($read ? $document->getElementsByTagNameNS('*', 'foreignObject') : [] as $element) {
            if ('' !== trim($element->getAttribute('requiredExtensions'))) {
                $private[] = $element;
            }
        }
        foreach ($private as $element) {
            $element->parentNode?->removeChild($element);
        }

        return [] === $private
            ? new CleanSvg($svg, [])
            : new CleanSvg((string) $document->saveXML(), ['Private data of the drawing program was left out.']);
    }
}
