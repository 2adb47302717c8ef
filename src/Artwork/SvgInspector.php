<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** Refuses drawings that could run something, fetch something, or swell when they are read. */
final readonly class SvgInspector
{
    /** Drawing so many takes about half a minute here. */
    public const MOST_ELEMENTS = 200_000;

    private const SVG = 'http://www.w3.org/2000/svg';

    /** What draws its `href`; a link's address is never followed and does no harm. */
    private const DRAWS_REFERENCE = [
        'image',
        'use',
        'feImage',
        'pattern',
        'linearGradient',
        'radialGradient',
        'filter',
        'mpath',
        'textPath',
        'tref',
    ];

    /** @throws Refusal naming what it found */
    public function inspect(string $svg): void
    {
        if (1 === preg_match('/<!ENTITY/i', $svg)) {
            throw InvalidInput::field(
                'file',
                'This SVG declares entities, which can grow without end. Save it as plain SVG.',
            );
        }
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $read = $document->loadXML($svg, \LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (!$read || null === $root || 'svg' !== $root->localName || self::SVG !== $root->namespaceURI) {
            throw InvalidInput::field(
                'file',
                'This is not a well-formed SVG drawing. Save it again from your drawing program.',
            );
        }
        $shapes = 0;
        // From one to the next: a list of all would be counted through anew for each.
        for ($node = $root; null !== $node; $node = self::after($node, $root)) {
            if ($node instanceof \DOMElement) {
                $this->inspectElement($node);
                if (++$shapes > self::MOST_ELEMENTS) {
                    throw InvalidInput::field(
                        'file',
                        sprintf(
                            'This drawing has more than %s parts. Simplify it, or export it as PNG.',
                            number_format(self::MOST_ELEMENTS, 0, '', ' '),
                        ),
                    );
                }
            }
        }
        foreach ($document->childNodes as $node) {
            if ($node instanceof \DOMProcessingInstruction && 'xml-stylesheet' === $node->target) {
                throw InvalidInput::field('file', 'This SVG takes its styles from another file. Save it as plain SVG.');
            }
        }
    }

    /** The next node in the order of the text. */
    private static function after(\DOMNode $node, \DOMNode $root): ?\DOMNode
    {
        if (null !== $node->firstChild) {
            return $node->firstChild;
        }
        while (null !== $node && $node !== $root && null === $node->nextSibling) {
            $node = $node->parentNode;
        }

        return null === $node || $node === $root ? null : $node->nextSibling;
    }

    private function inspectElement(\DOMElement $element): void
    {
        if (in_array($element->localName, ['script', 'foreignObject'], true)) {
            throw InvalidInput::field('file', 'This SVG carries a script or a page inside it. Save it as plain SVG.');
        }
        if ('style' === $element->localName) {
            $this->inspectStyle($element->textContent);
        }
        foreach ($element->attributes as $attribute) {
            $name = (string) $attribute->localName;
            if (1 === preg_match('/^on[a-z]/i', $name)) {
                throw InvalidInput::field('file', 'This SVG carries a script (' . $name . '). Save it as plain SVG.');
            }
            if ('href' === $name && in_array($element->localName, self::DRAWS_REFERENCE, true)) {
                $this->inspectReference($attribute->value);
            }
            $this->inspectStyle($attribute->value);
        }
    }

    private function inspectStyle(string $style): void
    {
        if (1 === preg_match('/@import/i', $style)) {
            throw InvalidInput::field('file', 'This SVG takes its styles from another file. Save it as plain SVG.');
        }
        preg_match_all('/url\(\s*["\']?([^"\')]*)/i', $style, $found);
        foreach ($found[1] as $reference) {
            $this->inspectReference($reference);
        }
    }

    private function inspectReference(string $reference): void
    {
        $reference = trim($reference);
        if (
            '' === $reference ||
            str_starts_with($reference, '#') ||
            1 === preg_match('#^data:(image/(png|jpeg|gif|webp)|font/|application/(x-)?font)#i', $reference)
        ) {
            return;
        }
        throw InvalidInput::field(
            'file',
            sprintf(
                'This SVG refers to another file (%s). Embed it, or export the drawing as PNG.',
                mb_substr($reference, 0, 60),
            ),
        );
    }
}
