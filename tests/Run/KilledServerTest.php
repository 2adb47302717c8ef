<?php

declare(strict_types=1);

namespace Wubbin\Tests\Run;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Wubbin\Tests\Support\RealServer;
use Wubbin\Tests\Support\ShopTestCase;

/** Twenty screens press at once; the server is killed in the middle, and what it had confirmed is there. */
final class KilledServerTest extends ShopTestCase
{
    private const SCREENS = 20;
    private const KILLS = 3;
    private const KILLS_IN_FULL = 50;

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

    public function testNoConfirmedPressIsLostWhenTheServerIsKilled(): void
    {
        $random = new Randomizer(new Mt19937(6));
        $kills = false === getenv('WUBBIN_FULL') ? self::KILLS : self::KILLS_IN_FULL;
        $confirmed = 0;
        for ($round = 0; $round < $kills; ++$round) {
            $this->server->start();
            $presses = $this->pressed($round, $random->getInt(300, 1500) / 1000.0);
            $this->server->kill();
            $stored = $this->stored();
            self::assertSame([], array_values(array_diff($presses, $stored)), 'confirmed, and gone');
            $confirmed += count($presses);
        }
        self::assertGreaterThan($kills, $confirmed, 'they were under load');
    }

    public function testTwentyScreensHaveEveryPressStored(): void
    {
        $this->server->start();
        $presses = $this->pressed(0, \INF, 3);
        self::assertCount(3 * self::SCREENS, $presses);
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

    /**
     * Screens that each press through a session of their own, as fast as they are answered.
     *
     * @return list<string> presses whose answer had come whole
     */
    private function pressed(int $round, float $seconds, int $each = 1000): array
    {
        $until = microtime(true) + $seconds;
        $confirmed = $open = $next = [];
        for ($screen = 0; $screen < self::SCREENS; ++$screen) {
            $next[$screen] = -1;
        }
        while (
            microtime(true) < $until &&
            ([] !== $open || [] !== array_filter($next, static fn(int $n): bool => $n < $each))
        ) {
            foreach ($next as $screen => $number) {
                if (isset($open[$screen]) || $number >= $each) {
                    continue;
                }
                $run = sprintf('r%d-%d', $round, $screen);
                // A clock is stopped and goes on; a shared first step ends once.
                $body =
                    -1 === $number
                        ? ['id' => $run, 'pieces' => 1]
                        : [
                            'id' => $run . '-' . $number,
                            'position' => min(2, $number),
                            'type' => match (true) {
                                $number < 2 => 'done',
                                2 === $number => 'started',
                                default => 1 === $number % 2 ? 'paused' : 'resumed',
                            },
                        ];
                $socket = $this->server->send(
                    'POST',
                    -1 === $number ? '/api/jobs/crew/runs' : '/api/runs/' . $run . '/presses',
                    $body,
                );
                if (null !== $socket) {
                    $open[$screen] = [$socket, '', $body['id']];
                }
            }
            $read = array_column($open, 0);
            $write = $except = null;
            if ([] === $read || 0 === (int) stream_select($read, $write, $except, 0, 20000)) {
                continue;
            }
            foreach ($open as $screen => [$socket, $answer, $id]) {
                if (!in_array($socket, $read, true)) {
                    continue;
                }
                $answer .= fread($socket, 1 << 16);
                $open[$screen][1] = $answer;
                if (!feof($socket)) {
                    continue;
                }
                fclose($socket);
                unset($open[$screen]);
                $status = RealServer::status($answer);
                self::assertContains($status, -1 === $next[$screen] ? [201] : [200], $answer);
                if ($next[$screen] >= 0) {
                    $confirmed[] = $id;
                }
                ++$next[$screen];
            }
        }

        return $confirmed;
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
