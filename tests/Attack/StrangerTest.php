<?php

declare(strict_types=1);

namespace Wubbin\Tests\Attack;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Wubbin\Http\ShopKey;
use Wubbin\Tests\Support\ShopTestCase;

/** Who comes from another machine shows the shop's key; the press and real printers obey this machine alone. */
final class StrangerTest extends ShopTestCase
{
    private function from(string $address, string $method, string $path, string $key = '', string $body = ''): Response
    {
        $request = Request::create('http://127.0.0.1' . $path, $method, content: $body);
        $request->server->set('REMOTE_ADDR', $address);
        $request->headers->set('X-Wubbin', '1');
        $request->headers->set('X-Forwarded-For', '127.0.0.1');
        if ('' !== $key) {
            $request->cookies->set(ShopKey::COOKIE, $key);
        }
        $this->restart();

        return $this->service(HttpKernelInterface::class)->handle($request);
    }

    public function testAStrangerSeesNothingAndChangesNothing(): void
    {
        foreach (['/api/settings', '/api/stock', '/api/orders', '/api/jobs'] as $path) {
            self::assertSame(403, $this->from('192.0.2.7', 'GET', $path)->getStatusCode(), $path);
            self::assertSame(403, $this->from('192.0.2.7', 'GET', $path, 'guessed')->getStatusCode(), $path);
        }
        $page = $this->from('192.0.2.7', 'GET', '/orders');
        self::assertSame(403, $page->getStatusCode());
        self::assertStringContainsString('closed to strangers', (string) $page->getContent());
        self::assertSame(
            403,
            $this->from('192.0.2.7', 'PATCH', '/api/settings', '', '{"theme":"dark"}')->getStatusCode(),
        );
        self::assertSame(200, $this->from('127.0.0.1', 'GET', '/api/settings')->getStatusCode());
    }

    public function testTheLinkLeavesTheKeyWithTheBrowser(): void
    {
        $key = $this->service(ShopKey::class)->text();
        self::assertGreaterThanOrEqual(32, strlen($key));
        $opened = $this->from('192.0.2.7', 'GET', '/open/' . $key);
        self::assertSame(200, $opened->getStatusCode());
        $cookie = $opened->headers->getCookies()[0];
        self::assertSame($key, $cookie->getValue());
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('strict', $cookie->getSameSite());
        self::assertSame(200, $this->from('192.0.2.7', 'GET', '/api/settings', $key)->getStatusCode());
        self::assertSame(403, $this->from('192.0.2.7', 'GET', '/open/' . strrev($key))->getStatusCode());
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($this->data . '/shop.key')), -4));
    }

    public function testThePressObeysThisMachineAlone(): void
    {
        $key = $this->service(ShopKey::class)->text();
        foreach (['close', 'set', 'start'] as $do) {
            $answer = $this->from(
                '192.0.2.7',
                'POST',
                '/api/device/commands',
                $key,
                '{"do":"' . $do . '","value":200}',
            );
            self::assertSame(403, $answer->getStatusCode());
            self::assertStringContainsString('only from the machine', (string) $answer->getContent());
        }
        self::assertSame(
            403,
            $this->from('192.0.2.7', 'PUT', '/api/device', $key, '{"address":"","token":""}')->getStatusCode(),
        );
        // On this machine it is asked, and says that there is none.
        self::assertSame(
            422,
            $this->from('127.0.0.1', 'POST', '/api/device/commands', '', '{"do":"close"}')->getStatusCode(),
        );
    }
}
