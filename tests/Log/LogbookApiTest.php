<?php

declare(strict_types=1);

namespace Wubbin\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

final class LogbookApiTest extends ShopTestCase
{
    private const HEAD = "at,name,outcome,route,defects,note,celsius,seconds_planned,seconds_done,washes,failed\r\n";

    private const LINES =
        self::HEAD .
        "2026-03-01T10:00:00+01:00,Spring shirts,good,light-film,,,200,18,18,12,no\r\n" .
        '2026-03-01T10:05:00+01:00,Spring shirts,spoiled,light-film,"lifted-edge@0.02,0.5; bubble","Short, ' .
        "and \"\"soft\"\"\r\nsecond line\",200,18,11,,\r\n" .
        "2026-04-01T10:05:00+02:00,Mugs,redo,laser-ceramic,missed-patch,=1+1,182,45,45,,\r\n";

    public function testATableIsTakenInSearchedAndGivenOut(): void
    {
        self::assertSame(['added' => 3, 'known' => 0], $this->added(self::LINES));
        self::assertSame(['added' => 0, 'known' => 3], $this->added(self::LINES), 'a second time nothing is new');
        self::assertSame(3, $this->find('')->integer('total'));
        self::assertSame(1, $this->find('route=laser-ceramic')->integer('total'));
        self::assertSame(1, $this->find('defect=bubble')->integer('total'));
        self::assertSame(1, $this->find('outcome=good&words=spring%20shirts')->integer('total'));
        self::assertSame(1, $this->find('words=SOFT')->integer('total'));
        self::assertSame(2, $this->find('from=2026-03-01&to=2026-03-01')->integer('total'));
        self::assertSame(0, $this->find('from=2026-05-01')->integer('total'));
        self::assertSame(
            ['light-film', 'laser-ceramic'],
            array_reverse($this->find('')->record('choices')->strings('route')),
        );

        $rows = $this->table();
        self::assertCount(4, $rows);
        $second = array_combine($rows[0], $rows[2]);
        self::assertSame("Short, and \"soft\"\r\nsecond line", $second['note'], 'as it came');
        self::assertSame('lifted-edge@0.020,0.500; bubble', $second['defects']);
        self::assertSame("'=1+1", array_combine($rows[0], $rows[3])['note'], 'no spreadsheet reckons with it');
    }

    /** What is given out can be taken in again in another shop, and given out the same. */
    public function testATableGoesRound(): void
    {
        $this->added(self::LINES);
        $text = $this->csv();
        $this->tearDown();
        $this->setUp();
        self::assertSame(['added' => 3, 'known' => 0], $this->added($text));
        self::assertSame($text, $this->csv());
    }

    /** @return iterable<string, array{string, string}> */
    public static function badTables(): iterable
    {
        $line = "2026-03-01T10:00:00+01:00,Shirts,good,light-film\r\n";
        yield 'nothing' => ['', 'is missing|are missing'];
        yield 'wrong columns' => ["at,name,outcome,route,colour\r\n" . $line, 'no column “colour”'];
        yield 'a column twice' => ["at,name,outcome,route,route\r\n", 'twice'];
        yield 'a wrong encoding' => [
            "at,name,outcome,route\r\n2026-03-01T10:00:00+01:00,Caf\xE9,good,light-film\r\n",
            'Line 2.*UTF-8',
        ];
        yield 'one bad line of three' => [
            "at,name,outcome,route\r\n" . $line . "yesterday,Shirts,good,light-film\r\n" . $line,
            'Line 3, at',
        ];
        yield 'an unheard-of outcome' => [
            "at,name,outcome,route\r\n2026-03-01T10:00:00+01:00,Shirts,superb,light-film\r\n",
            'Line 2, outcome',
        ];
        yield 'an unheard-of route' => [
            "at,name,outcome,route\r\n2026-03-01T10:00:00+01:00,Shirts,good,magic\r\n",
            'Line 2, route',
        ];
        yield 'too few cells' => ["at,name,outcome,route\r\n2026-03-01T10:00:00+01:00,Shirts\r\n", 'Line 2.*2 cells'];
        yield 'a mark outside the picture' => [
            "at,name,outcome,route,defects\r\n2026-03-01T10:00:00+01:00,Shirts,redo,light-film,\"scorch@1.5,0.5\"\r\n",
            'Line 2, defects',
        ];
        yield 'endless washes' => [
            "at,name,outcome,route,washes\r\n2026-03-01T10:00:00+01:00,Shirts,good,light-film,99999\r\n",
            'Line 2, washes',
        ];
        yield 'a million lines' => ["at,name,outcome,route\r\n" . str_repeat($line, 20001), 'too many'];
    }

    #[DataProvider('badTables')]
    public function testABadTableIsRefusedWhole(string $text, string $why): void
    {
        $problem = $this->read($this->sendTable($text), 422);
        self::assertMatchesRegularExpression('/' . $why . '/su', $problem->record('errors')->string('file'));
        self::assertSame(0, $this->find('')->integer('total'), 'nothing is half taken in');
    }

    public function testALineTwiceInOneTableIsOnePiece(): void
    {
        $line = "2026-03-01T10:00:00+01:00,Shirts,good,light-film\r\n";
        self::assertSame(['added' => 1, 'known' => 0], $this->added("at,name,outcome,route\r\n" . $line . $line));
    }

    public function testAFilterThatCannotBeIsToldAtItsField(): void
    {
        self::assertTrue(
            $this->read($this->ask('GET', '/api/logbook?from=2026-02-30'), 422)->record('errors')->has('from'),
        );
        self::assertTrue(
            $this->read($this->ask('GET', '/api/logbook?defect=hiccup'), 422)->record('errors')->has('defect'),
        );
    }

    public function testLaterLooksAreWrittenDown(): void
    {
        $this->added(self::LINES);
        $id = $this->find('outcome=good')->records('entries')[0]->integer('id');
        self::assertTrue(
            $this->read($this->later($id, 5, true), 422)->record('errors')->has('washes'),
            'it had 12 already',
        );
        $detail = $this->read($this->later($id, 20, true));
        self::assertSame(20, $detail->record('entry')->integer('washes'));
        $gone = $this->read($this->later($id, 26, false));
        self::assertTrue($gone->record('entry')->boolean('failed'));
        self::assertCount(2, $gone->records('later'));
        self::assertNotSame([], $gone->records('diagnoses'), 'why it cracked');
        self::assertTrue($this->read($this->later($id, 30, true), 422)->record('errors')->has('washes'));
    }

    public function testTwoPiecesSideBySide(): void
    {
        $this->added(self::LINES);
        [$one, $other] = $this->find('route=light-film')->records('entries');
        $rows = [];
        foreach (
            $this->read(
                $this->ask('GET', sprintf('/api/logbook/%d/beside/%d', $one->integer('id'), $other->integer('id'))),
            )->records('rows')
            as $row
        ) {
            $rows[$row->string('what')] = $row->boolean('differs');
        }
        self::assertSame(
            [false, false, true],
            [$rows['Set to'], $rows['Heat planned'], $rows['Heated, shortest area']],
        );
        $this->read($this->ask('GET', '/api/logbook/1/beside/999'), 404);
    }

    public function testTheDoctorReadsTheRunNotOnlyTheSymptom(): void
    {
        $line = '2026-03-0%dT10:00:00+01:00,Shirts,redo,light-film,"lifted-edge@0.02,0.5",200,18,%s,%s' . "\r\n";
        $this->added(
            "at,name,outcome,route,defects,celsius,seconds_planned,seconds_done,base\r\n" .
                sprintf($line, 1, '12', 'hard') .
                sprintf($line, 2, '25', 'soft'),
        );
        [$soft, $short] = array_map(
            fn(Record $entry): string => $this->read($this->ask('GET', '/api/logbook/' . $entry->integer('id')))
                ->records('diagnoses')[0]
                ->string('cause'),
            $this->find('')->records('entries'),
        );
        self::assertSame(['base too soft', 'too short at the edge'], [$soft, $short]);
    }

    public function testTheDoctorIsAskedInOnesOwnWords(): void
    {
        $body = [
            'route' => 'sublimation',
            'seen' => 'came out pale',
            'where' => '',
            'done' => '204 C, 25 s, polyester',
        ];
        $answer = $this->read($this->ask('POST', '/api/doctor', $body));
        self::assertSame('too short', $answer->records('diagnoses')[0]->string('cause'));
        self::assertSame(25.0, $answer->record('known')->number('dwell_s'), 'what was understood is shown');
        $by = $this->read($this->ask('POST', '/api/doctor', ['seen' => 'hm'] + $body));
        self::assertSame('too short', $by->records('diagnoses')[0]->string('cause'), 'it is left to what was done');
        self::assertTrue(
            $this->read($this->ask('POST', '/api/doctor', ['seen' => 'hm', 'done' => ''] + $body), 422)
                ->record('errors')
                ->has('seen'),
        );
        self::assertTrue(
            $this->read($this->ask('POST', '/api/doctor', ['route' => 'magic'] + $body), 422)
                ->record('errors')
                ->has('route'),
        );
    }

    public function testLessonsAreCountedBySetting(): void
    {
        $text = "at,name,outcome,route,celsius,seconds_planned,washes,failed\r\n";
        for ($n = 0; $n < 40; ++$n) {
            $text .= sprintf(
                "2026-03-01T10:%02d:00+01:00,Shirts,%s,light-film,200,18,%d,%s\r\n",
                $n,
                $n < 37 ? 'good' : 'redo',
                5 + $n,
                0 === $n % 10 ? 'yes' : 'no',
            );
            $text .= sprintf(
                "2026-03-02T10:%02d:00+01:00,Shirts,%s,light-film,200,12,,\r\n",
                $n,
                $n < 20 ? 'good' : 'spoiled',
            );
        }
        $this->added($text . "2026-03-01T10:00:00+01:00,Mug,good,laser-ceramic,182,45,,\r\n");
        $lessons = $this->read($this->ask('GET', '/api/logbook/lessons'))->records('routes');
        self::assertSame(
            ['light-film', 'laser-ceramic'],
            array_map(static fn(Record $route): string => $route->string('route'), $lessons),
        );
        [$best, $next] = $lessons[0]->records('settings');
        self::assertSame(18.0, $best->record('setting')->number('s'));
        self::assertTrue($next->boolean('sure'), '37 of 40 against 20 of 40');
        self::assertSame(
            [40, 4],
            [$lessons[0]->record('survival')->integer('pieces'), $lessons[0]->record('survival')->integer('failed')],
        );
        self::assertTrue($lessons[1]->record('share')->boolean('few'), 'one mug says little');
    }

    /** @return array{added: int, known: int} */
    private function added(string $text): array
    {
        $answer = $this->read($this->sendTable($text));

        return ['added' => $answer->integer('added'), 'known' => $answer->integer('known')];
    }

    private function sendTable(string $text): Response
    {
        $path = $this->data . '/table-' . bin2hex(random_bytes(4));
        file_put_contents($path, $text);

        return $this->ask('POST', '/api/logbook/import', file: new UploadedFile($path, 'logbook.csv', test: true));
    }

    private function find(string $query): Record
    {
        return $this->read($this->ask('GET', '/api/logbook?' . $query));
    }

    private function later(int $id, int $washes, bool $good): Response
    {
        return $this->ask('POST', '/api/logbook/' . $id . '/later', [
            'washes' => $washes,
            'good' => $good,
            'note' => '',
        ]);
    }

    private function csv(): string
    {
        ob_start();
        $this->ask('GET', '/api/logbook.csv')->sendContent();

        return (string) ob_get_clean();
    }

    /** @return list<list<string>> */
    private function table(): array
    {
        $stream = fopen('php://memory', 'w+');
        self::assertNotFalse($stream);
        fwrite($stream, $this->csv());
        rewind($stream);
        $rows = [];
        while (is_array($row = fgetcsv($stream, escape: ''))) {
            $rows[] = array_map(strval(...), $row);
        }

        return $rows;
    }
}
