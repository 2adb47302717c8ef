<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** What lies on what while a route is heated. */
final readonly class Stacking
{
    public const BASE_HARD = 'hard';

    /**
     * @param string|null $base `hard`, `pad`, or null where the work lies on nothing
     * @param bool $guard colour can go through to the back of a hollow blank
     * @param list<string> $guards ids of what may go inside, the preferred one first; empty for any
     * @param list<string> $covers ids in the order they are preferred
     * @param list<LayerRule> $layers from the heat down to the base
     */
    private function __construct(
        public ?string $base,
        public bool $guard,
        public array $guards,
        public array $covers,
        public array $layers,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        $base = $record->string('base');

        return new self(
            'none' === $base ? null : $base,
            $record->boolean('guard'),
            $record->strings('guards'),
            $record->strings('cover'),
            array_map(LayerRule::fromRecord(...), $record->records('layers')),
            Provenance::fromRecord($record->record('layers_provenance')),
        );
    }
}
