<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Edge;
use Wubbin\Core\Route\Feed;
use Wubbin\Core\Route\Lying;

/**
 * A sheet that shows how a tray feeds. On a sheet of plain paper the person draws a pencil arrow, lays it in the tray
 * with the pencil up and the arrow pointing where the paper goes in, and prints: an X in the page's upper left corner,
 * an R and words, and a bar of 100 mm in both directions. Where the X came out tells the rest.
 */
final readonly class FeedTest
{
    private const CROSS_MM = 22.0;

    /**
     * What the test page has on it.
     *
     * @return list<SheetMark>
     */
    public static function marks(Size $page, float $marginMm, string $tray): array
    {
        $in = $marginMm + 4.0;
        $middle = $page->widthMm / 2.0;

        return [
            new SheetMark(MarkKind::Cross, Rect::mm($in, $in, self::CROSS_MM, self::CROSS_MM)),
            new SheetMark(MarkKind::Text, Rect::mm($middle + 30.0, $in + 18.0, 40.0, 32.0), 'R'),
            new SheetMark(MarkKind::ThisWayUp, Rect::mm($middle - 6.0, $in, 12.0, 30.0)),
            new SheetMark(
                MarkKind::Text,
                Rect::mm($middle + 8.0, $in + 4.0, $page->widthMm - $middle - $in - 8.0, 4.0),
                'upper edge of the page',
            ),
            new SheetMark(
                MarkKind::Text,
                Rect::mm($in, $in + 44.0, $page->widthMm - 2.0 * $in, 4.0),
                'Wubbin feed test · ' . $tray,
            ),
            new SheetMark(
                MarkKind::Text,
                Rect::mm($in, $in + 50.0, $page->widthMm - 2.0 * $in, 4.0),
                'Hold the page so that the end that went in first is away from you. Where is the X?',
            ),
            new SheetMark(
                MarkKind::Text,
                Rect::mm($in, $in + 56.0, $page->widthMm - 2.0 * $in, 4.0),
                'Can you read this, or does it run backwards?',
            ),
            new SheetMark(MarkKind::CheckBar, Rect::mm($in, $in + 70.0, SheetLayout::CHECK_BAR_MM, 3.0), '100 mm'),
            new SheetMark(
                MarkKind::CheckBar,
                Rect::mm($in, $in + 90.0, 3.0, SheetLayout::CHECK_BAR_MM),
                '100 mm',
                true,
            ),
        ];
    }

    /**
     * What came out, seen on the printed side with the end that went in first away from the person.
     *
     * @param bool $onPencil the print is on the side with the pencil arrow
     * @param bool $farLeft the X lies at the left of the two corners of its end
     * @param bool $far the X lies at the end that went in first
     * @param bool $readsRight the words can be read; backwards, the driver mirrors
     */
    public static function read(bool $onPencil, bool $far, bool $farLeft, bool $readsRight): Feed
    {
        // A driver that mirrors has put the X into the page's other upper corner.
        $leftAsPrinted = $readsRight ? $farLeft : !$farLeft;
        // Upper left corner far and left: the upper edge leads. A quarter round with the clock, it lies far and right,
        // and the page's left edge leads; and so on.
        $leads = match (true) {
            $far && $leftAsPrinted => Edge::Top,
            $far => $readsRight ? Edge::Left : Edge::Right,
            !$leftAsPrinted => Edge::Bottom,
            default => $readsRight ? Edge::Right : Edge::Left,
        };

        return new Feed($onPencil ? Lying::Up : Lying::Down, $leads);
    }
}
