<?php

declare(strict_types=1);

namespace Wubbin\Tests\Attack;

use PHPUnit\Framework\Attributes\DataProvider;
use Wubbin\Tests\Support\ShopTestCase;

/** Two people read the same document and change it: the second is told what the first did, and nothing is lost. */
final class TwoPeopleTest extends ShopTestCase
{
    /** @return iterable<string, array{string, string, string, \Closure(self): mixed, \Closure(self): mixed}> */
    public static function documents(): iterable
    {
        $rates = static fn(string $margin): \Closure => static fn(self $test): array => ['margin' => $margin] +
            $test->read($test->ask('GET', '/api/rates'))->raw();
        yield 'what the shop reckons with' => ['/api/rates', 'PUT', '/api/rates', $rates('41'), $rates('55')];
        yield 'rules of the house' => [
            '/api/house',
            'PATCH',
            '/api/house',
            static fn(): array => ['coats' => 'coats-3'],
            static fn(): array => ['coats' => 'coats-7'],
        ];
        $hours = static fn(string $monday): \Closure => static fn(self $test): array => [
            'week' => [$monday, ...array_fill(0, 6, '')],
        ] + $test->read($test->ask('GET', '/api/day'))->record('hours')->raw();
        yield 'hours of work' => ['/api/day', 'PUT', '/api/day/hours', $hours('09:00-12:00'), $hours('10:00-12:00')];
        $shelf = static fn(string $cover): \Closure => static fn(self $test): array => ['covers' => [$cover]] +
            $test->read($test->ask('GET', '/api/shelf'))->raw();
        yield 'the whole shelf' => ['/api/shelf', 'PUT', '/api/shelf', $shelf('parchment'), $shelf('silicone')];
        yield 'marks of a ladder' => [
            '/api/ladders/ladder',
            'PUT',
            '/api/ladders/ladder/marks',
            static fn(): array => ['marks' => ['A1' => 'good']],
            static fn(): array => ['marks' => ['A1' => 'too-much']],
        ];
    }

    /**
     * @param \Closure(self): mixed $first
     * @param \Closure(self): mixed $second
     */
    #[DataProvider('documents')]
    public function testTheSecondIsTold(
        string $read,
        string $method,
        string $write,
        \Closure $first,
        \Closure $second,
    ): void {
        // A day tells the minute that it was planned at.
        $this->freeze('2026-11-16 08:00:00');
        $this->readyJob();
        $this->read(
            $this->ask('POST', '/api/jobs/crew/ladders', [
                'id' => 'ladder',
                'picture' => 0,
                'x' => ['of' => 'seconds', 'values' => ['10', '20']],
                'y' => ['of' => 'celsius', 'values' => ['180', '200']],
                'swatch_mm' => 20,
            ]),
            201,
        );
        $seen = (string) $this->ask('GET', $read)->headers->get('ETag');
        self::assertMatchesRegularExpression('/^"[0-9a-f]{16}(\.[0-9a-f]{16})?"$/', $seen);
        [$one, $two] = [$first($this), $second($this)];
        $this->read($this->ask($method, $write, $one, ['If-Match' => $seen]));
        $kept = (string) $this->ask('GET', $read)->getContent();
        $answer = $this->ask($method, $write, $two, ['If-Match' => $seen]);
        $problem = $this->read($answer, 409);
        self::assertStringContainsString('Somebody else changed this', $problem->string('title'));
        self::assertNotSame([], $problem->record('current')->record('document')->keys(), 'what is there now');
        self::assertTrue($kept === (string) $this->ask('GET', $read)->getContent(), 'the first one’s is there');
        // Having seen that, the second stores theirs again.
        $this->read($this->ask($method, $write, $two, ['If-Match' => (string) $answer->headers->get('ETag')]));
        self::assertFalse($kept === (string) $this->ask('GET', $read)->getContent());
    }

    /** Of one answer that says two documents, a change of the one is no reason to refuse a change of the other. */
    public function testHoursAndPinsDoNotStandInEachOthersWay(): void
    {
        $this->readyJob();
        $day = $this->ask('GET', '/api/day');
        $seen = ['If-Match' => (string) $day->headers->get('ETag')];
        $hours = ['week' => ['09:00-12:00', '', '', '', '', '', '']] + $this->read($day)->record('hours')->raw();
        $this->read($this->ask('PUT', '/api/day/hours', $hours, $seen));
        $pin = ['activity' => 'none', 'day' => '2026-12-05', 'time' => '10:00'];
        $problem = $this->read($this->ask('PUT', '/api/day/pins', $pin, $seen), 422);
        self::assertSame(['time'], $problem->record('errors')->keys(), 'there is no such line, and that is all');
        $this->read($this->ask('PUT', '/api/day/hours', $hours, $seen), 409);
    }

    public function testWhoDoesNotSayWhatTheyReadIsAskedTo(): void
    {
        $this->readyJob();
        $this->read($this->ask('PUT', '/api/rates', [], ['If-Match' => '"never"']), 422);
        $rates = $this->read($this->ask('GET', '/api/rates'))->raw();
        $request = \Symfony\Component\HttpFoundation\Request::create(
            'http://127.0.0.1/api/rates',
            'PUT',
            content: json_encode($rates, \JSON_THROW_ON_ERROR),
        );
        $request->headers->set('X-Wubbin', '1');
        $kernel = $this->service(\Symfony\Component\HttpKernel\HttpKernelInterface::class);
        self::assertSame(428, $kernel->handle($request)->getStatusCode());
    }
}
