<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Ready;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Blank\Perspective;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Ready\Fatten;
use Wubbin\Core\Ready\Made;
use Wubbin\Core\Ready\Recipe;
use Wubbin\Core\Ready\Repeated;
use Wubbin\Core\Ready\Square;

final class RecipeTest extends TestCase
{
    public const WORDS = [
        'do' => 'words',
        'text' => 'Rowan',
        'face' => 'bold',
        'colour' => '#1b3a2a',
        'largest_mm' => 10,
        'smallest_mm' => 3,
        'lines' => 1,
        'align' => 'middle',
        'arch' => 0,
        'where' => 'below',
        'room_width_mm' => 60,
        'room_height_mm' => 12,
        'gap_mm' => 2,
    ];

    /** @param list<array<string, mixed>> $steps */
    private static function recipe(array $steps, float $widthMm = 80.0): Recipe
    {
        return Recipe::fromRecord(Record::of(['width_mm' => $widthMm, 'steps' => $steps]));
    }

    /**
     * Worked by hand for a picture of 80 × 40 mm.
     *
     * @return iterable<string, array{array<string, mixed>, array{float, float, float, float}}>
     */
    public static function boxes(): iterable
    {
        $colour = ['colour' => '#000000'];
        yield 'crop' => [['do' => 'crop', 'x' => 0.25, 'y' => 0.5, 'width' => 0.5, 'height' => 0.5], [20, 20, 40, 20]];
        yield 'a quarter turn' => [['do' => 'turn', 'degrees' => 90], [20, -20, 40, 80]];
        yield 'half a quarter' => [
            ['do' => 'turn', 'degrees' => 45],
            [40 - 60 / \M_SQRT2, 20 - 60 / \M_SQRT2, 120 / \M_SQRT2, 120 / \M_SQRT2],
        ];
        yield 'tone' => [['do' => 'tone', 'brightness' => 5, 'contrast' => 5, 'grey' => true], [0, 0, 80, 40]];
        yield 'fatten' => [['do' => 'fatten', 'mm' => 2], [-1, -1, 82, 42]];
        yield 'frame' => [['do' => 'frame', 'line_mm' => 1, 'gap_mm' => 4] + $colour, [-5, -5, 90, 50]];
        yield 'band' => [
            ['do' => 'band', 'length_mm' => 200, 'line_mm' => 3, 'gap_mm' => 2, 'above' => true, 'below' => false] +
            $colour,
            [-60, -5, 200, 45],
        ];
        yield 'words below' => [self::WORDS, [0, 0, 80, 54]];
        yield 'words above, wider' => [['where' => 'above', 'room_width_mm' => 100] + self::WORDS, [-10, -14, 100, 54]];
        yield 'words over' => [['where' => 'over'] + self::WORDS, [0, 0, 80, 40]];
        yield 'background' => [
            ['do' => 'back', 'picture' => null, 'width_mm' => 100, 'height_mm' => 100] + $colour,
            [-10, -30, 100, 100],
        ];
        yield 'another to the right' => [
            [
                'do' => 'join',
                'picture' => str_repeat('a', 64),
                'where' => 'right',
                'width_mm' => 20,
                'gap_mm' => 5,
                'aspect' => 0.25,
            ],
            [0, -20, 105, 80],
        ];
        yield 'pattern' => [
            [
                'do' => 'repeat',
                'columns' => 3,
                'rows' => 2,
                'across_mm' => 90,
                'down_mm' => 50,
                'staggered' => true,
                'closes' => false,
            ],
            [-112.5, -25, 305, 90],
        ];
    }

    /**
     * @param array<string, mixed> $step
     * @param array{float, float, float, float} $box
     */
    #[DataProvider('boxes')]
    public function testAStepSaysWhereThePictureLiesAfterIt(array $step, array $box): void
    {
        $rect = self::recipe([$step])->boxes(2.0)[1];
        self::assertEqualsWithDelta($box, [$rect->xMm, $rect->yMm, $rect->size->widthMm, $rect->size->heightMm], 1e-6);
    }

    public function testWhatIsReadIsWrittenAgain(): void
    {
        foreach (self::boxes() as [$step]) {
            $written = self::recipe([$step])->toRecord()['steps'][0];
            ksort($step);
            ksort($written);
            self::assertEquals($step, $written);
        }
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string}> */
    public static function mistakes(): iterable
    {
        $crop = ['do' => 'crop', 'x' => 0.0, 'y' => 0.0, 'width' => 0.0, 'height' => 1.0];
        yield 'a crop to nothing' => [[$crop], 'steps.0.crop'];
        yield 'a crop beyond it' => [[['x' => 0.9, 'width' => 0.5] + $crop], 'steps.0.crop'];
        yield 'an unheard-of step' => [[['do' => 'melt']], 'steps.0.do'];
        yield 'a level of nothing' => [[['do' => 'solid', 'level' => 0]], 'steps.0.level'];
        yield 'one colour' => [[['do' => 'colours', 'count' => 1]], 'steps.0.count'];
        yield 'the second is wrong' => [
            [['do' => 'turn', 'degrees' => 5], ['do' => 'turn', 'degrees' => 500]],
            'steps.1.degrees',
        ];
        yield 'no words' => [[['text' => ' '] + self::WORDS], 'steps.0.text'];
        yield 'corners that cross' => [
            [
                [
                    'do' => 'square',
                    'paper' => null,
                    'corners' => [
                        ['x' => 0.1, 'y' => 0.1],
                        ['x' => 0.9, 'y' => 0.9],
                        ['x' => 0.9, 'y' => 0.1],
                        ['x' => 0.1, 'y' => 0.9],
                    ],
                ],
            ],
            'steps.0.corners',
        ];
        yield 'two rooms for names' => [[['text' => null] + self::WORDS, ['text' => null] + self::WORDS], 'steps'];
        yield 'pixels after names' => [[['text' => null] + self::WORDS, ['do' => 'solid', 'level' => 50]], 'steps'];
        yield 'too many' => [array_fill(0, 17, ['do' => 'turn', 'degrees' => 1]), 'steps'];
        yield 'a pattern of thousands' => [
            [
                [
                    'do' => 'repeat',
                    'columns' => 50,
                    'rows' => 50,
                    'across_mm' => 10,
                    'down_mm' => 10,
                    'staggered' => false,
                    'closes' => false,
                ],
            ],
            'steps.0.columns',
        ];
    }

    /** @param list<array<string, mixed>> $steps */
    #[DataProvider('mistakes')]
    public function testAMistakeNamesTheStepAndItsField(array $steps, string $field): void
    {
        try {
            self::recipe($steps);
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    #[TestWith([220.0, 50.0, 4, 55.0])]
    #[TestWith([220.0, 219.0, 1, 220.0])]
    #[TestWith([220.0, 500.0, 1, 220.0])]
    public function testAPatternClosesRoundAPiece(float $around, float $wanted, int $times, float $apart): void
    {
        self::assertSame([$times, $apart], Repeated::closing($around, $wanted));
    }

    public function testABandIsNotLongerThanTheWayRound(): void
    {
        $band = [
            'do' => 'band',
            'length_mm' => 220,
            'line_mm' => 3,
            'gap_mm' => 2,
            'above' => true,
            'below' => true,
            'colour' => '#000000',
        ];
        self::recipe([$band])->round(220.0);
        $this->expectExceptionMessageMatches('/longer than the way round, which is 219\.9 mm/');
        self::recipe([$band])->round(219.9);
    }

    /** Seen square on, a rectangle is squared up to itself; its sheet's shape where that is known. */
    public function testAPhotoIsSquaredUpToTheShapeOfItsPaper(): void
    {
        $corners = [[0.25, 0.25], [0.75, 0.25], [0.75, 0.75], [0.25, 0.75]];
        $photo = Size::mm(800.0, 600.0);
        self::assertEquals(Size::mm(400.0, 300.0), Square::by($corners, null)->sizeOf($photo));
        $known = Square::by($corners, PaperSize::A4)->sizeOf($photo);
        self::assertEqualsWithDelta(297.0 / 210.0, $known->widthMm / $known->heightMm, 1e-9);
        self::assertEqualsWithDelta(400.0 * 300.0, $known->areaMm2(), 1e-6);
    }

    /** However its corners are marked, the first is the upper left one and they go round with the clock. */
    public function testCornersAreTakenInAnyOrderRoundThePaper(): void
    {
        $corners = [[0.2, 0.1], [0.8, 0.2], [0.9, 0.9], [0.1, 0.8]];
        $photo = Size::mm(100.0, 100.0);
        $upright = Square::by($corners, null)->upright($photo);
        foreach ([1, 2, 3] as $turn) {
            $turned = [...array_slice($corners, $turn), ...array_slice($corners, 0, $turn)];
            self::assertSame($upright, Square::by($turned, null)->upright($photo));
            self::assertSame($upright, Square::by(array_reverse($turned), null)->upright($photo));
        }
        // The same map as that of a traced piece: a corner of the paper comes back to itself.
        $map = Perspective::fromCorners($upright, PaperSize::A4->size(), $photo);
        self::assertEqualsWithDelta($upright[0], $map->inPhoto(0.0, 0.0), 1e-9);
    }

    #[TestWith([0.25, 0.4, 0.15])]
    #[TestWith([0.5, 0.4, 0.0])]
    public function testLinesLackWhatTheRouteWants(float $finest, float $holds, float $lack): void
    {
        self::assertEqualsWithDelta($lack, Fatten::lack($finest, $holds), 1e-9);
    }

    public function testAPictureStaysWhereItWasAndLettersWithIt(): void
    {
        $recipe = self::recipe([
            ['do' => 'crop', 'x' => 0.5, 'y' => 0.0, 'width' => 0.5, 'height' => 1.0],
            self::WORDS,
        ]);
        $made = new Made(str_repeat('a', 64), 'x', 2.0, $recipe, $recipe->boxes(2.0)[2]);
        $before = Rect::mm(10.0, 20.0, 160.0, 80.0);
        $after = $made->after($before);
        // Twice as large as its recipe: the right half, wider by the words' room, higher by 14 mm of it.
        self::assertEqualsWithDelta(
            [70.0, 20.0, 120.0, 108.0],
            [$after->xMm, $after->yMm, $after->size->widthMm, $after->size->heightMm],
            1e-9,
        );
        self::assertEquals($before, $made->before($after));
        self::assertEquals($made, Made::fromRecord(Record::of($made->toRecord())));
    }

    public function testTheRoomForNamesIsToldAsItIsPrinted(): void
    {
        $recipe = self::recipe([['text' => null] + self::WORDS]);
        $made = new Made(str_repeat('a', 64), 'x', 2.0, $recipe, $recipe->boxes(2.0)[1]);
        $own = $made->own(Rect::mm(0.0, 0.0, 160.0, 108.0));
        self::assertEqualsWithDelta(
            [20.0, 84.0, 120.0, 24.0],
            [$own?->room->xMm, $own?->room->yMm, $own?->room->size->widthMm, $own?->room->size->heightMm],
            1e-9,
        );
        self::assertSame(20.0, $own?->style->largestMm);
    }
}
