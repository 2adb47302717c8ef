<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A way to fix a flimsy sheet on one that a printer can feed. */
final readonly class CarrierWay
{
    /** The way that is used where there is no dispute. */
    public const UNDISPUTED = 'taped-corners';

    /** The disputed matter that the other ways belong to. */
    public const MATTER = 'carrier';

    /**
     * @param float $beyondMm it is cut larger than the sheet all round
     * @param float $stripMm it is cut larger along one edge
     * @param float $tapeMm that tape takes up of the print side
     * @param bool $atEdges along all edges; else at the corners
     * @param bool $foldLeads it has one folded edge, which goes in first
     * @param list<string> $how
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $backing,
        public float $beyondMm,
        public float $stripMm,
        public bool $cornersCut,
        public float $tapeMm,
        public bool $atEdges,
        public bool $foldLeads,
        public array $how,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('label'),
            $record->string('backing'),
            $record->numberOrNull('beyond_mm') ?? 0.0,
            $record->numberOrNull('strip_mm') ?? 0.0,
            $record->has('corners_cut') && $record->boolean('corners_cut'),
            $record->numberOrNull('tape_mm') ?? 0.0,
            'edges' === $record->stringOrNull('tape_at'),
            $record->has('fold_leads') && $record->boolean('fold_leads'),
            $record->strings('how'),
            Provenance::fromRecord($record->record('provenance')),
        );
    }
}
