<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** Keeps the browser to this server: no other host is asked for anything, nothing is guessed, nothing is framed. */
#[AsEventListener]
final readonly class ResponseHeaders
{
    /** Style attributes are set by the positioning of menus and dialogs; scripts come from files alone. */
    private const PAGE =
        "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; " .
        "font-src 'self'; connect-src 'self'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

    public function __invoke(ResponseEvent $event): void
    {
        $headers = $event->getResponse()->headers;
        if (!$headers->has('Content-Security-Policy')) {
            $headers->set('Content-Security-Policy', self::PAGE);
        }
        $headers->set('X-Content-Type-Options', 'nosniff');
        $headers->set('Referrer-Policy', 'no-referrer');
        $headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
    }
}
