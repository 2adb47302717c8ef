<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/** Where a figure or a decision comes from, so that every number can say why. */
final readonly class Provenance implements \JsonSerializable
{
    private function __construct(public ProvenanceKind $kind, public ?string $source) {}

    public static function commonPractice(): self
    {
        return new self(ProvenanceKind::CommonPractice, null);
    }

    public static function assumed(?string $why = null): self
    {
        return new self(ProvenanceKind::Assumed, $why);
    }

    public static function computed(): self
    {
        return new self(ProvenanceKind::Computed, null);
    }

    /** @param string $recipe its name and version */
    public static function recipe(string $recipe): self
    {
        return new self(ProvenanceKind::Recipe, $recipe);
    }

    public static function person(): self
    {
        return new self(ProvenanceKind::Person, null);
    }

    public static function learned(): self
    {
        return new self(ProvenanceKind::Learned, null);
    }

    /** @throws BadRecord when the kind is unknown, or a published or remembered figure names no source */
    public static function fromRecord(Record $record): self
    {
        $kind = $record->enum('kind', ProvenanceKind::class);
        $needsSource = ProvenanceKind::Published === $kind || ProvenanceKind::FromMemory === $kind;

        return new self($kind, $needsSource ? $record->string('source') : $record->stringOrNull('source'));
    }

    /** @return array{kind: string, label: string, source: ?string} */
    public function jsonSerialize(): array
    {
        return ['kind' => $this->kind->value, 'label' => $this->kind->label(), 'source' => $this->source];
    }
}
