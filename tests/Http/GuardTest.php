<?php

declare(strict_types=1);

namespace Wubbin\Tests\Http;

use PHPUnit\Framework\Attributes\TestWith;
use Wubbin\Tests\Support\ShopTestCase;

final class GuardTest extends ShopTestCase
{
    public function testTheOwnPageMayReadAndWrite(): void
    {
        $this->read($this->ask('GET', '/api/settings'));
        $settings = json_decode((string) $this->ask('GET', '/api/settings')->getContent());
        $this->read($this->ask('PATCH', '/api/settings', $settings, ['Origin' => 'http://127.0.0.1']));
    }

    #[TestWith(['evil.example'])]
    #[TestWith(['127.0.0.1.evil.example'])]
    #[TestWith(['127.0.0.1.'])]
    public function testANameReboundToThisMachineIsTurnedAway(string $host): void
    {
        $this->read($this->ask('GET', '/api/jobs', headers: ['Host' => $host]), 403);
    }

    public function testAForeignPageCannotWrite(): void
    {
        $body = json_decode((string) $this->ask('GET', '/api/settings')->getContent());
        $this->read($this->ask('PATCH', '/api/settings', $body, ['Origin' => 'http://evil.example']), 403);
        $this->read($this->ask('PATCH', '/api/settings', $body, ['Origin' => 'http://127.0.0.1:9999']), 403);
        $this->read($this->ask('PATCH', '/api/settings', $body, ['Origin' => 'null']), 403);
        $without = \Symfony\Component\HttpFoundation\Request::create(
            'http://127.0.0.1/api/settings',
            'PUT',
            content: '{}',
        );
        self::assertSame(
            403,
            $this->service(\Symfony\Component\HttpKernel\HttpKernelInterface::class)->handle($without)->getStatusCode(),
        );
    }

    public function testTheBrowserIsKeptToThisServer(): void
    {
        foreach (['/', '/api/jobs', '/api/nowhere'] as $path) {
            $headers = $this->ask('GET', $path)->headers;
            self::assertStringContainsString(
                "default-src 'none'",
                (string) $headers->get('Content-Security-Policy'),
                $path,
            );
            self::assertStringNotContainsString('http', (string) $headers->get('Content-Security-Policy'), $path);
            self::assertSame('nosniff', $headers->get('X-Content-Type-Options'), $path);
        }
    }

    #[TestWith(['GET', '/api/nowhere', 404])]
    #[TestWith(['GET', '/api/jobs/nobody', 404])]
    #[TestWith(['GET', '/api/runs/nobody', 404])]
    #[TestWith(['GET', '/api/logbook/99', 404])]
    #[TestWith(['DELETE', '/api/settings', 405])]
    #[TestWith(['POST', '/api/jobs', 400])]
    public function testWhatCannotBeFoundOrDoneIsAProblem(string $method, string $path, int $status): void
    {
        self::assertNotSame('', $this->read($this->ask($method, $path), $status)->string('title'));
    }

    public function testABodyThatPhpDroppedForItsSizeIsNoticed(): void
    {
        $problem = $this->read($this->ask('POST', '/api/artwork', headers: ['Content-Length' => '209715200']), 413);
        self::assertStringContainsString('too large', $problem->string('title'));
    }
}
