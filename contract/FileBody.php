<?php

declare(strict_types=1);

namespace Wubbin\Contract;

use OpenApi\Attributes as OA;

/** Describes a request's body that is one uploaded file. */
#[\Attribute(\Attribute::TARGET_METHOD)]
final class FileBody extends OA\RequestBody
{
    public function __construct(string $field)
    {
        parent::__construct(
            required: true,
            content: new OA\MediaType(
                mediaType: 'multipart/form-data',
                schema: new OA\Schema(
                    required: [$field],
                    properties: [new OA\Property(property: $field, type: 'string', format: 'binary')],
                    type: 'object',
                ),
            ),
        );
    }
}
