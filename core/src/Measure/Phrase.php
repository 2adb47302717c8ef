<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * A sentence with its figures still as figures: "{width} across" with width = 240 mm.
 *
 * Whoever shows it writes the figures in the reader's units, so a plan reads the same in both systems.
 */
final readonly class Phrase implements \JsonSerializable
{
    /** @param array<string, Quantity> $values */
    private function __construct(public string $text, public array $values) {}

    /**
     * @param array<string, Quantity> $values by the name they have in the text between braces
     *
     * @throws \LogicException when a name in the text has no value, or a value no place in the text
     */
    public static function of(string $text, array $values = []): self
    {
        preg_match_all('/\{([a-z_]+)\}/', $text, $found);
        if ([] !== array_diff($found[1], array_keys($values)) || [] !== array_diff(array_keys($values), $found[1])) {
            throw new \LogicException(sprintf('The figures of “%s” do not match its text.', $text));
        }

        return new self($text, $values);
    }

    /** Words of a person, fit to stand in a sentence: brackets that mean figures there become round ones. */
    public static function plain(string $words): string
    {
        return strtr($words, '{}<>', '()()');
    }

    public function sameAs(self $other): bool
    {
        $figures = static fn(self $phrase): array => array_map(
            static fn(Quantity $q): array => [$q->kind, $q->value, $q->to],
            $phrase->values,
        );

        return $this->text === $other->text && $figures($this) === $figures($other);
    }

    /** @return array{text: string, values: object} */
    public function jsonSerialize(): array
    {
        return ['text' => $this->text, 'values' => (object) $this->values];
    }
}
