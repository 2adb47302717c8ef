<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\AsController;
use Symfony\Component\Routing\Attribute\Route;

/** The link that is printed at the start: it leaves the shop's key with the browser, and leads in. */
#[AsController]
final readonly class DoorController
{
    public function __construct(private ShopKey $key, private ClockInterface $clock) {}

    #[Route(ClosedDoor::LINK . '{key}', requirements: ['key' => '[\w-]{1,100}'], methods: ['GET'])]
    public function open(string $key): Response
    {
        if (!$this->key->opens($key)) {
            return new Response(ClosedDoor::page('This link no longer opens this shop.'), 403);
        }
        // Not sent on by the server: a browser that came from elsewhere would leave the key behind.
        $response = new Response(
            '<!doctype html><html lang="en"><meta charset="utf-8"><meta http-equiv="refresh" content="0;url=/">' .
                '<title>Wubbin</title><p><a href="/">To the shop</a></p></html>',
        );
        $response->headers->setCookie($this->key->cookie($this->clock->now()));
        $response->headers->set('Cache-Control', 'no-store');

        return $response;
    }
}
