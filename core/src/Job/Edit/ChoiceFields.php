<?php

declare(strict_types=1);

namespace Wubbin\Core\Job\Edit;

use Wubbin\Core\Job\Choices;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Override;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Id;
use Wubbin\Core\Route\Finish;

/** Which way a picture goes, and what was chosen for it. */
final readonly class ChoiceFields
{
    /** @return array<string, \Closure(Draft, string): Job> */
    public static function edits(): array
    {
        $things = [];
        foreach (Choices::THINGS as $thing) {
            $things[$thing] = static fn(Draft $draft, string $typed): Job => self::chosen(
                $draft,
                $draft->choices()->with('things', $thing, self::thing($draft, $thing, $typed)),
            );
        }

        return $things + [
            'route' => static fn(Draft $draft, string $typed): Job => $draft->put(
                $draft
                    ->transfer()
                    ->with(
                        routeId: isset($draft->catalogue->routes[$typed]) ? $typed : throw Draft::notOffered(),
                        choices: new Choices(schools: $draft->choices()->schools),
                    ),
            ),
            'finish' => static fn(Draft $draft, string $typed): Job => $draft->put(
                $draft->transfer()->with(finish: Finish::tryFrom($typed) ?? throw Draft::notOffered()),
            ),
        ];
    }

    /** @return array<string, \Closure(Draft, string, string): Job> of what has a name of its own after a dot */
    public static function named(): array
    {
        return [
            'override' => static fn(Draft $draft, string $typed, string $check): Job => $draft->put(
                $draft->transfer()->with(overrides: Override::among($draft->transfer()->overrides, $check, $typed)),
            ),
            'school' => static fn(Draft $draft, string $typed, string $matter): Job => self::chosen(
                $draft,
                $draft->choices()->with('schools', $matter, self::option($draft, $matter, $typed)),
            ),
            'figure' => self::figure(...),
        ];
    }

    private static function chosen(Draft $draft, Choices $choices): Job
    {
        return $draft->put($draft->transfer()->with(choices: $choices));
    }

    /** Something of the shelf, or a recipe; nothing where it is left to Wubbin. */
    private static function thing(Draft $draft, string $name, string $id): ?string
    {
        if ('' === $id) {
            return null;
        }

        return Id::holds($id) && (null === $draft->offered || $draft->offered->has($name, $id))
            ? $id
            : throw Draft::notOffered();
    }

    private static function option(Draft $draft, string $matter, string $id): ?string
    {
        return match (true) {
            '' === $id => null,
            isset($draft->catalogue->schools[$matter]->options[$id]) => $id,
            default => throw Draft::notOffered(),
        };
    }

    /** A figure is typed in its own unit; emptied, it goes back to the recipe's. */
    private static function figure(Draft $draft, string $typed, string $name): Job
    {
        $figure =
            $draft->catalogue->routes[$draft->transfer()->routeId]->figures[$name] ??
            throw BadRecord::at('figure.' . $name, 'This route has no such figure.');

        return self::chosen(
            $draft,
            $draft->choices()->withFigure($name, '' === $typed ? null : $figure->read($typed, $draft->parser)),
        );
    }
}
