<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

enum ProvenanceKind: string
{
    case Published = 'published';
    case FromMemory = 'from-memory';
    case CommonPractice = 'common-practice';
    case Assumed = 'assumed';
    case Computed = 'computed';
    case Recipe = 'recipe';
    case Person = 'person';
    case Learned = 'learned';

    public function label(): string
    {
        return match ($this) {
            self::Published => 'published',
            self::FromMemory => 'published, quoted from memory',
            self::CommonPractice => 'common practice, no source',
            self::Assumed => 'assumed by Wubbin',
            self::Computed => 'worked out by Wubbin',
            self::Recipe => 'a recipe of your house',
            self::Person => 'your choice',
            self::Learned => 'learned from your own pieces',
        };
    }
}
