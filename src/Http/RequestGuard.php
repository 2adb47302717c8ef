<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Wubbin\Storage\Disk;

/**
 * Lets in only the page's own requests. The Host list stops a foreign name from being rebound to this machine; the
 * Origin and the header, which a foreign page cannot set without being asked, stop writes from elsewhere.
 */
#[AsEventListener(priority: 512)]
final readonly class RequestGuard
{
    public const HEADER = 'X-Wubbin';

    public function __construct(private string $allowedHosts, private Disk $disk, private ShopKey $key) {}

    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $host = (string) $request->headers->get('Host');
        if (!in_array(preg_replace('/:\d+$/', '', $host), explode(',', $this->allowedHosts), true)) {
            throw Problem::forbidden('This name is not one of Wubbin’s own.');
        }
        $address = rawurldecode($request->getRequestUri());
        if (!mb_check_encoding($address, 'UTF-8') || str_contains($address, "\0")) {
            throw Problem::unreadable('This address holds characters that cannot be read.');
        }
        $this->keepStrangersOut($event);
        if ($event->hasResponse() || $request->isMethodSafe()) {
            return;
        }
        $origin = $request->headers->get('Origin');
        if (
            (null !== $origin &&
                parse_url($origin, \PHP_URL_HOST) .
                    (null === ($port = parse_url($origin, \PHP_URL_PORT)) || false === $port ? '' : ':' . $port) !==
                    $host) ||
            null === $request->headers->get(self::HEADER)
        ) {
            throw Problem::forbidden('Only Wubbin’s own page may change things.');
        }
        $this->disk->hold();
        $this->refuseTruncated(
            $request->headers->get('Content-Length'),
            0 === $request->files->count() && 0 === $request->request->count(),
        );
    }

    private function keepStrangersOut(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $path = $request->getPathInfo();
        if (
            $this->key->isOfThisMachine($request) ||
            $this->key->isShownBy($request) ||
            str_starts_with($path, ClosedDoor::LINK)
        ) {
            return;
        }
        if (str_starts_with($path, '/api/')) {
            throw Problem::forbidden('This shop needs its own link. ' . ClosedDoor::HOW);
        }
        $event->setResponse(new Response(ClosedDoor::page(''), 403));
    }

    /** PHP drops a body that is over its limit without a word; the announced length is all that is left of it. */
    private function refuseTruncated(?string $announced, bool $empty): void
    {
        $limit = ini_parse_quantity((string) ini_get('post_max_size'));
        if ($empty && $limit > 0 && (int) $announced > $limit) {
            throw Problem::tooLarge(sprintf('This is too large. At most %d MB can be sent.', intdiv($limit, 1048576)));
        }
    }
}
