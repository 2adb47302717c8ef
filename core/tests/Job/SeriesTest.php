<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Approval;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\NamedPiece;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Job\Series;
use Wubbin\Core\Job\Share;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Orchard;

final class SeriesTest extends TestCase
{
    private static function parse(string $typed): ?Series
    {
        return Series::parse($typed, Orchard::catalogue()->blanks['shirt'], Orchard::catalogue());
    }

    /** @param array<string, string> $changes */
    private static function edit(Job $job, array $changes): Job
    {
        return JobEdit::apply($job, $changes, new QuantityParser(), Orchard::catalogue());
    }

    /** @return list<string> */
    private static function told(string $typed): array
    {
        return array_map(
            static fn(NamedPiece $one): string => $one->text . '|' . $one->sizeId . '|' . $one->colour?->toHex(),
            self::parse($typed)->pieces ?? [],
        );
    }

    public function testEachLineIsAPiece(): void
    {
        self::assertSame(
            ['Rowan||', 'Juniper Wood|M|', 'Åsa|XL|#1d2b45'],
            self::told("Rowan\r\n\nJuniper Wood; M\nÅsa\txl\tnavy"),
        );
    }

    public function testACommaMayBePartOfAName(): void
    {
        self::assertSame(['Wood, Juniper|M|'], self::told('Wood, Juniper, M'));
        self::assertSame(['Wood, Juniper||'], self::told('Wood, Juniper'));
    }

    public function testNumbersAreCounted(): void
    {
        self::assertSame(['Row 8||', 'Row 9||', 'Row 10||'], self::told('Row {8–10}'));
        self::assertSame(['007 x||', '008 x||'], self::told('{007-008} x'));
        self::assertCount(5000, self::told('{1-5000}'));
    }

    #[TestWith(["Rowan\nMay; XXXXL", '/Line 2: “XXXXL” is no size/'])]
    #[TestWith(['; M', '/Line 1: this piece has no name/'])]
    #[TestWith(['{9-2}', '/count up/'])]
    #[TestWith(['{1-20000}', '/10 000/'])]
    public function testALineThatCannotBeReadIsNamed(string $typed, string $message): void
    {
        $this->expectException(BadRecord::class);
        $this->expectExceptionMessageMatches($message);
        self::parse($typed);
    }

    public function testNamesOfAnyScriptAndStrayBreaksAreTaken(): void
    {
        self::assertSame(['王小明||', 'محمد||', 'O’Neil||'], self::told("王小明\nمحمد\nO’Neil\x07"));
        self::assertSame('a b', NamedPiece::text("a\n\t b"));
    }

    public function testPiecesOfOneSizeAreAShare(): void
    {
        $job = self::edit(Orchard::job(), ['series' => "Rowan\nAlder; L\nHazel; M\nTansy; L; navy"]);
        self::assertSame(4, $job->quantity);
        self::assertSame(
            ['2 M', '1 L', '1 L navy'],
            array_map(
                static fn(Share $one): string => trim(
                    $one->quantity . ' ' . $one->sizeId . ' ' . (null === $one->colour ? '' : 'navy'),
                ),
                $job->breakdown,
            ),
        );
        self::assertSame([0, 2], array_keys($job->series?->ofShare($job->breakdown[0], $job->blank) ?? []));
        self::assertCount(1, $job->forShare($job->breakdown[2])->series->pieces ?? []);
    }

    public function testAllAlikeAreNoShares(): void
    {
        $job = self::edit(Orchard::job(), ['series' => "Rowan; M\nAlder"]);
        self::assertSame([2, []], [$job->quantity, $job->breakdown]);
        $larger = self::edit($job, ['size' => 'L']);
        self::assertCount(2, $larger->breakdown);
        self::assertSame([], self::edit($job, ['series' => ''])->series->pieces ?? []);
    }

    public function testOneCannotSayHowManyBesideNames(): void
    {
        $job = self::edit(Orchard::job(), ['series' => "Rowan\nAlder"]);
        foreach (['quantity' => '5', 'breakdown' => '5 M'] as $field => $typed) {
            try {
                self::edit($job, [$field => $typed]);
                self::fail('It was let through.');
            } catch (RefusedEdit $e) {
                self::assertSame([$field], array_keys($e->problems));
            }
        }
    }

    public function testWhatIsWrittenDownIsReadAgain(): void
    {
        $job = self::edit(Orchard::job(), ['series' => "Rowan\nWood, Juniper; L; navy"]);
        self::assertEquals(
            $job,
            JobFile::read(Record::of(json_decode((string) json_encode(JobFile::write($job)), true))),
        );
        $typed = $job->series?->write(Orchard::catalogue()->blanks['shirt'], Orchard::catalogue()) ?? '';
        self::assertEquals($job, self::edit($job, ['series' => $typed]));
    }

    public function testATableIsReadByItsHeadings(): void
    {
        self::assertSame(
            "Rowan; M\nJuniper; L",
            Series::fromTable([['Size', 'Name'], ['M', 'Rowan'], ['L', 'Juniper']]),
        );
        self::assertSame('Rowan; M; ', Series::fromTable([['Rowan', 'M']]));
    }

    public function testAnApprovalHoldsUntilWhatWasSeenChanges(): void
    {
        $job = self::edit(Orchard::job(), ['series' => "Rowan\nAlder"]);
        $job = $job->approved(new Approval('Hazel', '2026-11-28', 'p1', Approval::fingerprint($job)));
        self::assertTrue($job->approval?->holdsFor($job));
        self::assertTrue(
            $job->approval->holdsFor(self::edit($job, ['note' => 'Mind the collar.', 'due' => '2026-12-05'])),
        );
        foreach (
            [['width' => '100 mm'], ['series' => "Rowan\nAldar"], ['colour' => '#000000'], ['finish' => 'gloss']]
            as $change
        ) {
            $changed = self::edit($job, $change);
            self::assertFalse($changed->approval?->holdsFor($changed), json_encode($change) . ' passed');
        }
        self::assertNull($job->copiedAs('other')->approval);
    }
}
