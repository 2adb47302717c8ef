<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * A decoded record (from YAML or JSON) read with types: each value is what was asked for, or a BadRecord names its
 * place.
 */
final readonly class Record
{
    /** Seconds since 1970 go far below it for tens of thousands of years. */
    private const LARGEST_INTEGER = 1.0e12;

    /** @param array<array-key, mixed> $values */
    private function __construct(private array $values, private string $path) {}

    /** @throws BadRecord unless it is a mapping or a list */
    public static function of(mixed $decoded, string $path = ''): self
    {
        if ($decoded instanceof \stdClass) {
            $decoded = get_object_vars($decoded);
        }
        if (!is_array($decoded)) {
            throw BadRecord::at($path, 'Entries are expected here.');
        }

        return new self($decoded, $path);
    }

    /** This record's entries, and for those it does not have the other's. */
    public function over(self $other): self
    {
        return new self($this->values + $other->values, $this->path);
    }

    /** @return array<array-key, mixed> as it was decoded */
    public function raw(): array
    {
        return $this->values;
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    /** @throws BadRecord */
    public function string(string $key): string
    {
        $value = $this->values[$key] ?? null;
        if (!is_string($value)) {
            throw BadRecord::at($this->place($key), null === $value ? 'This is missing.' : 'Text is expected here.');
        }

        return $value;
    }

    /** @throws BadRecord unless it is one by which something can be found again */
    public function id(string $key): string
    {
        $id = $this->string($key);

        return Id::holds($id) ? $id : throw BadRecord::at($this->place($key), Id::RULE);
    }

    /** @throws BadRecord */
    public function stringOrNull(string $key): ?string
    {
        return $this->has($key) ? $this->string($key) : null;
    }

    /**
     * A name as a person types it, without the space round it. Nothing of it is cut.
     *
     * @throws BadRecord when it is longer; an empty one is told by whoever needs it
     */
    public function name(string $key, int $longest = 120): string
    {
        $name = trim($this->string($key));

        return mb_strlen($name) <= $longest
            ? $name
            : throw BadRecord::at($this->place($key), sprintf('A name has up to %d characters.', $longest));
    }

    /**
     * Text that a person wrote and that comes to stand in sentences.
     *
     * @throws BadRecord
     */
    public function words(string $key): string
    {
        return Phrase::plain($this->string($key));
    }

    /** @throws BadRecord */
    public function wordsOrNull(string $key): ?string
    {
        return $this->has($key) ? $this->words($key) : null;
    }

    /** @throws BadRecord unless a finite number */
    public function number(string $key): float
    {
        $value = $this->values[$key] ?? null;
        if ((!is_int($value) && !is_float($value)) || !is_finite((float) $value)) {
            throw BadRecord::at(
                $this->place($key),
                null === $value ? 'This is missing.' : 'A number is expected here.',
            );
        }

        return (float) $value;
    }

    /** @throws BadRecord */
    public function numberOrNull(string $key): ?float
    {
        return $this->has($key) ? $this->number($key) : null;
    }

    /** @throws BadRecord unless it is whole, and such as counts and instants are */
    public function integer(string $key): int
    {
        $value = $this->number($key);
        if (floor($value) !== $value || abs($value) > self::LARGEST_INTEGER) {
            throw BadRecord::at($this->place($key), 'A whole number is expected here.');
        }

        return (int) $value;
    }

    /** @throws BadRecord */
    public function boolean(string $key): bool
    {
        $value = $this->values[$key] ?? null;
        if (!is_bool($value)) {
            throw BadRecord::at(
                $this->place($key),
                null === $value ? 'This is missing.' : 'Yes or no is expected here.',
            );
        }

        return $value;
    }

    /**
     * @template E of \BackedEnum
     *
     * @param class-string<E> $enum
     *
     * @return E
     *
     * @throws BadRecord unless one of the enum's values
     */
    public function enum(string $key, string $enum): \BackedEnum
    {
        $case = $enum::tryFrom($this->string($key));
        if (null === $case) {
            $known = implode(', ', array_map(static fn(\BackedEnum $c): string => (string) $c->value, $enum::cases()));
            throw BadRecord::at($this->place($key), 'One of these is expected here: ' . $known . '.');
        }

        return $case;
    }

    /** @throws BadRecord */
    public function record(string $key): self
    {
        return self::of($this->values[$key] ?? null, $this->place($key));
    }

    /** @throws BadRecord */
    public function recordOrNull(string $key): ?self
    {
        return $this->has($key) ? $this->record($key) : null;
    }

    /**
     * @return list<self> empty where the key is not there
     *
     * @throws BadRecord
     */
    public function records(string $key): array
    {
        return $this->has($key) ? $this->record($key)->each() : [];
    }

    /**
     * @return list<self>
     *
     * @throws BadRecord
     */
    public function each(): array
    {
        $records = [];
        foreach ($this->values as $key => $value) {
            $records[] = self::of($value, $this->place((string) $key));
        }

        return $records;
    }

    /**
     * @return list<int>
     *
     * @throws BadRecord
     */
    public function integers(string $key): array
    {
        $list = $this->record($key);

        return array_map(static fn(int|string $k): int => $list->integer((string) $k), array_keys($list->values));
    }

    /**
     * @return list<string> empty where the key is not there
     *
     * @throws BadRecord
     */
    public function strings(string $key): array
    {
        if (!$this->has($key)) {
            return [];
        }
        $list = $this->record($key);

        return array_map(static fn(int|string $k): string => $list->string((string) $k), array_keys($list->values));
    }

    /**
     * @return array<string, string>
     *
     * @throws BadRecord unless every value is text
     */
    public function stringMap(): array
    {
        $map = [];
        foreach (array_keys($this->values) as $key) {
            $map[(string) $key] = $this->string((string) $key);
        }

        return $map;
    }

    /**
     * @return array<string, self> empty where the key is not there
     *
     * @throws BadRecord
     */
    public function recordMap(string $key): array
    {
        $map = [];
        $inner = $this->recordOrNull($key);
        foreach (array_keys($inner->values ?? []) as $name) {
            $map[(string) $name] = self::of($inner?->values[$name] ?? null, $this->place($key) . '.' . $name);
        }

        return $map;
    }

    /**
     * Every entry as a list of texts; one text is a list of one.
     *
     * @return array<string, list<string>>
     *
     * @throws BadRecord
     */
    public function stringLists(): array
    {
        $lists = [];
        foreach ($this->values as $key => $value) {
            $lists[(string) $key] = is_array($value) ? $this->strings((string) $key) : [$this->string((string) $key)];
        }

        return $lists;
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->values));
    }

    private function place(string $key): string
    {
        return '' === $this->path ? $key : $this->path . '.' . $key;
    }
}
