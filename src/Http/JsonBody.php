<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\Request;
use Wubbin\Core\Measure\Record;

/** Reads a request's body as a JSON object. */
final readonly class JsonBody
{
    /** @throws Problem when it is not a JSON object */
    public static function fromRequest(Request $request): Record
    {
        return Record::of(self::decode($request));
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws Problem when it is not a JSON object
     */
    public static function decode(Request $request): array
    {
        try {
            $decoded = json_decode($request->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw Problem::unreadable('What was sent is not JSON.');
        }

        return is_array($decoded) ? $decoded : throw Problem::unreadable('What was sent is not a JSON object.');
    }
}
