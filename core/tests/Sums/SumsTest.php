<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Sums;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Measure\Units;
use Wubbin\Core\Sums\Given;
use Wubbin\Core\Sums\SumField;
use Wubbin\Core\Sums\Sums;
use Wubbin\Core\Sums\Worked;
use Wubbin\Core\Sums\WrongSum;
use Wubbin\Core\Tests\Orchard;

/** Each quick sum against one worked by hand; the sums stand beside what they give. */
final class SumsTest extends TestCase
{
    /** π × 82 = 257.6; back again by the way round. */
    public function testRoundAndAcross(): void
    {
        self::assertSame(['258 mm', '82 mm', '129 mm', '64 mm'], self::values('round', ['across' => '82 mm']));
        self::assertSame('82 mm', self::values('round', ['round' => '257.61'])[0]);
        self::assertSame('258 mm', self::written(self::of('round', ['across' => '8,2 cm'])->follows)['round']);
    }

    /**
     * r = 41 mm, D = 600 mm: seen 2 · 41 · arccos(41 / 600) = 123.2. The end of 90 mm lies at 45 / 41 rad and shows at
     * 600 · 41 · sin / (600 − 41 · cos) = 37.7, so all of it looks 75 mm wide.
     */
    public function testWrapAndWhatIsSeen(): void
    {
        $values = self::values('wrap', ['across' => '82', 'width' => '90']);
        self::assertSame(['258 mm', '35 %', '168 mm', '123 mm', '100 %', '75 mm'], array_slice($values, 0, 6));
        $far = self::values('wrap', ['across' => '82', 'width' => '200', 'from' => 'across-a-room']);
        self::assertSame('64 %', $far[4], '82 · arccos(41 / 3000) = 127.7 of 200 mm');
    }

    /** Slant √(110² + 14²) = 110.9; lean 14 / 110.9 = 0.1263; 45 / 0.1263 = 356, 31 / 0.1263 = 246; 360° · it = 45°. */
    public function testTheRingOfATaperedMug(): void
    {
        $values = self::values('taper', ['rim' => '90', 'foot' => '62', 'height' => '110']);
        self::assertSame(['356 mm', '246 mm', '45°', '111 mm', '283 mm', '195 mm'], array_slice($values, 0, 6));
        $straight = self::values('taper', ['rim' => '80', 'foot' => '80', 'height' => '100']);
        self::assertSame('a straight strip, because both ends are alike', $straight[0]);
    }

    /** 1600 / (150 / 25.4) = 271 dpi; at 300 dpi 1600 / 300 · 25.4 = 135 mm. */
    public function testPixelsSizeAndDpi(): void
    {
        self::assertSame(
            ['271 dpi', '150 mm', 'sharp', '203 mm', '406 mm'],
            self::values('sharp', ['pixels' => '1600', 'width' => '150 mm']),
        );
        self::assertSame('135 mm', self::values('sharp', ['pixels' => '1600', 'dpi' => '300'])[1]);
        self::assertSame(
            'too coarse: people see squares',
            self::values('sharp', ['pixels' => '300', 'width' => '20 cm'])[2],
        );
    }

    /** 200 × 287 mm of room: three columns of 60, three rows of 80; 24 need 3 sheets; 3 · 1.50 / 24 = 0.19. */
    public function testHowManyOnASheet(): void
    {
        $typed = [
            'width' => '80',
            'height' => '60',
            'gap' => '3',
            'margin' => '5',
            'wanted' => '24',
            'price' => '1.50',
        ];
        self::assertSame(['9', '3', '3 more', '0.19 EUR', '4.50 EUR'], self::values('sheet', $typed));
        self::assertCount(
            3,
            self::values('sheet', ['price' => ''] + $typed),
            'without a price nothing is said of money',
        );
    }

    /**
     * A sole of 115 × 210 with steam presses 105 × 144.5; 250 × 190 with 5 mm of overlap: upright 3 × 2, on its side
     * 2 × 2. Four times 18 s is 72 s.
     */
    public function testAreasAndSeconds(): void
    {
        $typed = ['width' => '240', 'height' => '180', 'heat' => 'iron-household', 'seconds' => '18 s'];
        self::assertSame(['4', '72 s', '105 × 145 mm', 'on its side'], self::values('areas', $typed));
    }

    /** Two dots are 150 °C (ISO 3758, from memory), 302 °F; two thirds of a dial to 6 are 4. */
    public function testDialDotsAndDegrees(): void
    {
        $two = ['150 °C', '302 °F', '2', 'about 4 of 6'];
        self::assertSame($two, self::values('heat', ['dots' => '2', 'highest' => '6']));
        self::assertSame($two, self::values('heat', ['dial' => '4', 'highest' => '6']));
        self::assertSame($two, self::values('heat', ['temperature' => '302 F', 'highest' => '6']));
        self::assertSame('beyond its end', self::values('heat', ['temperature' => '250 C', 'highest' => '6'])[3]);
        self::assertSame('175 °C', self::values('heat', ['dots' => '2.5', 'highest' => '6'])[0]);
    }

    /** 210 + 2 · 25.4 = 260.8, 297 + 2 · 25.4 = 347.8; a corner 2 · (25.4 − 1) = 48.8; 4 and one more. */
    public function testTissueOnACarrier(): void
    {
        $values = self::values('tissue', ['paper' => 'a4', 'way' => 'glued-fold', 'sheets' => '4']);
        self::assertSame(['261 × 348 mm', 'printer paper, A4', '25 mm', '49 mm', '5'], array_slice($values, 0, 5));
    }

    /** A round of six: 50 + 6 · 10 = 110 s. The next after 60 + 900 = 960 s. The end: 1920 + 110 + 900 = 2930 s. */
    public function testCoatsAndDrying(): void
    {
        $values = self::values('coats', ['coats' => '3', 'dry' => '15 min', 'pieces' => '6']);
        self::assertSame(['48 min', '5 min 30 s', '43 min', 'at once', 'after 16 min', 'after 32 min'], $values);
        // 120 pieces keep the hands busy longer than a coat takes to dry: 50 + 1200 = 1250 s.
        self::assertSame(
            'after 20 min',
            self::values('coats', ['coats' => '2', 'dry' => '15 min', 'pieces' => '120'])[4],
        );
    }

    /** 240 · 460 / 500 = 221, · 550 / 500 = 264, · 650 / 500 = 312; and never wider than the print area. */
    public function testOnePictureOnAllSizes(): void
    {
        $values = self::values('sizes', ['width' => '240', 'on' => 'M']);
        self::assertSame(['240 mm', '221 mm', '264 mm', '288 mm', '312 mm', '336 mm'], array_slice($values, 0, 6));
        self::assertStringEndsWith('as wide as it can be', self::values('sizes', ['width' => '300', 'on' => 'M'])[2]);
    }

    /** In both systems of units: what stands in a field at first is a sum that holds. */
    #[DataProvider('sums')]
    public function testWhatStandsThereAtFirstHolds(string $id): void
    {
        foreach ([Units::Metric, Units::Us] as $n => $units) {
            $given = self::given([], $units);
            $typed = [];
            foreach (Sums::all()[$id]->fields($given) as $field) {
                $typed[$field->id] = $field->usual[$n] ?? '';
            }
            $worked = Sums::all()[$id]->worked(self::given($typed, $units));
            self::assertNotNull($worked->drawing);
            self::assertStringNotContainsString('-', implode('', self::written(array_column($worked->lines, 'value'))));
        }
    }

    /** Nothing, nought, less than nothing, words, and what is far too much: told at the field, and never an error. */
    #[DataProvider('sums')]
    public function testNonsenseIsToldAtItsField(string $id): void
    {
        $sum = Sums::all()[$id];
        $fields = $sum->fields(self::given([]));
        $first = array_values(array_filter($fields, static fn(SumField $f): bool => [] === $f->choices))[0];
        $usual = [];
        foreach ($fields as $field) {
            $usual[$field->id] = $field->usual[0] ?? '';
        }
        foreach (['', '0', '-5', 'wide', '1e400', '99999999 km', '10 kg', "\u{0}", '5 mm 3 in', '∞'] as $typed) {
            try {
                $sum->worked(self::given([$first->id => $typed] + $usual));
                self::assertContains($id . $typed, ['heat0', 'heat-5'], 'it is cold, and that is a temperature');
            } catch (WrongSum $e) {
                self::assertSame([$first->id], array_keys($e->problems), $typed);
            }
        }
    }

    public function testAllThatIsWrongIsToldAtOnce(): void
    {
        $this->expectExceptionMessageMatches('/It must be from.*whole number/s');
        self::of('sheet', ['width' => '0', 'height' => '60', 'gap' => '3', 'margin' => '5', 'wanted' => '2.5']);
    }

    /** @param array<string, string> $typed */
    #[TestWith(['wrap', ['across' => '8', 'width' => '90'], 'width'])]
    #[
        TestWith([
            'sheet',
            ['width' => '400', 'height' => '60', 'gap' => '3', 'margin' => '5', 'wanted' => '1'],
            'width',
        ]),
    ]
    #[TestWith(['sizes', ['width' => '600', 'on' => 'M'], 'width'])]
    #[TestWith(['sizes', ['width' => '200', 'on' => 'huge'], 'on'])]
    public function testWhatDoesNotGoTogetherIsTold(string $sum, array $typed, string $field): void
    {
        try {
            self::of($sum, $typed);
            self::fail('It cannot be.');
        } catch (WrongSum $e) {
            self::assertSame([$field], array_keys($e->problems));
        }
    }

    /** What becomes a job is a change that a job takes. */
    #[DataProvider('sums')]
    public function testWhatMakesAJobIsTakenByOne(string $id): void
    {
        $typed = [];
        foreach (Sums::all()[$id]->fields(self::given([])) as $field) {
            $typed[$field->id] = $field->usual[0] ?? '';
        }
        $job = self::of($id, $typed)->job;
        self::assertSame('crew', Orchard::edit(Orchard::job(), $job ?? [])->id);
    }

    /** @return iterable<array{string}> */
    public static function sums(): iterable
    {
        foreach (array_keys(Sums::all()) as $id) {
            yield $id => [$id];
        }
    }

    /**
     * @param array<string, string> $typed
     *
     * @return list<string>
     */
    private static function values(string $id, array $typed): array
    {
        return array_values(self::written(array_column(self::of($id, $typed)->lines, 'value')));
    }

    /**
     * @param array<array-key, \Wubbin\Core\Measure\Phrase> $phrases
     *
     * @return array<array-key, string>
     */
    private static function written(array $phrases): array
    {
        return array_map((new UnitFormat(Units::Metric))->phrase(...), $phrases);
    }

    /** @param array<string, string> $typed */
    private static function of(string $id, array $typed): Worked
    {
        return Sums::all()[$id]->worked(self::given($typed));
    }

    /** @param array<string, string> $typed */
    private static function given(array $typed, Units $units = Units::Metric): Given
    {
        return new Given(
            $typed,
            new QuantityParser($units),
            Orchard::catalogue(),
            Shelf::nothing(),
            Currency::of('EUR'),
        );
    }
}
