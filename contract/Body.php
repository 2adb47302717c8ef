<?php

declare(strict_types=1);

namespace Wubbin\Contract;

use OpenApi\Attributes as OA;

/** Describes a request's body that is one class, or a schema of its own. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class Body extends OA\RequestBody
{
    public function __construct(string $shape)
    {
        parent::__construct(required: true, content: new OA\JsonContent(ref: $shape));
    }
}
