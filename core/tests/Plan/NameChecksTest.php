<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Job\Approval;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Ready\Made;
use Wubbin\Core\Ready\Recipe;
use Wubbin\Core\Tests\Orchard;
use Wubbin\Core\Tests\Ready\RecipeTest;

final class NameChecksTest extends TestCase
{
    /** @return list<string> */
    private static function against(Plan $plan): array
    {
        return array_values(
            array_map(
                static fn(Check $check): string => $check->id,
                array_filter(
                    $plan->checks(),
                    static fn(Check $check): bool => $check->blocks() &&
                        1 === preg_match('/^(names|proof)/', $check->id),
                ),
            ),
        );
    }

    private static function withRoom(Job $job): Job
    {
        $recipe = Recipe::fromRecord(
            Record::of(['width_mm' => 120.0, 'steps' => [['text' => null] + RecipeTest::WORDS]]),
        );
        $aspect = Orchard::picture()->aspect();
        $made = new Made(str_repeat('b', 64), 'x', $aspect, $recipe, $recipe->boxes($aspect)[1]);
        $transfer = $job->transfers[0];

        return $job->with(transfers: [$transfer->withArtwork($transfer->artwork, 'x', $made)]);
    }

    private static function named(Job $job): Job
    {
        return JobEdit::apply($job, ['series' => "Rowan\nAlder"], new QuantityParser(), Orchard::catalogue());
    }

    public function testNamesNeedRoomAndRoomNeedsNames(): void
    {
        $job = Orchard::job();
        self::assertSame([], self::against(Orchard::whole($job)));
        self::assertSame(['names.room'], self::against(Orchard::whole(self::named($job))));
        self::assertSame(['names.list'], self::against(Orchard::whole(self::withRoom($job))));
        self::assertSame([], self::against(Orchard::whole(self::withRoom(self::named($job)))));
    }

    public function testWhatWasChangedAfterItWasApprovedStops(): void
    {
        $job = Orchard::job();
        $job = $job->approved(new Approval('Hazel', '2026-11-28', 'p', Approval::fingerprint($job)));
        self::assertSame([], self::against(Orchard::whole($job)));
        $other = JobEdit::apply($job, ['right' => '5 mm'], new QuantityParser(), Orchard::catalogue());
        $plan = Orchard::whole($other);
        self::assertSame(['proof.changed'], self::against($plan));
        self::assertFalse($plan->printable());
        $anyway = JobEdit::apply(
            $other,
            ['override.proof.changed' => 'Told on the telephone.'],
            new QuantityParser(),
            Orchard::catalogue(),
        );
        self::assertSame([], self::against(Orchard::whole($anyway)));
    }

    /** The advisor plans each picture alone, by other routes: an approval of all of it says nothing of that. */
    public function testOnePictureAloneIsNeitherUnapprovedNorNameless(): void
    {
        $job = self::named(Orchard::layered([[], ['side' => 'back']]));
        $job = $job->approved(new Approval('Hazel', '2026-11-28', 'p', Approval::fingerprint($job)));
        self::assertSame([], self::against(Orchard::whole($job->only($job->transfers[1]))));
        $roomy = self::withRoom($job);
        self::assertSame([], self::against(Orchard::whole($roomy->only($roomy->transfers[0]))));
    }

    public function testNamesArePartOfWhatIsPrinted(): void
    {
        $plan = Orchard::whole(self::withRoom(self::named(Orchard::job())));
        $own = $plan->transfers[0]->ownWords();
        self::assertNotNull($own);
        self::assertLessThanOrEqual(
            ($plan->transfers[0]->placing->placed->size->widthMm ?? 0.0) + 1e-6,
            $own->room->right(),
        );
        $other = JobEdit::apply(
            self::withRoom(self::named(Orchard::job())),
            ['series' => "Rowan\nAldar"],
            new QuantityParser(),
            Orchard::catalogue(),
        );
        self::assertNotSame($plan->id(), Orchard::whole($other)->id());
    }

    public function testADrawingThatHoldsPixelsIsAsFineAsThose(): void
    {
        $drawn = Picture::fromFile('a', 'a', PictureKind::Vector, 100.0, 50.0, true);
        self::assertNull($drawn->effectiveDpi(Size::mm(25.4, 12.7)));
        $mixed = Picture::fromFile('a', 'a', PictureKind::Vector, 100.0, 50.0, true, pixels: 300.0);
        self::assertSame(300.0, $mixed->effectiveDpi(Size::mm(25.4, 12.7)));
        self::assertSame(50.8, $mixed->widestAt(150.0));
        self::assertEquals($mixed, Picture::fromRecord(Record::of($mixed->toRecord())));
    }
}
