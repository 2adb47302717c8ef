<?php

declare(strict_types=1);

namespace Wubbin\Tests\Run;

use PHPUnit\Framework\Assert;
use Wubbin\Tests\Support\RealServer;

/** Screens that each press through a bench session of their own, as fast as they are answered. */
final class Screens
{
    private const COUNT = 20;

    /** For so long nothing may be answered before it is taken for hung: an outer limit, no speed that is promised. */
    private const PATIENCE_S = 120.0;

    /** Each opens its session first. */
    private const OPENING = -1;

    /** @var array<int, int> number of the next press, by screen */
    private array $next;

    /**
     * By screen: what is answered on, the answer so far, what was pressed.
     *
     * @var array<int, array{resource, string, string}>
     */
    private array $open = [];

    /** @var list<string> presses whose answer has come whole */
    private array $confirmed = [];

    public function __construct(
        private readonly RealServer $server,
        private readonly string $name,
        private readonly int $each = \PHP_INT_MAX,
    ) {
        $this->next = array_fill(0, self::COUNT, self::OPENING);
    }

    /**
     * @param int $enough presses that are confirmed; others are under way then
     *
     * @return list<string> ids of those that are
     */
    public function press(int $enough): array
    {
        $heard = microtime(true);
        while (count($this->confirmed) < $enough) {
            $this->send();
            if ($this->hear()) {
                $heard = microtime(true);
            }
            Assert::assertLessThan(self::PATIENCE_S, microtime(true) - $heard, 'The server does not answer any more.');
        }

        return $this->confirmed;
    }

    public static function count(): int
    {
        return self::COUNT;
    }

    private function send(): void
    {
        foreach ($this->next as $screen => $number) {
            if (isset($this->open[$screen]) || $number >= $this->each) {
                continue;
            }
            $run = $this->name . '-' . $screen;
            $body = self::OPENING === $number ? ['id' => $run, 'pieces' => 1] : self::pressed($run, $number);
            $path = self::OPENING === $number ? '/api/jobs/crew/runs' : '/api/runs/' . $run . '/presses';
            $socket = $this->server->send('POST', $path, $body);
            if (null !== $socket) {
                $this->open[$screen] = [$socket, '', $body['id']];
            }
        }
    }

    /** @return array{id: string, position: int, type: string} a clock is stopped and goes on; a first step ends once */
    private static function pressed(string $run, int $number): array
    {
        return [
            'id' => $run . '-' . $number,
            'position' => min(2, $number),
            'type' => match (true) {
                $number < 2 => 'done',
                2 === $number => 'started',
                default => 1 === $number % 2 ? 'paused' : 'resumed',
            },
        ];
    }

    /** @return bool whether anything was answered */
    private function hear(): bool
    {
        $read = array_column($this->open, 0);
        $write = $except = null;
        if ([] === $read || 0 === (int) stream_select($read, $write, $except, 0, 20000)) {
            return false;
        }
        foreach ($this->open as $screen => [$socket, $answer, $id]) {
            if (!in_array($socket, $read, true)) {
                continue;
            }
            $answer .= fread($socket, 1 << 16);
            $this->open[$screen][1] = $answer;
            if (feof($socket)) {
                fclose($socket);
                unset($this->open[$screen]);
                $opening = self::OPENING === $this->next[$screen];
                // A server whose disk is busy asks for patience: the page sends the same press again, and so do these.
                if (503 === RealServer::status($answer) && 1 === preg_match('/^Retry-After: \d/mi', $answer)) {
                    continue;
                }
                Assert::assertSame($opening ? 201 : 200, RealServer::status($answer), $answer);
                if (!$opening) {
                    $this->confirmed[] = $id;
                }
                ++$this->next[$screen];
            }
        }

        return true;
    }
}
