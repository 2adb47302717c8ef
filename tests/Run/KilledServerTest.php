<?php

declare(strict_types=1);

namespace Wubbin\Tests\Run;

use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Wubbin\Core\Tests\Slice;
use Wubbin\Task\TaskQueue;
use Wubbin\Task\Worked;
use Wubbin\Tests\Support\RealServer;
use Wubbin\Tests\Support\ShopTestCase;

/** Twenty screens press at once; the server is killed in the middle, and what it had confirmed is there. */
#[Group('serial')]
#[Group('killed-server')]
final class KilledServerTest extends ShopTestCase
{
    private const KILLS = 3;
    private const KILLS_IN_FULL = 20;

    /** Of all screens together. */
    private const MOST_BEFORE_A_KILL = 150;

    private RealServer $server;

    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
        $this->server = RealServer::of($this->data);
    }

    protected function tearDown(): void
    {
        $this->server->kill();
        parent::tearDown();
    }

    #[Group('long')]
    public function testNoConfirmedPressIsLostWhenTheServerIsKilled(): void
    {
        // Another commit is killed at other moments.
        $random = new Randomizer(new Mt19937(Slice::number()));
        $kills = Slice::isWhole() ? self::KILLS_IN_FULL : self::KILLS;
        $tasks = $this->longWork($kills);
        for ($round = 0; $round < $kills; ++$round) {
            $this->server->start();
            $worker = $this->worker();
            $presses = (new Screens($this->server, 'r' . $round))->press($random->getInt(1, self::MOST_BEFORE_A_KILL));
            $this->server->kill();
            $worker->signal(\SIGKILL);
            $worker->wait();
            self::assertSame([], array_values(array_diff($presses, $this->stored())), 'confirmed, and gone');
            // As when the shop is opened again: nobody works any more.
            $this->restart();
            $this->service(TaskQueue::class)->beginAfresh();
        }
        while (Worked::Something === $this->service(TaskQueue::class)->workOnNext('the last')) {
            continue;
        }
        $states = array_map(
            fn(string $id): string => $this->read($this->ask('GET', '/api/tasks/' . $id))->string('state'),
            $tasks,
        );
        self::assertSame(
            ['done'],
            array_values(array_unique($states)),
            'work goes on, however often it was interrupted',
        );
    }

    /**
     * Pictures that take their time, one for each time that the machine is killed.
     *
     * @return list<string> ids of the work
     */
    private function longWork(int $many): array
    {
        $ids = [];
        for ($i = 0; $i < $many; ++$i) {
            $path = $this->data . '/large-' . $i . '.png';
            $image = new \Imagick();
            $image->newImage(3000, 2100, sprintf('#%02x4020', $i % 256));
            $image->writeImage('png:' . $path);
            $ids[] = $this->read($this->send($path, 'large.png'), 202)->string('id');
        }

        return $ids;
    }

    private function worker(): Process
    {
        $worker = new Process(
            ['setsid', \PHP_BINARY, self::PROJECT . '/bin/wubbin', 'work'],
            env: ['WUBBIN_DATA' => $this->data, 'TMPDIR' => $this->data],
            timeout: null,
        );
        $worker->start();

        return $worker;
    }

    public function testTwentyScreensHaveEveryPressStored(): void
    {
        $this->server->start();
        $presses = (new Screens($this->server, 'r', each: 3))->press(3 * Screens::count());
        self::assertCount(3 * Screens::count(), $presses);
        self::assertSame([], array_values(array_diff($presses, $this->stored())));
    }

    /** Of many screens that end the same step in the same moment one wins, and the others see it. */
    public function testOfManyScreensThatEndTheSameStepOneWins(): void
    {
        $this->server->start();
        self::assertSame(201, $this->server->ask('POST', '/api/jobs/crew/runs', ['id' => 'same', 'pieces' => 1]));
        $sockets = [];
        for ($screen = 0; $screen < 6; ++$screen) {
            $sockets[] = $this->server->send('POST', '/api/runs/same/presses', [
                'id' => 'end-' . $screen,
                'position' => 0,
                'type' => 'done',
            ]);
        }
        $statuses = array_count_values(
            array_map(static function ($socket): int {
                self::assertNotNull($socket);
                stream_set_blocking($socket, true);

                return RealServer::status((string) stream_get_contents($socket));
            }, $sockets),
        );
        self::assertSame([200 => 1, 409 => 5], [200 => $statuses[200] ?? 0, 409 => $statuses[409] ?? 0]);
    }

    /** @return list<string> presses that are in the database, as the next server finds it */
    private function stored(): array
    {
        $rows = (new \PDO('sqlite:' . $this->data . '/wubbin.sqlite'))->query(
            'SELECT press FROM event',
            \PDO::FETCH_COLUMN,
            0,
        );
        self::assertNotFalse($rows);

        return array_values(array_filter($rows->fetchAll(), is_string(...)));
    }
}
