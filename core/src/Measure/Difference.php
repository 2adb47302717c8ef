<?php

declare(strict_types=1);

namespace Wubbin\Core\Measure;

/**
 * What tells two states of a document apart, part by part: where it stands, as it was and as it is. A part is as small
 * as it can be: an entry of a record, or of a list whose length stays; a list that grew or shrank is one part.
 *
 * Turned round, it is the inverse of the change, and holds only where nobody has changed the same parts since.
 */
final readonly class Difference implements \JsonSerializable
{
    /** @param list<array{at: list<string>, before?: mixed, after?: mixed}> $parts one without a state was not there */
    private function __construct(private array $parts) {}

    /**
     * @param array<array-key, mixed> $before as JSON has it
     * @param array<array-key, mixed> $after
     */
    public static function between(array $before, array $after): self
    {
        return new self(self::parts($before, $after, []));
    }

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        return new self(
            array_map(static function (Record $one): array {
                $raw = $one->raw();

                return ['at' => $one->strings('at')] + array_intersect_key($raw, ['before' => true, 'after' => true]);
            }, $record->records('parts')),
        );
    }

    public function isNothing(): bool
    {
        return [] === $this->parts;
    }

    /** From what it is now back to what it was. */
    public function turnedRound(): self
    {
        return new self(
            array_map(static function (array $part): array {
                $turned = ['at' => $part['at']];
                if (array_key_exists('after', $part)) {
                    $turned['before'] = $part['after'];
                }
                if (array_key_exists('before', $part)) {
                    $turned['after'] = $part['before'];
                }

                return $turned;
            }, $this->parts),
        );
    }

    /**
     * The document with every part as it is after this change.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<array-key, mixed>
     *
     * @throws BadRecord naming the first part that is not as it was before it
     */
    public function on(array $document): array
    {
        foreach ($this->parts as $part) {
            $document = self::put($document, $part['at'], $part);
        }

        return $document;
    }

    /** @return array{parts: list<array{at: list<string>, before?: mixed, after?: mixed}>} */
    public function jsonSerialize(): array
    {
        return ['parts' => $this->parts];
    }

    /**
     * @param array<array-key, mixed> $before
     * @param array<array-key, mixed> $after
     * @param list<string> $at
     *
     * @return list<array{at: list<string>, before?: mixed, after?: mixed}>
     */
    private static function parts(array $before, array $after, array $at): array
    {
        $parts = [];
        foreach (array_unique([...array_keys($before), ...array_keys($after)]) as $key) {
            $here = [...$at, (string) $key];
            [$old, $new] = [$before[$key] ?? null, $after[$key] ?? null];
            $there = array_key_exists($key, $before) && array_key_exists($key, $after);
            if ($there && is_array($old) && is_array($new) && self::alike($old, $new)) {
                array_push($parts, ...self::parts($old, $new, $here));
            } elseif (!$there || $old !== $new) {
                $parts[] =
                    ['at' => $here] +
                    (array_key_exists($key, $before) ? ['before' => $old] : []) +
                    (array_key_exists($key, $after) ? ['after' => $new] : []);
            }
        }

        return $parts;
    }

    /**
     * Two records, or two lists of one length: what is empty is either.
     *
     * @param array<array-key, mixed> $old
     * @param array<array-key, mixed> $new
     */
    private static function alike(array $old, array $new): bool
    {
        return array_is_list($old) === array_is_list($new) && (!array_is_list($old) || count($old) === count($new));
    }

    /**
     * @param array<array-key, mixed> $document
     * @param list<string> $at
     * @param array{at: list<string>, before?: mixed, after?: mixed} $part
     *
     * @return array<array-key, mixed>
     */
    private static function put(array $document, array $at, array $part): array
    {
        $key = $at[0] ?? throw BadRecord::at('at', 'A part of a document has a place.');
        if (count($at) > 1) {
            $inner = $document[$key] ?? null;
            $document[$key] = self::put(
                is_array($inner) ? $inner : throw self::changed($part),
                array_slice($at, 1),
                $part,
            );

            return $document;
        }
        $was = array_key_exists('before', $part);
        if ($was !== array_key_exists($key, $document) || ($was && $document[$key] !== $part['before'])) {
            throw self::changed($part);
        }
        if (array_key_exists('after', $part)) {
            $document[$key] = $part['after'];
        } else {
            unset($document[$key]);
        }

        return $document;
    }

    /** @param array{at: list<string>, before?: mixed, after?: mixed} $part */
    private static function changed(array $part): BadRecord
    {
        return BadRecord::at(implode('.', $part['at']), 'This was changed again later.');
    }
}
