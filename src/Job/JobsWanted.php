<?php

declare(strict_types=1);

namespace Wubbin\Job;

/** Which jobs a list shows. */
enum JobsWanted: string
{
    case All = '';
    case Late = 'late';
    case ToPrint = 'print';
    case AtBench = 'bench';
    case Finished = 'finished';
    case Handed = 'handed';
    case Archived = 'archived';

    /** The condition, over a job with its good pieces and those that were handed over. */
    public function where(): string
    {
        return match ($this) {
            self::All, self::Archived => '1 = 1',
            self::Late => 'j.day < :today AND COALESCE(g.good, 0) < j.quantity',
            self::ToPrint => 'COALESCE(g.good, 0) < j.quantity AND NOT EXISTS (SELECT 1 FROM printed_sheet s ' .
                'JOIN print_out o ON ' .
                'o.sheet = COALESCE(s.together, s.id) WHERE s.job = j.id)',
            self::AtBench => 'j.id IN (SELECT job FROM run WHERE finished IS NULL)',
            self::Finished => 'COALESCE(g.good, 0) >= j.quantity AND COALESCE(h.handed, 0) < j.quantity',
            self::Handed => 'COALESCE(h.handed, 0) >= j.quantity',
        };
    }
}
