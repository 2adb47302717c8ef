<?php

declare(strict_types=1);

namespace Wubbin\Core\Drawing;

/** When an area, or a coat, has its turn. */
enum Turn: string
{
    case Done = 'done';
    case Now = 'now';
    case Later = 'later';

    public static function ofNumber(int $number, int $due): self
    {
        return match (true) {
            $number < $due => self::Done,
            $number === $due => self::Now,
            default => self::Later,
        };
    }
}
