<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\QuantityKind;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\Finish;

/**
 * Changes to a job as a person makes them: field by field, each as it was typed.
 *
 * Either all changes hold or none does; every field that is wrong is named. A change of the kind of blank, or of the
 * route, takes along what cannot stay: size, material and place of the one, figures of the other.
 */
final class JobEdit
{
    private function __construct(
        private Job $job,
        private readonly QuantityParser $parser,
        private readonly Catalogue $catalogue,
        private readonly ?Picture $picture,
    ) {
    }

    /**
     * @param array<string, string> $changes what was typed, by field
     * @param Picture|null          $picture the picture named by an `artwork` change
     *
     * @throws RefusedEdit naming every field that is wrong
     */
    public static function apply(Job $job, array $changes, QuantityParser $parser, Catalogue $catalogue, ?Picture $picture = null): Job
    {
        $edit = new self($job, $parser, $catalogue, $picture);
        $problems = [];
        // What takes other fields along comes first, so that those changes are not undone by it.
        $first = array_intersect_key($changes, ['kind' => true, 'route' => true, 'artwork' => true]);
        foreach ($first + $changes as $field => $typed) {
            try {
                $edit->change($field, trim($typed));
            } catch (UnreadableQuantity|BadRecord $e) {
                $problems[$field] = $e->getMessage();
            }
        }
        if ([] !== $problems) {
            throw new RefusedEdit($problems);
        }

        return $edit->job;
    }

    private function change(string $field, string $typed): void
    {
        [$family, $name] = explode('.', $field, 2) + [1 => ''];
        match (true) {
            'override' === $family => $this->override($name, $typed),
            'school' === $family => $this->set(choices: $this->job->choices->with('schools', $name, '' === $typed ? null : $this->school($name, $typed))),
            'figure' === $family => $this->figure($name, $typed),
            in_array($field, Choices::THINGS, true) => $this->set(choices: $this->job->choices->with('things', $field, '' === $typed ? null : $typed)),
            'name' === $field => $this->set(name: JobFile::name($typed)),
            'quantity' === $field => $this->set(quantity: JobFile::quantity(1 === preg_match('/^\d{1,9}$/', $typed) ? (int) $typed : 0), breakdown: []),
            'breakdown' === $field => $this->breakdown($typed),
            'due' === $field => $this->due($typed),
            'note' === $field => $this->set(note: JobFile::note($typed)),
            'kind' === $field => $this->kind($typed),
            'size' === $field => $this->set(blank: $this->blank(size: $typed)),
            'material' === $field => $this->set(blank: $this->blank(material: $typed)),
            'colour' === $field => $this->set(blank: $this->blank(colour: Colour::hex($typed))),
            'condition' === $field => $this->set(blank: $this->blank(condition: Condition::tryFrom($typed) ?? throw self::notOffered())),
            'route' === $field => $this->route($typed),
            'finish' === $field => $this->set(finish: Finish::tryFrom($typed) ?? throw self::notOffered()),
            'width' === $field, 'height' === $field => $this->resize(SizedBy::from($field), $this->parser->length($typed)),
            'right' === $field => $this->place(right: $this->parser->length($typed)),
            'below' === $field => $this->place(below: $this->parser->length($typed)),
            'artwork' === $field => $this->artwork($typed),
            default => throw BadRecord::at($field, 'A job has no such field.'),
        };
    }

    private function kind(string $id): void
    {
        $kind = $this->catalogue->blanks[$id] ?? throw self::notOffered();
        $this->set(blank: new Blank($id, (string) array_key_first($kind->sizes), $kind->materials[0] ?? '', $this->job->blank->colour, $kind->conditions[0] ?? Condition::New), breakdown: []);
        $this->fitInto($kind);
    }

    /** A picture of usual size in the usual place: as wide as the print area lets it, at most 200 mm, and centred. */
    private function fitInto(BlankKind $kind): void
    {
        $area = array_values($kind->sizes)[0]->printArea;
        $aspect = null === $this->picture ? 1.0 : $this->picture->aspect();
        $width = min(200.0, $area->size->widthMm * 0.8, $area->size->heightMm * 0.8 * $aspect);
        $drop = 'shirt' === $kind->id ? 80.0 : $area->yMm + max(0.0, ($area->size->heightMm - $width / $aspect) / 2.0);
        $this->set(placement: Placement::of(SizedBy::Width, Length::mm(round($width)), Length::mm(0.0), Length::mm(round($drop)), null === $this->job->artwork ? Length::mm(round($width)) : null));
    }

    private function route(string $id): void
    {
        if (!isset($this->catalogue->routes[$id])) {
            throw self::notOffered();
        }
        $this->set(routeId: $id, choices: new Choices(schools: $this->job->choices->schools));
    }

    private function artwork(string $sha256): void
    {
        if ('' === $sha256) {
            $size = $this->job->placement->sizeOf($this->picture);
            $this->job = $this->copy(artwork: [null, null]);
            $this->resize(SizedBy::Width, Length::mm($size->widthMm));

            return;
        }
        if ($this->picture?->sha256 !== $sha256) {
            throw BadRecord::at('artwork', 'This picture is not in the store. Upload it first.');
        }
        $this->job = $this->copy(artwork: [$this->picture->sha256, $this->picture->name]);
        $this->place(other: false);
    }

    private function resize(SizedBy $by, Length $side): void
    {
        $old = $this->job->placement;
        $other = null;
        if (null === $this->job->artwork) {
            $size = $old->sizeOf(null);
            $other = Length::mm(SizedBy::Width === $by ? $size->heightMm : $size->widthMm);
        }
        $this->set(placement: Placement::of($by, $side, Length::mm($old->rightMm), Length::mm($old->belowMm), $other));
    }

    private function place(?Length $right = null, ?Length $below = null, bool $other = true): void
    {
        $old = $this->job->placement;
        $kept = $other && null !== $old->otherMm ? Length::mm($old->otherMm) : null;
        $this->set(placement: Placement::of($old->by, Length::mm($old->sideMm), $right ?? Length::mm($old->rightMm), $below ?? Length::mm($old->belowMm), $kept));
    }

    private function school(string $matter, string $option): string
    {
        return isset($this->catalogue->schools[$matter]->options[$option]) ? $option : throw self::notOffered();
    }

    /** A figure is typed in its own unit; emptied, it goes back to the recipe's. */
    private function figure(string $name, string $typed): void
    {
        $figure = $this->catalogue->routes[$this->job->routeId]->figures[$name] ?? throw BadRecord::at('figure.'.$name, 'This route has no such figure.');
        if ('' === $typed) {
            $this->set(choices: $this->job->choices->withFigure($name, null));

            return;
        }
        $value = match ($figure->kind) {
            QuantityKind::Duration => $this->parser->duration($typed)->seconds,
            QuantityKind::Temperature => $this->parser->temperature($typed)->celsius,
            QuantityKind::Count, QuantityKind::Speed => (float) $typed,
            default => $this->parser->length($typed)->mm,
        };
        $this->set(choices: $this->job->choices->withFigure($name, self::sensible($figure, $value)));
    }

    private static function sensible(Figure $figure, float $value): float
    {
        return $figure->replacedBy($value, $figure->provenance)->value;
    }

    /** The quantity is what the shares add up to; emptied, all pieces are alike again. */
    private function breakdown(string $typed): void
    {
        $kind = $this->catalogue->blanks[$this->job->blank->kindId] ?? throw self::notOffered();
        $shares = Breakdown::parse($typed, $kind, $this->catalogue, $this->parser);
        $all = array_sum(array_map(static fn (Share $share): int => $share->quantity, $shares));
        $this->set(quantity: [] === $shares ? null : JobFile::quantity($all), breakdown: $shares);
    }

    private function due(string $typed): void
    {
        $this->job = $this->copy(due: [JobFile::due('' === $typed ? null : $typed)]);
    }

    private function override(string $check, string $reason): void
    {
        $overrides = array_values(array_filter($this->job->overrides, static fn (Override $o): bool => $o->check !== $check));
        if ('' !== $reason) {
            $overrides[] = new Override($check, mb_substr($reason, 0, 500));
        }
        $this->set(overrides: $overrides);
    }

    private function blank(?string $size = null, ?string $material = null, ?Colour $colour = null, ?Condition $condition = null): Blank
    {
        $old = $this->job->blank;

        return new Blank($old->kindId, $size ?? $old->sizeId, $material ?? $old->materialId, $colour ?? $old->colour, $condition ?? $old->condition);
    }

    /**
     * @param int<1, 10000>|null  $quantity
     * @param list<Override>|null $overrides
     * @param list<Share>|null    $breakdown
     */
    private function set(?string $name = null, ?int $quantity = null, ?string $note = null, ?Blank $blank = null, ?Placement $placement = null, ?string $routeId = null, ?Finish $finish = null, ?Choices $choices = null, ?array $overrides = null, ?array $breakdown = null): void
    {
        $old = $this->job;
        $this->job = new Job(
            $old->id,
            $name ?? $old->name,
            $quantity ?? $old->quantity,
            $old->due,
            $blank ?? $old->blank,
            $old->artwork,
            $old->artworkName,
            $placement ?? $old->placement,
            $routeId ?? $old->routeId,
            $finish ?? $old->finish,
            $choices ?? $old->choices,
            $overrides ?? $old->overrides,
            $note ?? $old->note,
            $breakdown ?? $old->breakdown,
        );
    }

    /**
     * The job with what may be emptied changed.
     *
     * @param array{?string}|null          $due
     * @param array{?string, ?string}|null $artwork SHA-256 and name
     */
    private function copy(?array $due = null, ?array $artwork = null): Job
    {
        $old = $this->job;
        [$sha256, $name] = $artwork ?? [$old->artwork, $old->artworkName];

        return new Job($old->id, $old->name, $old->quantity, null === $due ? $old->due : $due[0], $old->blank, $sha256, $name, $old->placement, $old->routeId, $old->finish, $old->choices, $old->overrides, $old->note, $old->breakdown);
    }

    private static function notOffered(): BadRecord
    {
        return BadRecord::at('', 'Choose one of those offered.');
    }
}
