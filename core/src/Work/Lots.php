<?php

declare(strict_types=1);

namespace Wubbin\Core\Work;

/** The sessions that a large job is made in at the bench. */
final readonly class Lots
{
    /**
     * Each as large as one session may be, and of whole sheets: what is printed on one sheet is pressed in one session.
     *
     * @param int $left pieces that nobody has begun, from 0
     * @param int $aSheet of them whose pictures lie on one full sheet, from 1
     *
     * @return list<int<1, max>> pieces of each session
     */
    public static function of(int $left, int $aSheet): array
    {
        $most = Places::SESSION;
        $size = $aSheet >= $most || $aSheet < 1 ? $most : intdiv($most, $aSheet) * $aSheet;
        $lots = [];
        for ($rest = $left; $rest > 0; $rest -= $lots[count($lots) - 1]) {
            $lots[] = max(1, min($rest <= $most ? $most : $size, $rest));
        }

        return $lots;
    }
}
