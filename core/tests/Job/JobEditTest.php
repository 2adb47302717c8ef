<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Override;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Units;
use Wubbin\Core\Tests\Orchard;

final class JobEditTest extends TestCase
{
    public function testFieldsChangeAsTyped(): void
    {
        $job = Orchard::edited([
            'name' => '  Harvest shirts ',
            'quantity' => '24',
            'due' => '2026-12-05',
            'note' => 'for the fair',
            'size' => 'L',
            'material' => 'cotton-blend',
            'colour' => '#F4ECD8',
            'condition' => 'washed',
            'finish' => 'gloss',
            'width' => '9 1/2 in',
            'right' => '-12 mm',
            'below' => '7 cm',
            'heat' => 'iron-travel',
            'school.drying' => 'dry-5',
        ]);
        self::assertSame('Harvest shirts', $job->name);
        self::assertSame(24, $job->quantity);
        self::assertSame('2026-12-05', $job->due);
        self::assertSame(
            ['L', 'cotton-blend', '#f4ecd8'],
            [$job->blank->sizeId, $job->blank->materialId, $job->blank->colour->toHex()],
        );
        self::assertEqualsWithDelta(
            [241.3, -12.0, 70.0],
            [
                $job->transfers[0]->placement->sideMm,
                $job->transfers[0]->placement->rightMm,
                $job->transfers[0]->placement->belowMm,
            ],
            1e-9,
        );
        self::assertSame(['heat' => 'iron-travel'], $job->transfers[0]->choices->things);
        self::assertSame(['drying' => 'dry-5'], $job->transfers[0]->choices->schools);
        self::assertSame('gloss', $job->transfers[0]->finish->value);
    }

    public function testGivingTheHeightLetsTheWidthFollow(): void
    {
        $job = Orchard::edited(['height' => '100 mm']);
        self::assertSame(SizedBy::Height, $job->transfers[0]->placement->by);
        self::assertSame(100.0, $job->transfers[0]->placement->sideMm);
    }

    public function testAnEmptyChoiceGoesBackToWubbin(): void
    {
        $job = Orchard::edit(Orchard::edited(['heat' => 'iron-travel']), ['heat' => '']);
        self::assertNull($job->transfers[0]->choices->thing('heat'));
    }

    public function testAPictureMustBeTheOneThatWasUploaded(): void
    {
        $job = Orchard::edited(['artwork' => str_repeat('a', 64)]);
        self::assertSame('branch.png', $job->transfers[0]->artworkName);
        self::assertNull(Orchard::edited(['artwork' => ''])->transfers[0]->artwork);
        $this->expectException(RefusedEdit::class);
        Orchard::edited(['artwork' => str_repeat('b', 64)]);
    }

    public function testAReasonSetsACheckAsideAndAnEmptyOneHeedsItAgain(): void
    {
        $job = Orchard::edited(['override.blank.tone' => 'The aged look is wanted.']);
        self::assertEquals([new Override('blank.tone', 'The aged look is wanted.')], $job->transfers[0]->overrides);
        $job = Orchard::edit($job, ['override.blank.tone' => '']);
        self::assertSame([], $job->transfers[0]->overrides);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refused(): iterable
    {
        yield 'width of nothing' => ['width', '0', '5 mm'];
        yield 'negative width' => ['width', '-5', '5 mm'];
        yield 'letters for width' => ['width', 'abc', 'not a length'];
        yield 'scientific width' => ['width', '1e9', 'not a length'];
        yield 'width of a street' => ['width', '3 m', '2000 mm'];
        yield 'height of nothing' => ['height', '0 in', '5 mm'];
        yield 'off the bench' => ['right', '2 m', '1000 mm'];
        yield 'no name' => ['name', '   ', '120 characters'];
        yield 'endless name' => ['name', str_repeat('x', 121), '120 characters'];
        yield 'none wanted' => ['quantity', '0', 'whole number'];
        yield 'half a shirt' => ['quantity', '1.5', 'whole number'];
        yield 'a hundred thousand' => ['quantity', '100000', '10 000'];
        yield 'thirtieth of February' => ['due', '2026-02-30', 'day'];
        yield 'a day in words' => ['due', 'Saturday', 'day'];
        yield 'colour in words' => ['colour', 'green', 'colour'];
        yield 'unheard-of finish' => ['finish', 'satin', 'offered'];
        yield 'unheard-of condition' => ['condition', 'torn', 'offered'];
        yield 'unheard-of field' => ['sleeves', '2', 'no such field'];
        yield 'unheard-of kind' => ['kind', 'spaceship', 'offered'];
        yield 'unheard-of route' => ['route', 'teleport', 'offered'];
        yield 'unheard-of way' => ['school.drying', 'never', 'offered'];
        yield 'unheard-of matter' => ['school.lunch', 'soup', 'offered'];
        yield 'unheard-of figure' => ['figure.lunch', '1 h', 'no such figure'];
        yield 'negative seconds' => ['figure.dwell', '-3 s', 'not a time'];
        yield 'a week of seconds' => ['figure.dwell', '200 h', 'must be from'];
        yield 'endless note' => ['note', str_repeat('x', 4001), '4000'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeIsRefusedAtItsField(string $field, string $typed, string $message): void
    {
        try {
            Orchard::edited([$field => $typed]);
            self::fail('It was let through.');
        } catch (RefusedEdit $e) {
            self::assertSame([$field], array_keys($e->problems));
            self::assertStringContainsString($message, $e->problems[$field]);
        }
    }

    public function testEveryWrongFieldIsNamedAndNothingIsTakenIn(): void
    {
        try {
            Orchard::edited(['name' => 'Fine', 'width' => '0', 'quantity' => 'many']);
            self::fail('It was let through.');
        } catch (RefusedEdit $e) {
            self::assertSame(['width', 'quantity'], array_keys($e->problems));
        }
    }

    public function testABareNumberIsInThePersonsUnits(): void
    {
        $job = JobEdit::apply(Orchard::job(), ['width' => '10'], new QuantityParser(Units::Us), Orchard::catalogue());
        self::assertEqualsWithDelta(254.0, $job->transfers[0]->placement->sideMm, 1e-9);
    }

    public function testAnEditedJobSurvivesItsFile(): void
    {
        $job = Orchard::edited(['width' => '100 mm', 'override.blank.tone' => 'because', 'due' => '2026-12-05']);
        self::assertEquals(
            $job,
            JobFile::read(Record::of(json_decode((string) json_encode(JobFile::write($job)), true))),
        );
    }

    public function testAnotherKindOfBlankTakesItsUsualSizeMaterialAndPlace(): void
    {
        $job = Orchard::edited(['kind' => 'mug']);
        self::assertSame(
            ['mug', 'mug-ordinary', 'glazed-ceramic', 'smooth'],
            [$job->blank->kindId, $job->blank->sizeId, $job->blank->materialId, $job->blank->condition->value],
        );
        $mug = Orchard::catalogue()->blanks['mug']->sizes['mug-ordinary'];
        self::assertTrue($job->transfers[0]->placement->rectOf(Orchard::picture())->within($mug->printArea));
    }

    public function testWhatIsTypedBesideAChangeOfKindIsKept(): void
    {
        $job = Orchard::edited(['size' => 'squat', 'width' => '40 mm', 'kind' => 'pillar-candle']);
        self::assertSame(['squat', 40.0], [$job->blank->sizeId, $job->transfers[0]->placement->sideMm]);
    }

    public function testAnotherRouteForgetsWhatWasChosenForTheOldOne(): void
    {
        $job = Orchard::edit(
            Orchard::edited(['heat' => 'iron-travel', 'figure.dwell' => '25 s', 'school.drying' => 'dry-5']),
            ['route' => 'dark-film'],
        );
        self::assertSame('dark-film', $job->transfers[0]->routeId);
        self::assertSame([], $job->transfers[0]->choices->things);
        self::assertSame([], $job->transfers[0]->choices->figures);
        self::assertSame(['drying' => 'dry-5'], $job->transfers[0]->choices->schools);
    }

    public function testAFigureIsTypedInItsUnitAndEmptiedAgain(): void
    {
        $job = Orchard::edited(['figure.dwell' => '25 s', 'figure.trim' => '1/4 in']);
        self::assertEqualsWithDelta(['dwell' => 25.0, 'trim' => 6.35], $job->transfers[0]->choices->figures, 1e-9);
        self::assertSame(
            ['dwell'],
            array_keys(Orchard::edit($job, ['figure.trim' => ''])->transfers[0]->choices->figures),
        );
    }

    public function testWithoutAPictureBothSidesAreGiven(): void
    {
        $job = Orchard::edited(['artwork' => '', 'width' => '60 mm', 'height' => '40 mm']);
        $size = $job->transfers[0]->placement->sizeOf(null);
        self::assertSame([60.0, 40.0], [$size->widthMm, $size->heightMm]);
    }
}
