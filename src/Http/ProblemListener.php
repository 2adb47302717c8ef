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
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** Turns whatever was thrown into a problem that a person can act on; never a stack trace. */
#[AsEventListener(priority: 10)]
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger) {}

    public function __invoke(ExceptionEvent $event): void
    {
        $thrown = $event->getThrowable();
        $problem = match (true) {
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
            default => Problem::unexpected(),
        };
        if (500 === $problem->status) {
            $this->logger->critical($thrown->getMessage(), ['exception' => $thrown]);
        }
        $event->setResponse(
            new JsonResponse($problem, $problem->status, ['Content-Type' => 'application/problem+json']),
        );
    }
}
