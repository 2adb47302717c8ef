<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\OrderLine;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Tests\Orchard;

final class OrderLineTest extends TestCase
{
    private static function line(string $quantity, string $sizes): OrderLine
    {
        return OrderLine::typed(Orchard::job(), $quantity, $sizes, Orchard::catalogue(), new QuantityParser());
    }

    #[TestWith(['24', '', 24, 0])]
    #[TestWith([' 3 ', '', 3, 0])]
    #[TestWith(['', '6 S, 10 M', 16, 2])]
    #[TestWith(['16', '6 S, 10 M navy', 16, 2])]
    public function testALineAsPeopleTypeIt(string $quantity, string $sizes, int $pieces, int $shares): void
    {
        $line = self::line($quantity, $sizes);
        self::assertSame([$pieces, $shares], [$line->quantity, count($line->breakdown)]);
    }

    #[TestWith(['', '', 'quantity'])]
    #[TestWith(['0', '', 'quantity'])]
    #[TestWith(['-4', '', 'quantity'])]
    #[TestWith(['ten', '', 'quantity'])]
    #[TestWith(['10001', '', 'quantity'])]
    #[TestWith(['5', '2 S, 2 M', 'quantity'])]
    #[TestWith(['', '2 XXXXS', 'sizes'])]
    #[TestWith(['', 'some S', 'sizes'])]
    public function testWhatCannotBeNamesItsField(string $quantity, string $sizes, string $field): void
    {
        try {
            self::line($quantity, $sizes);
            self::fail('It was taken.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testItBecomesAJobOfItsOwn(): void
    {
        $like = Orchard::edit(Orchard::job(), ['override.blank.tone' => 'the customer knows', 'due' => '2026-12-05']);
        $job = OrderLine::typed($like, '', '2 S, 1 L', Orchard::catalogue(), new QuantityParser())->job(
            'new',
            'Rowan Mill',
            '2027-01-15',
        );
        self::assertSame(
            ['new', 'Crew shirts · Rowan Mill', 3, '2027-01-15'],
            [$job->id, $job->name, $job->quantity, $job->due],
        );
        self::assertSame([], $job->transfers[0]->overrides, 'what was set aside is set aside anew');
        self::assertSame($like->transfers[0]->artwork, $job->transfers[0]->artwork);
    }

    public function testALongNameIsCutToWhatAJobMayHave(): void
    {
        $job = self::line('1', '')->job('new', str_repeat('Mill ', 40), null);
        self::assertSame(JobFile::LONGEST_NAME, mb_strlen($job->name));
        self::assertSame('Crew shirts', self::line('1', '')->job('new', '', null)->name);
    }
}
