<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\NullOutput;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Kernel;
use Wubbin\Storage\MigrateCommand;
use Wubbin\Task\TaskQueue;

/** A shop of its own for each test: a real SQLite file in an empty directory, asked through the real kernel. */
abstract class ShopTestCase extends TestCase
{
    protected const PROJECT = __DIR__ . '/../..';

    /** Whether pictures are examined anew, as tests of that want it. */
    protected const READS_ANEW = false;

    /** Directories that a test's own is copied from: an empty shop, and one with a job that is ready for the bench. */
    private static ?string $empty = null;
    private static ?string $stocked = null;

    protected string $data;
    private ?Kernel $kernel = null;

    protected function setUp(): void
    {
        KeptExaminer::$anew = true === static::READS_ANEW;
        $this->data = sys_get_temp_dir() . '/wubbin-test-' . bin2hex(random_bytes(6));
        if (null === self::$empty) {
            mkdir($this->data);
            $this->restart();
            $this->service(MigrateCommand::class)->run(new ArrayInput([]), new NullOutput());
            self::$empty = $this->keep();
        }
        $this->lay(self::$empty);
    }

    protected function tearDown(): void
    {
        $this->kernel?->shutdown();
        (new Filesystem())->remove($this->data);
        Clock::set(new NativeClock());
        restore_exception_handler();
    }

    /** Has it be a time, for all that is asked from here on; the clock stands until the test moves it. */
    protected function freeze(string $at): MockClock
    {
        $clock = new MockClock($at);
        Clock::set($clock);

        return $clock;
    }

    /** As after the server was stopped and started again: nothing but what is on the disk is known. */
    protected function restart(): void
    {
        $this->kernel?->shutdown();
        $_SERVER['WUBBIN_DATA'] = $_ENV['WUBBIN_DATA'] = $this->data;
        $this->kernel = new Kernel('test', false);
        $this->kernel->boot();
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    protected function service(string $class): object
    {
        $container = $this->kernel?->getContainer()->get('test.service_container');
        assert($container instanceof \Symfony\Component\DependencyInjection\ContainerInterface);
        $service = $container->get($class);
        assert($service instanceof $class);

        return $service;
    }

    /** @param array<string, string> $headers over the ones that the page sends */
    protected function ask(
        string $method,
        string $path,
        mixed $body = null,
        array $headers = [],
        ?UploadedFile $file = null,
    ): Response {
        $content = null === $body ? '' : json_encode($body, \JSON_THROW_ON_ERROR);
        $request = Request::create(
            'http://127.0.0.1' . $path,
            $method,
            files: null === $file ? [] : ['file' => $file],
            content: $content,
        );
        foreach ($headers + ['X-Wubbin' => '1', 'Host' => '127.0.0.1', 'If-Match' => '*'] as $name => $value) {
            $request->headers->set($name, $value);
        }
        // Each request starts from what is stored, as it does on a server.
        $this->restart();

        return $this->kernel?->handle($request) ?? throw new \LogicException('There is no kernel.');
    }

    protected function read(Response $response, int $status = 200): Record
    {
        self::assertSame($status, $response->getStatusCode(), (string) $response->getContent());
        if ($status >= 400) {
            self::assertSame('application/problem+json', $response->headers->get('Content-Type'));
            self::assertStringNotContainsString('.php', (string) $response->getContent(), 'no stack trace');
        }

        return Record::of(json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR));
    }

    /** @return list<Record> */
    protected function rows(string $path): array
    {
        return $this->read($this->ask('GET', $path))->each();
    }

    /** Takes a picture in; where that is long work, it is done here and answered with what came of it. */
    protected function upload(string $path, string $name = 'picture'): Response
    {
        $response = $this->send($path, $name);
        if (202 !== $response->getStatusCode()) {
            return $response;
        }
        $id = $this->read($response, 202)->string('id');
        $this->service(TaskQueue::class)->workOnNext('test');
        /** @var array{state: string, result: mixed} $task */
        $task = json_decode(
            (string) $this->ask('GET', '/api/tasks/' . $id)->getContent(),
            true,
            64,
            \JSON_THROW_ON_ERROR,
        );
        $done = 'done' === $task['state'];

        return new Response(json_encode($task['result'], \JSON_THROW_ON_ERROR), $done ? 201 : 422, [
            'Content-Type' => $done ? 'application/json' : 'application/problem+json',
        ]);
    }

    /** Only sends it. */
    protected function send(string $path, string $name = 'picture'): Response
    {
        $copy = $this->data . '/upload-' . bin2hex(random_bytes(4));
        copy($path, $copy);

        return $this->ask('POST', '/api/artwork', file: new UploadedFile($copy, $name, test: true));
    }

    /** The shelf of the demo, and a job on it that is ready for the bench; its id. */
    protected function readyJob(): string
    {
        if (null === self::$stocked) {
            $this->read(
                $this->ask(
                    'PUT',
                    '/api/shelf',
                    json_decode((string) file_get_contents(self::PROJECT . '/demo/shelf.json')),
                ),
            );
            $sha256 = $this->read(
                $this->upload(self::PROJECT . '/demo/artwork/apple-branch.svg', 'apple-branch.svg'),
                201,
            )->string('sha256');
            $this->read(
                $this->ask('POST', '/api/jobs', [
                    'id' => 'crew',
                    'name' => 'Crew shirts',
                    'changes' => ['artwork' => $sha256, 'width' => '240 mm'],
                ]),
                201,
            );
            self::$stocked = $this->keep();
        }
        $this->lay(self::$stocked);

        return 'crew';
    }

    /** Keeps the shop as it is now for the tests that come after. */
    private function keep(): string
    {
        $this->kernel?->shutdown();
        $kept = Leftovers::kept(bin2hex(random_bytes(6)));
        (new Filesystem())->mirror($this->data, $kept);

        return $kept;
    }

    private function lay(string $kept): void
    {
        $this->kernel?->shutdown();
        (new Filesystem())->remove($this->data);
        (new Filesystem())->mirror($kept, $this->data);
        $this->restart();
    }
}
