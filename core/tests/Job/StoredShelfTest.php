<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\StoredShelf;
use Wubbin\Core\Measure\Id;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Orchard;

final class StoredShelfTest extends TestCase
{
    /** @param array<string, mixed> $over */
    private static function stored(array $over): StoredShelf
    {
        $record =
            ['media' => ['film-clear-a4'], 'markings' => ['inkjet-dye'], 'heat' => []] + Shelf::nothing()->toRecord();

        return StoredShelf::fromRecord(Record::of($over + $record), Orchard::catalogue());
    }

    public function testASoundShelfIsReadAsItIs(): void
    {
        $read = self::stored([]);
        self::assertSame([], $read->leftOut);
        self::assertSame(['film-clear-a4'], array_keys($read->shelf->media));
    }

    public function testAnIdThatIsANumberIsMendedWhereverItStands(): void
    {
        $own = ['id' => '0', 'like' => 'press-pad', 'label' => 'grandmother’s mat', 'thickness_mm' => 2.0];
        $read = self::stored(['own' => ['bases' => [$own]], 'bases' => ['0']]);
        $id = Id::mended('0');
        self::assertSame([], $read->leftOut);
        self::assertSame([$id], array_keys($read->shelf->bases));
        self::assertSame('grandmother’s mat', $read->shelf->bases[$id]->label);
        // And the list that PHP had made a number of.
        self::assertSame([$id], array_keys(self::stored(['own' => ['bases' => [$own]], 'bases' => [0]])->shelf->bases));
    }

    public function testWhatCannotBeReadIsLeftOutAndNamed(): void
    {
        $read = self::stored([
            'media' => ['film-clear-a4', 'film-of-the-moon', ['not' => 'an id']],
            'own' => ['bases' => [['id' => 'x', 'label' => 'without a model'], 'no entry']],
            'heat' => [['id' => 'iron', 'label' => 'a lone iron', 'kind' => 'iron', 'plate_width_mm' => -3]],
            'printers' => 'none',
            'paper' => [
                'offcuts' => [['id' => 'scrap', 'medium' => 'film-clear-a4', 'width_mm' => 1, 'height_mm' => 1]],
            ],
        ]);
        self::assertSame(['film-clear-a4'], array_keys($read->shelf->media));
        self::assertContains('film-of-the-moon', $read->leftOut);
        self::assertContains('without a model', $read->leftOut);
        self::assertContains('a lone iron', $read->leftOut);
        self::assertContains('scrap', $read->leftOut);
        self::assertContains('an entry without a name', $read->leftOut);
    }

    public function testWhatIsReadCanBeWrittenAndReadAgain(): void
    {
        $read = self::stored(['markings' => [0, 'inkjet-dye']]);
        $again = StoredShelf::fromRecord(Record::of($read->shelf->toRecord()), Orchard::catalogue());
        self::assertSame([], $again->leftOut);
        self::assertSame(['inkjet-dye'], array_keys($again->shelf->markings));
    }
}
