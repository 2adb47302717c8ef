<?php

declare(strict_types=1);

namespace Wubbin\Tests\Change;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

/** What is changed is kept with what takes it back, and the answer says so. */
final class ChangeApiTest extends ShopTestCase
{
    private const FILM = 'sheet film-clear-a4';

    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function edits(): iterable
    {
        yield 'what it is called' => [['name' => 'Cellar crew']];
        yield 'how many' => [['quantity' => '12']];
        yield 'a breakdown' => [['breakdown' => '6 S, 10 M navy 180 mm']];
        yield 'when it is due' => [['due' => '2099-04-01']];
        yield 'another kind of blank, with all that it takes along' => [['kind' => 'mug']];
        yield 'pattern' => [['pattern' => 'checks', 'repeat' => '12 mm']];
        yield 'another route, with what was chosen for the old one' => [['route' => 'dark-film']];
        yield 'a figure' => [['figure.dwell' => '40']];
        yield 'no picture' => [['artwork' => '']];
        yield 'one more picture' => [['transfer' => 'add']];
        yield 'size and place' => [['height' => '50 mm', 'right' => '20 mm', 'below' => '99 mm']];
        yield 'a side' => [['side' => 'left-sleeve']];
        yield 'a way of the school and something of the shelf' => [['school.drying' => 'dry-5', 'heat' => '']];
        yield 'what it shows' => [['shows' => 'face lettering', 'over' => 'yes']];
    }

    /** @param array<string, string> $changes */
    #[DataProvider('edits')]
    public function testAChangeOfAJobIsTakenBackWhole(array $changes): void
    {
        $before = $this->job();
        $revision = $this->view()->integer('revision');
        $answer = $this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => $changes]);
        $this->read($answer);
        $after = $this->job();
        self::assertNotEquals($before, $after);
        [$number, $thing] = self::undo($answer);
        self::assertSame('kind=job; thing=crew', $thing);
        $back = $this->ask('POST', '/api/changes/' . $number . '/undo');
        self::assertSame('crew', $this->read($back)->string('thing'));
        self::assertEquals($before, $this->job());
        $this->ask('POST', '/api/changes/' . self::undo($back)[0] . '/undo');
        self::assertEquals($after, $this->job(), 'taking back is a change that is taken back like any other');
    }

    public function testWhatWasChangedAgainStays(): void
    {
        $first = $this->changed(['note' => 'one', 'name' => 'A']);
        $this->changed(['note' => 'two']);
        $problem = $this->read($this->ask('POST', '/api/changes/' . self::undo($first)[0] . '/undo'), 409);
        self::assertSame('note', $problem->record('current')->string('part'));
        self::assertSame(['two', 'A'], [$this->job()['note'], $this->job()['name']]);
        $this->read($this->ask('POST', '/api/changes/77777/undo'), 404);
    }

    public function testWhatOthersChangedBesideItStays(): void
    {
        $first = $this->changed(['note' => 'one']);
        $this->changed(['name' => 'Cellar crew']);
        $this->ask('POST', '/api/changes/' . self::undo($first)[0] . '/undo');
        self::assertSame(['', 'Cellar crew'], [$this->job()['note'], $this->job()['name']]);
    }

    /** With its time, whoever it was, and what it took back. */
    public function testEveryChangeIsKept(): void
    {
        $clock = $this->freeze('2026-11-28T10:00:00Z');
        $first = $this->changed(['note' => 'one']);
        $clock->modify('+1 minute');
        $this->ask('POST', '/api/changes/' . self::undo($first)[0] . '/undo');
        self::assertSame(
            [
                ['job', 'crew', '2026-11-28T10:00:00.000Z', '', null],
                ['job', 'crew', '2026-11-28T10:01:00.000Z', '', self::undo($first)[0]],
            ],
            $this->service(Connection::class)->fetchAllNumeric(
                "SELECT kind, thing, at, person, undoes FROM shop_change WHERE kind = 'job' ORDER BY number",
            ),
        );
    }

    public function testWhatChangesNothingIsNoChange(): void
    {
        $this->changed(['note' => 'one']);
        self::assertNull($this->changed(['note' => 'one'])->headers->get('Undo'));
        self::assertNull($this->ask('GET', '/api/jobs/crew')->headers->get('Undo'));
    }

    public function testWhatTheJobNamesMayHaveGone(): void
    {
        $this->read(
            $this->ask('POST', '/api/shelf/own', [
                'kind' => 'blanks',
                'id' => 'smock',
                'like' => 'XL',
                'label' => 'smock',
                'typed' => ['chest' => '64 cm', 'length' => '31.5 in'],
            ]),
            201,
        );
        $this->changed(['size' => 'smock']);
        $away = $this->changed(['kind' => 'mug']);
        $shelf = $this->read($this->ask('GET', '/api/shelf'))->raw();
        unset($shelf['own']);
        $this->read($this->ask('PUT', '/api/shelf', ['blanks' => []] + $shelf));
        $this->read($this->ask('POST', '/api/changes/' . self::undo($away)[0] . '/undo'), 422);
        self::assertSame('mug', Record::of($this->job())->record('blank')->string('kind'));
    }

    public function testAnOrderIsPutBackWithItsJobs(): void
    {
        $order = $this->read(
            $this->ask('POST', '/api/orders', [
                'id' => 'fair',
                'label' => 'Rowan Mill',
                'due' => '2099-05-01',
                'note' => '',
                'lines' => [['what' => 'crew', 'quantity' => '3', 'sizes' => '']],
            ]),
            201,
        );
        $answer = $this->ask('PUT', '/api/orders/fair', [
            'revision' => $order->integer('revision'),
            'label' => 'Mill',
            'due' => '2099-06-01',
            'note' => 'blue bags',
            'archived' => true,
        ]);
        $this->read($answer);
        $this->ask('POST', '/api/changes/' . self::undo($answer)[0] . '/undo');
        $back = $this->rows('/api/orders')[0];
        self::assertSame(
            ['Rowan Mill', '2099-05-01', ''],
            [$back->string('label'), $back->string('due'), $back->string('note')],
        );
        $job = $this->read($this->ask('GET', '/api/jobs/' . $order->records('lines')[0]->string('job')));
        self::assertSame(['2099-05-01', false], [$job->record('job')->string('due'), $job->boolean('archived')]);
    }

    public function testTheShelfAndTheHouse(): void
    {
        $shelf = $this->read($this->ask('GET', '/api/shelf'))->raw();
        $off = $this->ask('POST', '/api/shelf/things', ['kind' => 'media', 'id' => 'film-clear-a4', 'has' => false]);
        $sheets = $this->ask('POST', '/api/shelf/sheets', ['medium' => 'plain-a4', 'count' => '77']);
        foreach ([$sheets, $off] as $answer) {
            $this->read($this->ask('POST', '/api/changes/' . self::undo($answer)[0] . '/undo'));
        }
        self::assertEquals($shelf, $this->read($this->ask('GET', '/api/shelf'))->raw());

        $house = $this->rows('/api/house');
        $way = $this->ask('PATCH', '/api/house', ['drying' => 'dry-5']);
        self::assertNotEquals($house, $this->rows('/api/house'));
        $this->ask('POST', '/api/changes/' . self::undo($way)[0] . '/undo');
        self::assertEquals($house, $this->rows('/api/house'));
    }

    /** What came after a movement that is struck out counts from there. */
    public function testStockIsCountedAnew(): void
    {
        $this->moved('counted', '4');
        $bought = $this->moved('bought', '10');
        $used = $this->moved('used', '3');
        self::assertSame(11.0, $this->film()->number('level'));
        $this->ask('POST', '/api/changes/' . self::undo($bought)[0] . '/undo');
        self::assertSame(1.0, $this->film()->number('level'));
        $this->ask('POST', '/api/changes/' . self::undo($used)[0] . '/undo');
        self::assertSame(4.0, $this->film()->number('level'));

        $pack = $this->ask('PUT', '/api/stock/pack', ['item' => self::FILM, 'pack' => '25']);
        self::assertSame(25.0, $this->film()->number('pack'));
        $this->ask('POST', '/api/changes/' . self::undo($pack)[0] . '/undo');
        self::assertSame(1.0, $this->film()->number('pack'));
    }

    private function film(): Record
    {
        return array_values(
            array_filter(
                $this->read($this->ask('GET', '/api/stock'))->records('items'),
                static fn(Record $one): bool => self::FILM === $one->string('key'),
            ),
        )[0];
    }

    private function moved(string $kind, string $amount): Response
    {
        $answer = $this->ask('POST', '/api/stock', [
            'id' => $kind . $amount,
            'item' => self::FILM,
            'kind' => $kind,
            'amount' => $amount,
            'price' => 'bought' === $kind ? '9.00' : '',
            'note' => '',
        ]);
        $this->read($answer);

        return $answer;
    }

    /** @param array<string, string> $changes */
    private function changed(array $changes): Response
    {
        $answer = $this->ask('PATCH', '/api/jobs/crew', [
            'revision' => $this->view()->integer('revision'),
            'changes' => $changes,
        ]);
        $this->read($answer);

        return $answer;
    }

    private function view(): Record
    {
        return $this->read($this->ask('GET', '/api/jobs/crew'));
    }

    /** @return array<array-key, mixed> */
    private function job(): array
    {
        return $this->view()->record('job')->raw();
    }

    /** @return array{int, string} number of the change that was made, and what it was made to */
    private static function undo(Response $answer): array
    {
        [$number, $thing] = explode('; ', (string) $answer->headers->get('Undo'), 2) + [1 => ''];

        return [(int) $number, $thing];
    }
}
