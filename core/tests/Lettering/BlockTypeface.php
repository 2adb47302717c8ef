<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Lettering;

use Wubbin\Core\Lettering\Face;
use Wubbin\Core\Lettering\Glyph;
use Wubbin\Core\Lettering\Outline;
use Wubbin\Core\Lettering\Shaped;
use Wubbin\Core\Lettering\Typeface;

/** Letters that are squares as high as a capital, so that lengths can be told by counting; it has no ß. */
final class BlockTypeface implements Typeface
{
    public function face(): Face
    {
        return Face::Upright;
    }

    public function shape(array $lines): array
    {
        return array_map(static function (string $line): Shaped {
            $glyphs = $missing = [];
            foreach (mb_str_split($line) as $n => $letter) {
                if ('ß' === $letter) {
                    $missing[] = $letter;
                } elseif (' ' !== $letter) {
                    $square = [[0.0, 0.0], [1.0, 0.0], [1.0, -1.0], [0.0, -1.0]];
                    $glyphs[] = new Glyph(Outline::fromLoops([$square]), (float) $n, 0.0, 1.0);
                }
            }

            return new Shaped($glyphs, (float) mb_strlen($line), $missing);
        }, $lines);
    }

    public function above(): float
    {
        return 1.0;
    }

    public function below(): float
    {
        return 0.0;
    }

    public function stem(): float
    {
        return 1.0;
    }
}
