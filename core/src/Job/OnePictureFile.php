<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

/** A job file from before a piece could have several pictures: what is of the picture stood beside the job's name. */
final readonly class OnePictureFile
{
    private const OF_THE_PICTURE = ['artwork', 'placement', 'route', 'finish', 'choices', 'overrides'];

    /** Kinds that had one side then as now, all round. */
    private const ROUND = ['mug', 'pillar-candle', 'led-candle'];

    /** The same job as it is written now; anything else is given back as it came. */
    public static function upgraded(string $json): string
    {
        $file = json_decode($json);
        if (!$file instanceof \stdClass || isset($file->transfers) || !isset($file->placement, $file->route)) {
            return $json;
        }
        $kind = isset($file->blank) && $file->blank instanceof \stdClass ? $file->blank->kind ?? null : null;
        $transfer = ['side' => self::side(is_string($kind) ? $kind : ''), 'over' => false, 'shows' => []];
        foreach (self::OF_THE_PICTURE as $name) {
            $transfer[$name] = $file->{$name} ?? null;
            unset($file->{$name});
        }
        $file->transfers = [$transfer];

        return json_encode($file, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    /** The side that a picture went on when there was only one. */
    private static function side(string $kindId): string
    {
        return in_array($kindId, self::ROUND, true) ? 'round' : 'front';
    }
}
