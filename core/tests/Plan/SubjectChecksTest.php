<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Tests\Orchard;

/** What the person says is in the picture. Common practice, no source. */
final class SubjectChecksTest extends TestCase
{
    public function testAFaceIsStoppedWherePatchesFail(): void
    {
        $plan = static fn(string $route, string $shows) => Orchard::plan(
            Orchard::edit(Orchard::jobOf($route), ['shows' => $shows]),
        );
        self::assertSame(Severity::Stop, Orchard::check($plan('burnish-wax', 'face'), 'subject.face')?->severity);
        self::assertNull(Orchard::check($plan('burnish-wax', 'lettering'), 'subject.face'));
        self::assertNull(Orchard::check($plan('light-film', 'face'), 'subject.face'));
    }

    public function testLetteringTellsWhetherTheSheetIsRight(): void
    {
        $say = static fn(string $route): string => Orchard::check(
            Orchard::plan(Orchard::edit(Orchard::jobOf($route), ['shows' => 'lettering'])),
            'subject.lettering',
        )->message->text ?? '';
        self::assertStringContainsString('read backwards', $say('light-film'));
        self::assertStringContainsString('read the right way round', $say('tissue-wax'));
    }

    /** A pillar of 70 mm is 220 mm round: 55 mm are its middle quarter. */
    public function testRoundAPieceAFaceStaysWithinTheMiddleQuarter(): void
    {
        $check = static fn(int $width) => Orchard::check(
            Orchard::plan(
                Orchard::edit(Orchard::jobOf('tissue-wax', ['placement' => ['side_mm' => $width]]), [
                    'shows' => 'face lettering',
                ]),
            ),
            'subject.middle',
        );
        self::assertSame(Severity::Warn, $check(80)?->severity);
        self::assertSame('54.9 mm', $check(80)->fix->changes['width'] ?? '');
        self::assertNull($check(54));
    }

    public function testItIsKeptInTheJobFileAndTakenBack(): void
    {
        $job = Orchard::edited(['shows' => 'lettering face']);
        self::assertEquals(
            $job,
            JobFile::read(Record::of(json_decode((string) json_encode(JobFile::write($job)), true))),
        );
        self::assertSame([], Orchard::edit($job, ['shows' => ''])->transfers[0]->shows);
        $this->expectException(RefusedEdit::class);
        Orchard::edited(['shows' => 'a dog']);
    }
}
