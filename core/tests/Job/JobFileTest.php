<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Orchard;

final class JobFileTest extends TestCase
{
    public function testWhatIsReadIsWrittenAgain(): void
    {
        self::assertEquals(Orchard::jobFile(), json_decode((string) json_encode(JobFile::write(Orchard::job())), true));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function mistakes(): iterable
    {
        yield 'an unheard-of colour' => [['blank' => ['colour' => 'white']], 'blank.colour'];
        yield 'an unheard-of condition' => [['blank' => ['condition' => 'torn']], 'blank.condition'];
        yield 'a size out of sense' => [['placement' => ['side_mm' => 1e9]], 'placement'];
        yield 'text for a size' => [['placement' => ['side_mm' => '240 mm']], 'transfers.0.placement.side_mm'];
        yield 'no pieces' => [['quantity' => 0], 'quantity'];
        yield 'no such day' => [['due' => '2026-13-01'], 'due'];
        yield 'no name' => [['name' => ''], 'name'];
    }

    /** @param array<string, mixed> $over */
    #[DataProvider('mistakes')]
    public function testAMistakeNamesItsField(array $over, string $field): void
    {
        try {
            Orchard::job($over);
            self::fail('It was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testAShelfSurvivesItsRecord(): void
    {
        $catalogue = Orchard::catalogue();
        $record = [
            'media' => ['film-clear-letter'],
            'markings' => ['inkjet-dye'],
            'bases' => ['bench'],
            'guards' => ['kraft'],
            'covers' => ['parchment'],
            'heat' => [
                [
                    'id' => 'mine',
                    'label' => 'my iron',
                    'kind' => 'iron',
                    'plate_width_mm' => 110,
                    'plate_length_mm' => 200,
                    'dots' => 3,
                    'steam' => true,
                ],
            ],
        ];
        $shelf = Shelf::fromRecord(Record::of($record), $catalogue);
        self::assertEquals($shelf, Shelf::fromRecord(Record::of($shelf->toRecord()), $catalogue));
        self::assertSame('my iron', $shelf->heat['mine']->label);
    }

    public function testAnOwnSheetBehavesAsTheOneItIsLike(): void
    {
        $shelf = self::ownShelf(['media' => ['wide-film']]);
        self::assertEquals(
            $shelf,
            Shelf::fromRecord(
                Record::of(json_decode((string) json_encode($shelf->toRecord()), true)),
                Orchard::catalogue(),
            ),
        );
        $plan = Orchard::plan(shelf: $shelf);
        self::assertTrue($plan->printable());
        self::assertSame('Wide film', Orchard::decision($plan, 'medium')->value->text);
        self::assertEqualsWithDelta(
            482.6,
            max($plan->arrangement->sheet->page->widthMm ?? 0.0, $plan->arrangement->sheet->page->heightMm ?? 0.0),
            1e-9,
        );
    }

    public function testARetiredOneIsKeptForOldJobsAndTold(): void
    {
        $shelf = self::ownShelf(['media' => ['film-clear-a4']]);
        self::assertCount(1, $shelf->toRecord()['own']['media']);
        $plan = Orchard::plan(Orchard::edited(['medium' => 'wide-film']), shelf: $shelf);
        self::assertSame(['medium' => ''], Orchard::check($plan, 'medium.there')?->fix?->changes);
    }

    /** @param array<string, mixed> $over */
    #[TestWith([['thickness_mm' => 0]])]
    #[TestWith([['thickness_mm' => 101]])]
    #[TestWith([['like' => 'magic-paper']])]
    #[TestWith([['paper' => 'a2']])]
    #[TestWith([['id' => 'film-clear-a4']])]
    public function testAnOwnSheetThatCannotBeIsRefused(array $over): void
    {
        $this->expectException(BadRecord::class);
        self::ownShelf([], $over);
    }

    /**
     * @param array<string, mixed> $record
     * @param array<string, mixed> $over
     */
    private static function ownShelf(array $record, array $over = []): Shelf
    {
        return Shelf::fromRecord(
            Record::of(
                $record + [
                    'markings' => ['inkjet-dye'],
                    'guards' => ['card'],
                    'bases' => ['bench'],
                    'own' => [
                        'media' => [
                            $over + [
                                'id' => 'wide-film',
                                'like' => 'film-clear-a4',
                                'label' => 'wide film',
                                'paper' => 'supertabloid',
                                'thickness_mm' => 0.25,
                                'print_side' => 'the dull side',
                            ],
                        ],
                    ],
                ],
            ),
            Orchard::catalogue(),
        );
    }

    public function testAJobIsMadeOnABlankOfTheShopsOwnEvenOnceItIsRetired(): void
    {
        foreach ([['ours'], []] as $onTheShelf) {
            $shelf = Shelf::fromRecord(
                Record::of(
                    [
                        'blanks' => $onTheShelf,
                        'own' => [
                            'blanks' => [
                                [
                                    'id' => 'ours',
                                    'like' => 'mug-ordinary',
                                    'label' => 'our mug',
                                    'diameter_mm' => 79,
                                    'height_mm' => 95,
                                ],
                            ],
                        ],
                    ] + Orchard::shelf()->toRecord(),
                ),
                Orchard::catalogue(),
            );
            self::assertEquals(
                $shelf,
                Shelf::fromRecord(
                    Record::of(json_decode((string) json_encode($shelf->toRecord()), true)),
                    Orchard::catalogue(),
                ),
            );
            $plan = Orchard::plan(Orchard::jobOf('laser-ceramic', ['blank' => ['size' => 'ours']]), shelf: $shelf);
            self::assertSame(79.0, $plan->placing->size->diameterMm);
            self::assertSame(ProvenanceKind::Person, Orchard::decision($plan, 'blank')->provenance->kind);
            self::assertTrue($plan->ready());
        }
    }

    public function testABreakdownMayNameABlankOfTheShopsOwn(): void
    {
        $shelf = Shelf::fromRecord(
            Record::of(
                [
                    'own' => [
                        'blanks' => [
                            ['id' => 'ours', 'like' => 'XL', 'label' => 'Smock', 'chest_mm' => 640, 'length_mm' => 800],
                        ],
                    ],
                ] + Orchard::shelf()->toRecord(),
            ),
            Orchard::catalogue(),
        );
        $job = JobEdit::apply(
            Orchard::job(),
            ['breakdown' => '3 M, 2 smock'],
            new QuantityParser(),
            $shelf->stocked(Orchard::catalogue()),
            Orchard::pictures(),
        );
        self::assertSame(5, $job->quantity);
        self::assertSame(
            640.0,
            Orchard::whole($job, shelf: $shelf)->shares[1]->plan->transfers[0]->placing->size->widthMm,
        );
    }

    public function testABlankOfAnotherShopIsNotKnown(): void
    {
        $this->expectExceptionMessage('ours');
        Orchard::plan(Orchard::jobOf('laser-ceramic', ['blank' => ['size' => 'ours']]));
    }

    public function testAShelfHoldsOnlyWhatIsKnown(): void
    {
        $this->expectException(BadRecord::class);
        Shelf::fromRecord(Record::of(['media' => ['magic-paper']]), Orchard::catalogue());
    }

    public function testTheUsualPaperIsOfferedFirst(): void
    {
        self::assertSame(
            PaperSize::Letter,
            array_values(Orchard::shelf()->preferring(PaperSize::Letter)->media)[0]->paper,
        );
        self::assertSame(PaperSize::A4, array_values(Orchard::shelf()->preferring(PaperSize::A4)->media)[0]->paper);
    }
}
