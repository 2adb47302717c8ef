<?php

declare(strict_types=1);

namespace Wubbin\Refusal;

/** Fields do not say what they must; nothing was changed. */
final class InvalidInput extends Refusal
{
    public static function field(string $field, string $message): self
    {
        return self::fields([$field => $message]);
    }

    /** @param non-empty-array<string, string> $errors messages by field; the first one stands for all of them */
    public static function fields(array $errors): self
    {
        return new self(array_values($errors)[0], $errors);
    }
}
