<?php

declare(strict_types=1);

namespace Wubbin\Log;

use OpenApi\Attributes as OA;

/** What past pieces teach. */
#[OA\Schema]
final readonly class LogLessons
{
    /**
     * @param list<RouteLesson> $routes
     * @param list<HandLesson> $times
     */
    public function __construct(public array $routes, public array $times) {}
}
