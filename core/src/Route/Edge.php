<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** An edge of a page as it reads. */
enum Edge: string
{
    case Top = 'top';
    case Right = 'right';
    case Bottom = 'bottom';
    case Left = 'left';

    /** @return int<0, 3> quarters with the clock from the top */
    public function quarters(): int
    {
        return match ($this) {
            self::Top => 0,
            self::Right => 1,
            self::Bottom => 2,
            self::Left => 3,
        };
    }

    /** The edge that is so many quarters with the clock from the top. */
    public static function after(int $quarters): self
    {
        return match ((($quarters % 4) + 4) % 4) {
            0 => self::Top,
            1 => self::Right,
            2 => self::Bottom,
            default => self::Left,
        };
    }
}
