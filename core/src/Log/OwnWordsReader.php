<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Symfony\Component\Yaml\Yaml;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;

/** Reads what people say of pieces that went wrong, and what they mean by it, from the data of the core. */
final readonly class OwnWordsReader
{
    private const FILE = '/data/complaints.yaml';

    /** @throws BadRecord naming the place in the file */
    public static function builtIn(): OwnWords
    {
        return OwnWords::fromRecord(Record::of(Yaml::parseFile(dirname(__DIR__, 2) . self::FILE), 'complaints'));
    }
}
