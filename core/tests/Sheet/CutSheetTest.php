<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sheet;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\CutSheets;
use Wubbin\Core\Sheet\CutSheet;
use Wubbin\Core\Tests\Orchard;

final class CutSheetTest extends TestCase
{
    private static function sheet(): CutSheet
    {
        return new CutSheet(
            Size::mm(210.0, 297.0),
            [['tag <1>', [[[10.0, 20.0], [60.0, 20.0], [60.0, 50.0]]]]],
            [[5.5, 290.0], [204.5, 290.0]],
        );
    }

    public function testASvgIsAsLargeAsTheSheetAndHasALineAPiece(): void
    {
        $svg = simplexml_load_string(self::sheet()->svg());
        self::assertNotFalse($svg);
        self::assertSame(['210.000mm', '297.000mm'], [(string) $svg['width'], (string) $svg['height']]);
        self::assertSame('M10.00 20.00L60.00 20.00L60.00 50.00Z', (string) $svg->path['d']);
        self::assertSame('tag <1>', (string) $svg->path->title);
        self::assertCount(2, $svg->circle);
    }

    /** Group codes and values in turn, as the DXF Reference has them; y runs upwards there. */
    public function testADxfHasTheSamePointsUpsideDown(): void
    {
        $lines = explode("\n", trim(self::sheet()->dxf()));
        self::assertSame(0, count($lines) % 2);
        $vertices = $circles = [];
        $entity = '';
        foreach (array_chunk($lines, 2) as [$code, $value]) {
            self::assertMatchesRegularExpression('/^\d+$/', $code);
            $entity = '0' === $code ? $value : $entity;
            if (in_array($code, ['10', '20'], true)) {
                'VERTEX' === $entity ? ($vertices[] = (float) $value) : ($circles[] = (float) $value);
            }
        }
        self::assertSame([10.0, 277.0, 60.0, 277.0, 60.0, 247.0], $vertices);
        self::assertSame([5.5, 7.0, 204.5, 7.0], $circles);
        self::assertSame(['0', 'EOF'], array_slice($lines, -2));
    }

    /** Each piece's line lies on the sheet, and as many lie there as its places say. */
    public function testAJobsSheetsAreCutWhereItsPicturesLie(): void
    {
        $plan = Orchard::whole(Orchard::job(['quantity' => 9, 'placement' => ['side_mm' => 60]]));
        $runs = $plan->sheets()->runs;
        $sheets = CutSheets::of($plan);
        self::assertCount(count($runs), $sheets);
        self::assertGreaterThan(1, count($runs[0]->sheet->places));
        self::assertCount(count($runs[0]->sheet->places), $sheets[0]->pieces);
        foreach ($sheets[0]->pieces as $n => [, $loops]) {
            $place = $runs[0]->sheet->places[$n]->rect;
            self::assertNotSame([], $loops);
            foreach (array_merge(...$loops) as [$x, $y]) {
                self::assertGreaterThanOrEqual($place->xMm - 0.01, $x);
                self::assertLessThanOrEqual($place->right() + 0.01, $x);
                self::assertGreaterThanOrEqual($place->yMm - 0.01, $y);
                self::assertLessThanOrEqual($place->bottom() + 0.01, $y);
            }
        }
        self::assertCount(2, $sheets[0]->dots);
    }
}
