<?php

declare(strict_types=1);

namespace Wubbin\Contract;

use OpenApi\Attributes as OA;

/** Describes an answer whose body is one class, or a schema of its own. */
#[\Attribute(\Attribute::TARGET_METHOD | \Attribute::IS_REPEATABLE)]
final class Answer extends OA\Response
{
    public function __construct(int $status, string $description, string $shape)
    {
        parent::__construct(response: $status, description: $description, content: new OA\JsonContent(ref: $shape));
    }
}
