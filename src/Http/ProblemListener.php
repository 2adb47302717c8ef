<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Wubbin\Core\Job\RefusedEdit;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Refusal\Conflict;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\DatabaseFile;
use Wubbin\Storage\ErrorNumber;
use Wubbin\Storage\TroubleKind;

/** Turns whatever was thrown into a problem that a person can act on; never a stack trace. */
#[AsEventListener(priority: 10)]
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger, private DatabaseFile $database) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $thrown = $event->getThrowable();
        $trouble = $this->database->troubleIn($thrown);
        $number = ErrorNumber::next();
        $problem = match (true) {
            null !== $trouble => Problem::fromTrouble($trouble),
            $thrown instanceof Problem => $thrown,
            $thrown instanceof Refusal => Problem::fromRefusal($thrown),
            $thrown instanceof RefusedEdit => Problem::fromRefusal(InvalidInput::fields($thrown->problems)),
            $thrown instanceof BadRecord => Problem::fromRefusal(
                InvalidInput::field($thrown->field, $thrown->getMessage()),
            ),
            $thrown instanceof UnreadableQuantity => Problem::fromRefusal(
                InvalidInput::field('value', $thrown->getMessage()),
            ),
            $thrown instanceof HttpExceptionInterface => Problem::unexpected($thrown->getStatusCode()),
            default => Problem::unexpected(number: $number),
        };
        if (500 === $problem->status || (null !== $trouble && TroubleKind::Busy !== $trouble->kind)) {
            $this->logger->critical(
                sprintf('%s: %s %s', $number, $event->getRequest()->getMethod(), $event->getRequest()->getPathInfo()),
                ['exception' => $thrown],
            );
        }
        $headers = null === $problem->retryAfter ? [] : ['Retry-After' => (string) $problem->retryAfter];
        if ($thrown instanceof Conflict && is_string($thrown->current['version'] ?? null)) {
            $headers['ETag'] = $thrown->current['version'];
        }
        $event->setResponse(
            new JsonResponse($problem, $problem->status, $headers + ['Content-Type' => 'application/problem+json']),
        );
    }
}
