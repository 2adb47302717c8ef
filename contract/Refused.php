<?php

declare(strict_types=1);

namespace Wubbin\Contract;

use OpenApi\Attributes as OA;
use Wubbin\Http\Problem;

/** Describes an answer that says what is wrong. */
#[\Attribute(\Attribute::TARGET_METHOD | \Attribute::IS_REPEATABLE)]
final class Refused extends OA\Response
{
    public function __construct(int $status, string $description)
    {
        parent::__construct(
            response: $status,
            description: $description,
            content: new OA\MediaType(
                mediaType: 'application/problem+json',
                schema: new OA\Schema(ref: Problem::class),
            ),
        );
    }
}
