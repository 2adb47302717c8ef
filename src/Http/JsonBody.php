<?php

declare(strict_types=1);

namespace Wubbin\Http;

use Symfony\Component\HttpFoundation\Request;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;

/** Reads a request's body as a JSON object. */
final readonly class JsonBody
{
    private const LONGEST_TEXT = 20_000;

    /** @throws Problem when it is not a JSON object */
    public static function fromRequest(Request $request): Record
    {
        return Record::of(self::decode($request));
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws Problem when it is not a JSON object
     * @throws InvalidInput naming a text that nobody can have typed
     */
    public static function decode(Request $request): array
    {
        try {
            $decoded = json_decode($request->getContent(), true, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw Problem::unreadable('What was sent is not JSON.');
        }

        if (!is_array($decoded)) {
            throw Problem::unreadable('What was sent is not a JSON object.');
        }
        array_walk_recursive($decoded, self::hold(...));

        return $decoded;
    }

    /** No field of a form is as long as that, and none has a character that ends a text for the system. */
    private static function hold(mixed $value, int|string $field): void
    {
        if (!is_string($value)) {
            return;
        }
        if (strlen($value) > self::LONGEST_TEXT) {
            throw InvalidInput::field((string) $field, sprintf('At most %d characters.', self::LONGEST_TEXT));
        }
        if (str_contains($value, "\0")) {
            throw InvalidInput::field((string) $field, 'This holds a character that cannot be stored. Type it again.');
        }
    }
}
