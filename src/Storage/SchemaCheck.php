<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/**
 * Holds a file in one of the open formats against its published schema, and says in plain words what is wrong where.
 */
final readonly class SchemaCheck
{
    private const MOST_ERRORS = 20;

    public function __construct(private string $projectDirectory) {}

    /**
     * @param string $kind `job`, `shelf` or `recipe`
     *
     * @throws Refusal naming every field that is wrong
     */
    public function decode(string $kind, string $json): Record
    {
        try {
            $decoded = json_decode($json, false, 64, \JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw InvalidInput::field('file', 'This is not a JSON file.');
        }
        $this->refuseOtherFormats($kind, $decoded);
        $validator = new Validator(max_errors: self::MOST_ERRORS, stop_at_first_error: false);
        $schema = json_decode(
            (string) file_get_contents($this->projectDirectory . '/schema/' . $kind . '.schema.json'),
            false,
            64,
            \JSON_THROW_ON_ERROR,
        );
        if (!is_object($schema)) {
            throw new \LogicException('The schema of ' . $kind . ' is not an object.');
        }
        $error = $validator->validate($decoded, $schema)->error();
        if (null !== $error) {
            throw InvalidInput::fields(
                $this->explain($error) + ['file' => 'This file does not say what a ' . $kind . ' file must.'],
            );
        }

        return Record::of(json_decode($json, true, 64, \JSON_THROW_ON_ERROR));
    }

    private function refuseOtherFormats(string $kind, mixed $decoded): void
    {
        if (!is_object($decoded)) {
            throw InvalidInput::field('file', 'This is not a ' . $kind . ' file.');
        }
        $format = $decoded->format ?? null;
        if ('wubbin-' . $kind !== $format) {
            throw InvalidInput::field(
                'format',
                sprintf('This is not a %s file: its format must read “wubbin-%s”.', $kind, $kind),
            );
        }
        $version = $decoded->version ?? null;
        if (is_int($version) && $version > 1) {
            throw InvalidInput::field(
                'version',
                sprintf(
                    'This file has version %d. This Wubbin reads version 1. Use a newer Wubbin to open it.',
                    $version,
                ),
            );
        }
    }

    /** @return array<string, string> messages by field */
    private function explain(ValidationError $error): array
    {
        if ([] !== $error->subErrors()) {
            $explained = [];
            foreach ($error->subErrors() as $inner) {
                $explained += $inner instanceof ValidationError ? $this->explain($inner) : [];
            }

            return $explained;
        }
        $path = implode('.', $error->data()->fullPath());
        $args = $error->args();
        $in = static fn(mixed $key): string => '' === $path ? self::text($key) : $path . '.' . self::text($key);

        return match ($error->keyword()) {
            'required' => self::each($args['missing'] ?? [], $in, 'This is missing.'),
            'additionalProperties' => self::each(
                self::unknown($error),
                $in,
                'A field of this name is not known here. Check its spelling and its unit.',
            ),
            'type' => [$path => sprintf('Expected here: %s.', self::list($args['expected'] ?? ''))],
            'enum', 'const' => [$path => 'This is not one of the words that are known here.'],
            'minimum' => [$path => sprintf('This is too small. At least %s.', self::text($args['min'] ?? ''))],
            'maximum' => [$path => sprintf('This is too large. At most %s.', self::text($args['max'] ?? ''))],
            'maxLength' => [
                $path => sprintf('This is too long. At most %s characters.', self::text($args['max'] ?? '')),
            ],
            'minLength' => [$path => 'This must not be empty.'],
            'pattern' => [$path => 'This is written in a wrong form.'],
            'exclusiveMinimum' => [
                $path => sprintf('This is too small. More than %s.', self::text($args['min'] ?? '')),
            ],
            'minItems' => [$path => sprintf('At least %s of these are needed.', self::text($args['min'] ?? ''))],
            'maxItems' => [$path => sprintf('At most %s of these can be read.', self::text($args['max'] ?? ''))],
            'maxProperties' => [$path => sprintf('At most %s of these can be read.', self::text($args['max'] ?? ''))],
            'uniqueItems' => [$path => 'One of these is there twice.'],
            default => [$path => 'This is written in a wrong form.'],
        };
    }

    /**
     * The validator counts a field whose value is wrong among those it does not know; that one has a message already.
     *
     * @return list<mixed>
     */
    private static function unknown(ValidationError $error): array
    {
        $schema = $error->schema()->info()->data();
        $known =
            is_object($schema) && isset($schema->properties) && is_object($schema->properties)
                ? get_object_vars($schema->properties)
                : [];
        $named = $error->args()['properties'] ?? [];

        return array_values(
            array_filter(
                is_array($named) ? $named : [$named],
                static fn(mixed $name): bool => !isset($known[self::text($name)]),
            ),
        );
    }

    /**
     * @param callable(mixed): string $field
     *
     * @return array<string, string>
     */
    private static function each(mixed $keys, callable $field, string $message): array
    {
        $messages = [];
        foreach (is_array($keys) ? $keys : [$keys] as $key) {
            $messages[$field($key)] = $message;
        }

        return $messages;
    }

    private static function list(mixed $words): string
    {
        return implode(' or ', array_map(self::text(...), is_array($words) ? array_values($words) : [$words]));
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
