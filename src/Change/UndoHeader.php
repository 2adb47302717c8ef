<?php

declare(strict_types=1);

namespace Wubbin\Change;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\ResponseEvent;

/** The answer to whoever changed something says what takes it back: `Undo: 12; kind=job; thing=row-tags`. */
#[AsEventListener]
final readonly class UndoHeader
{
    public function __construct(private Changes $changes) {}

    public function __invoke(ResponseEvent $event): void
    {
        $change = $this->changes->last();
        if (null !== $change?->number && $event->isMainRequest() && $event->getResponse()->isSuccessful()) {
            $event
                ->getResponse()
                ->headers->set(
                    'Undo',
                    sprintf(
                        '%d; kind=%s; thing=%s',
                        $change->number,
                        $change->kind->value,
                        rawurlencode($change->thing),
                    ),
                );
        }
    }
}
