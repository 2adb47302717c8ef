<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\OwnedAnswer;
use Wubbin\Core\Route\OwnedThing;

/**
 * What people own, put on a shelf: each answer becomes entries of it, with the figures of a usual one where nobody has
 * measured. What the shop has measured or written down itself stays as it is.
 *
 * @phpstan-type ShelfRecord array{own: array<string, list<array<string, mixed>>>, heat: list<array<string, mixed>>,
 *     paper: array<string, mixed>, ...<string, mixed>}
 */
final readonly class Owning
{
    /** @return list<string> ids of the answers that hold on this shelf */
    public static function answers(Shelf $shelf, OwnedThing $thing): array
    {
        $there = self::there($shelf);
        $holds = [];
        foreach ($thing->answers as $answer) {
            if ([] === array_diff(self::first($answer)[1], $there[self::first($answer)[0]])) {
                $holds[] = $answer->id;
            }
        }

        return $holds;
    }

    /** @return list<string> what the shop has of this by its own name or measures, in words */
    public static function own(Shelf $shelf, OwnedThing $thing, Catalogue $catalogue): array
    {
        $own = [];
        $kind = self::first($thing->answers[0])[0];
        $like = array_merge(...array_map(static fn(OwnedAnswer $a): array => $a->puts[$kind] ?? [], $thing->answers));
        if ('heat' === $kind) {
            $kinds = array_map(static fn(string $id) => $catalogue->heat->sources[$id]->kind, $like);
            foreach ($shelf->heat as $source) {
                if (in_array($source->kind, $kinds, true) && !in_array($source->id, $like, true)) {
                    $own[] = $source->label;
                }
            }
        }
        foreach (['media' => $shelf->media, 'markings' => $shelf->markings] as $of => $things) {
            foreach ($things as $one) {
                if ($of === $kind && in_array($one->like, $like, true) && !in_array($one->id, $like, true)) {
                    $own[] = $one->label;
                }
            }
        }

        return $own;
    }

    /**
     * The shelf with just these answers about a thing.
     *
     * @param ShelfRecord $record the shelf as it is written down
     * @param list<string> $answers
     *
     * @return ShelfRecord
     *
     * @throws BadRecord for an answer that is not offered, or more than can hold at once
     */
    public static function set(array $record, OwnedThing $thing, array $answers, Catalogue $catalogue): array
    {
        $ids = array_map(static fn(OwnedAnswer $answer): string => $answer->id, $thing->answers);
        if ([] !== array_diff($answers, $ids) || (count($answers) > 1 && !$thing->several)) {
            throw BadRecord::at('answers', 'Choose one of those offered.');
        }
        foreach ($thing->answers as $answer) {
            $record = in_array($answer->id, $answers, true)
                ? self::put($record, $answer, $catalogue)
                : self::without($record, ...self::first($answer));
        }

        return $record;
    }

    /**
     * @param ShelfRecord $record
     *
     * @return ShelfRecord
     */
    private static function put(array $record, OwnedAnswer $answer, Catalogue $catalogue): array
    {
        foreach ($answer->puts as $kind => $ids) {
            foreach ($ids as $id) {
                $record =
                    'heat' === $kind
                        ? self::withHeat($record, $catalogue->heat->sources[$id])
                        : self::withId($record, $kind, $id);
            }
        }
        if (null !== $answer->like && null !== $answer->paper) {
            foreach ($answer->puts['media'] ?? [] as $id) {
                $own = $record['own']['media'] ?? [];
                $record['own']['media'] = in_array($id, array_column($own, 'id'), true)
                    ? $own
                    : [...$own, $catalogue->sheets->media[$answer->like]->sized($id, $answer->paper)];
            }
        }

        return $record;
    }

    /**
     * @param ShelfRecord $record
     *
     * @return ShelfRecord
     */
    private static function withHeat(array $record, HeatSource $source): array
    {
        if (!in_array($source->id, array_column($record['heat'], 'id'), true)) {
            $record['heat'][] = ['assumed' => true] + $source->toRecord();
        }

        return $record;
    }

    /**
     * @param ShelfRecord $record
     *
     * @return ShelfRecord
     */
    private static function withId(array $record, string $kind, string $id): array
    {
        $there = self::ids($record, $kind);

        /** @var ShelfRecord $with */
        $with = [$kind => in_array($id, $there, true) ? $there : [...$there, $id]] + $record;

        return $with;
    }

    /**
     * What was measured is not taken away by an answer about something usual.
     *
     * @param ShelfRecord $record
     * @param list<string> $ids
     *
     * @return ShelfRecord
     */
    private static function without(array $record, string $kind, array $ids): array
    {
        if ('heat' === $kind) {
            $record['heat'] = array_values(
                array_filter(
                    $record['heat'],
                    static fn(array $one): bool => !in_array($one['id'], $ids, true) ||
                        true !== ($one['assumed'] ?? null),
                ),
            );

            return $record;
        }

        /** @var ShelfRecord $without */
        $without = [$kind => array_values(array_diff(self::ids($record, $kind), $ids))] + $record;

        return $without;
    }

    /**
     * @param ShelfRecord $record
     *
     * @return list<string>
     */
    private static function ids(array $record, string $kind): array
    {
        return array_values(array_filter((array) ($record[$kind] ?? []), is_string(...)));
    }

    /** @return array{string, list<string>} the kind of what an answer is about, and its ids */
    private static function first(OwnedAnswer $answer): array
    {
        $kind = (string) array_key_first($answer->puts);

        return [$kind, $answer->puts[$kind] ?? []];
    }

    /** @return array<string, list<string>> ids by kind */
    private static function there(Shelf $shelf): array
    {
        return array_map(array_keys(...), [
            'heat' => $shelf->heat,
            'markings' => $shelf->markings,
            'media' => $shelf->media,
            'bases' => $shelf->bases,
            'guards' => $shelf->guards,
            'covers' => $shelf->covers,
        ]);
    }
}
