<?php

declare(strict_types=1);

namespace Wubbin\Core\Job;

use Wubbin\Core\Artwork\KeptWhole;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Pattern;
use Wubbin\Core\Blank\PatternKind;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\QuantityKind;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Figure;
use Wubbin\Core\Route\Finish;

/**
 * Changes to a job as a person makes them: field by field, each as it was typed. Fields of a picture on the piece go to
 * the transfer that is meant.
 *
 * Either all changes hold or none does; every field that is wrong is named. A change of the kind of blank, or of the
 * route, takes along what cannot stay: size, material, sides and places of the one, figures of the other.
 */
final class JobEdit
{
    /** What takes other fields along comes first, in this order, so that the other changes are not undone by it. */
    private const FIRST = ['transfers', 'kind', 'size', 'route', 'artwork'];

    /** Room left below a picture that another is put under, in mm (assumed: a finger's breadth). */
    private const APART_MM = 15.0;

    /** @param array<string, Picture> $pictures by SHA-256 */
    private function __construct(
        private Job $job,
        private int $at,
        private readonly QuantityParser $parser,
        private readonly Catalogue $catalogue,
        private readonly array $pictures,
    ) {}

    /**
     * @param array<string, string> $changes what was typed, by field
     * @param array<string, Picture> $pictures those that the job has and the one that an `artwork` change names, by
     *                                         SHA-256
     * @param int $at the transfer that is meant, from 0
     *
     * @throws RefusedEdit naming every field that is wrong
     */
    public static function apply(
        Job $job,
        array $changes,
        QuantityParser $parser,
        Catalogue $catalogue,
        array $pictures = [],
        int $at = 0,
    ): Job {
        if (!isset($job->transfers[$at])) {
            throw new RefusedEdit(['transfer' => 'There is no such picture on this piece.']);
        }
        $edit = new self($job, $at, $parser, $catalogue, $pictures);
        $first = array_intersect(self::FIRST, array_keys($changes));
        $problems = $edit->take($changes, $first);
        if (isset($changes['kind']) && [] === $problems) {
            $edit->fitAll();
        }
        $problems += $edit->take($changes, array_diff(array_keys($changes), $first));
        if ([] !== $problems) {
            throw new RefusedEdit($problems);
        }

        return $edit->job;
    }

    /**
     * @param array<string, string> $changes
     * @param array<string> $fields
     *
     * @return array<string, string> what is wrong, by field
     */
    private function take(array $changes, array $fields): array
    {
        $problems = [];
        foreach ($fields as $field) {
            try {
                $this->change($field, trim($changes[$field]));
            } catch (UnreadableQuantity | BadRecord $e) {
                $problems[$field] = $e->getMessage();
            }
        }

        return $problems;
    }

    private function change(string $field, string $typed): void
    {
        [$family, $name] = explode('.', $field, 2) + [1 => ''];
        $transfer = $this->transfer();
        $choices = $transfer->choices;
        match (true) {
            'override' === $family => $this->override($name, $typed),
            'school' === $family => $this->put(
                $transfer->with(
                    choices: $choices->with('schools', $name, '' === $typed ? null : $this->school($name, $typed)),
                ),
            ),
            'figure' === $family => $this->figure($name, $typed),
            in_array($field, Choices::THINGS, true) => $this->put(
                $transfer->with(choices: $choices->with('things', $field, '' === $typed ? null : $typed)),
            ),
            'name' === $field => $this->set(name: JobFile::name($typed)),
            'quantity' === $field => $this->set(
                quantity: JobFile::quantity(1 === preg_match('/^\d{1,9}$/', $typed) ? (int) $typed : 0),
                breakdown: [],
            ),
            'breakdown' === $field => $this->breakdown($typed),
            'due' === $field => $this->due($typed),
            'note' === $field => $this->set(note: JobFile::note($typed)),
            'kind' === $field => $this->kind($typed),
            'size' === $field => $this->set(blank: $this->blank(size: $typed)),
            'material' === $field => $this->set(blank: $this->blank(material: $typed)),
            'colour' === $field => $this->set(blank: $this->blank(colour: Colour::hex($typed))),
            'condition' === $field => $this->set(
                blank: $this->blank(condition: Condition::tryFrom($typed) ?? throw self::notOffered()),
            ),
            'pattern' === $field => $this->set(
                blank: $this->job->blank->with(
                    '' === $typed
                        ? null
                        : Pattern::fromKind(
                            PatternKind::tryFrom($typed) ?? throw self::notOffered(),
                            $this->pattern()->colour,
                            $this->pattern()->repeatMm,
                        ),
                ),
            ),
            'pattern_colour' === $field => $this->set(
                blank: $this->job->blank->with(
                    Pattern::fromKind($this->pattern()->kind, Colour::hex($typed), $this->pattern()->repeatMm),
                ),
            ),
            'repeat' === $field => $this->set(
                blank: $this->job->blank->with(
                    Pattern::fromKind(
                        $this->pattern()->kind,
                        $this->pattern()->colour,
                        $this->parser->length($typed)->mm,
                    ),
                ),
            ),
            'transfer' === $field => $this->rearrange($typed),
            'transfers' === $field => $this->set(
                transfers: JobFile::transfers(Record::of(json_decode($typed, true), 'transfers')->each()),
            ),
            'side' === $field => $this->side($typed),
            'over' === $field => $this->put(
                $transfer->with(over: ['yes' => true, 'no' => false][$typed] ?? throw self::notOffered()),
            ),
            'shows' === $field => $this->put(
                $transfer->with(shows: JobFile::subjects('' === $typed ? [] : explode(' ', $typed))),
            ),
            'whole' === $field => $this->put($transfer->with(whole: KeptWhole::parse($typed))),
            'route' === $field => $this->route($typed),
            'finish' === $field => $this->put(
                $transfer->with(finish: Finish::tryFrom($typed) ?? throw self::notOffered()),
            ),
            'width' === $field, 'height' === $field => $this->resize(
                SizedBy::from($field),
                $this->parser->length($typed),
            ),
            'right' === $field => $this->place(right: $this->parser->length($typed)),
            'below' === $field => $this->place(below: $this->parser->length($typed)),
            'align' === $field => $this->align($typed),
            'artwork' === $field => $this->artwork($typed),
            default => throw BadRecord::at($field, 'A job has no such field.'),
        };
    }

    private function transfer(): Transfer
    {
        return $this->job->transfers[$this->at] ??
            throw BadRecord::at('transfer', 'There is no such picture on this piece.');
    }

    private function put(Transfer $transfer): void
    {
        $transfers = $this->job->transfers;
        $transfers[$this->at] = $transfer;
        $this->set(transfers: array_values($transfers));
    }

    private function picture(Transfer $transfer): ?Picture
    {
        return $this->pictures[$transfer->artwork ?? ''] ?? null;
    }

    private function kindAtHand(): BlankKind
    {
        return $this->catalogue->blanks[$this->job->blank->kindId] ?? throw self::notOffered();
    }

    private function sizeAtHand(): BlankSize
    {
        $sizes = $this->kindAtHand()->sizes;

        return $sizes[$this->job->blank->sizeId] ?? array_values($sizes)[0];
    }

    private function kind(string $id): void
    {
        $kind = $this->catalogue->blanks[$id] ?? throw self::notOffered();
        $this->set(
            blank: new Blank(
                $id,
                (string) array_key_first($kind->sizes),
                $kind->materials[0] ?? '',
                $this->job->blank->colour,
                $kind->conditions[0] ?? Condition::New,
            ),
            breakdown: [],
        );
    }

    /** Every picture on a side that there is, of usual size in the usual place. */
    private function fitAll(): void
    {
        $sides = $this->kindAtHand()->sides;
        $this->set(
            transfers: array_map(function (Transfer $transfer) use ($sides): Transfer {
                $there = $transfer->with(
                    sideId: isset($sides[$transfer->sideId]) ? null : (string) array_key_first($sides),
                );

                return $there->with(placement: $this->usual($there));
            }, $this->job->transfers),
        );
    }

    /** As wide as the print area lets it, at most 200 mm, and centred. */
    private function usual(Transfer $transfer): Placement
    {
        $size = $this->sizeAtHand()->seenFrom($transfer->sideId);
        $area = $size->printArea;
        $aspect = $this->picture($transfer)?->aspect() ?? 1.0;
        $width = min(200.0, $area->size->widthMm * 0.8, $area->size->heightMm * 0.8 * $aspect);
        $drop =
            'shirt' === $this->job->blank->kindId && null === $size->from && null === $size->edge
                ? 80.0
                : $area->yMm + max(0.0, ($area->size->heightMm - $width / $aspect) / 2.0);

        return Placement::fromMeasures(
            SizedBy::Width,
            Length::mm(round($width)),
            Length::mm(0.0),
            Length::mm(round($drop)),
            null === $transfer->artwork ? Length::mm(round($width)) : null,
        );
    }

    /** Adds a picture, takes one away, or presses it earlier. */
    private function rearrange(string $wish): void
    {
        $transfers = $this->job->transfers;
        match ($wish) {
            'add' => ($transfers[] = $this->another()),
            'remove' => array_splice($transfers, $this->at, 1),
            'earlier' => ([$transfers[max(0, $this->at - 1)], $transfers[$this->at]] = [
                $transfers[$this->at],
                $transfers[max(0, $this->at - 1)],
            ]),
            default => throw self::notOffered(),
        };
        if ([] === $transfers) {
            throw BadRecord::at('transfer', 'One picture stays: a job without any is none.');
        }
        if (count($transfers) > Job::MOST_TRANSFERS) {
            throw BadRecord::at('transfer', 'At most 8 pictures go on one piece.');
        }
        $this->set(transfers: array_values($transfers));
    }

    /** One more that goes the way of the one at hand: on a side that is still empty, or else where there is room. */
    private function another(): Transfer
    {
        $taken = array_map(static fn(Transfer $transfer): string => $transfer->sideId, $this->job->transfers);
        $free = array_diff(array_keys($this->kindAtHand()->sides), $taken);
        $model = $this->transfer();
        $side = array_values($free)[0] ?? $model->sideId;
        $new = new Transfer(
            $side,
            false,
            null,
            null,
            $model->placement,
            $model->routeId,
            $model->finish,
            new Choices(schools: $model->choices->schools),
            [],
        );
        $new = $new->with(placement: $this->usual($new));

        return [] === $free ? $new->with(placement: $this->clearOf($new)) : $new;
    }

    /**
     * Turned away from what is there on a round piece, and below it on a flat one; where there is no room it lies over.
     */
    private function clearOf(Transfer $new): Placement
    {
        $size = $this->sizeAtHand()->seenFrom($new->sideId);
        $there = array_filter($this->job->transfers, static fn(Transfer $one): bool => $one->sideId === $new->sideId);
        [$right, $below] = [$new->placement->rightMm, $new->placement->belowMm];
        if (null !== $size->diameterMm) {
            $wrap = $size->widthMm;
            $gap = static fn(float $x): float => min([
                $wrap,
                ...array_map(
                    static fn(Transfer $one): float => abs(
                        fmod(abs($one->placement->rightMm - $x) + $wrap / 2.0, $wrap) - $wrap / 2.0,
                    ),
                    $there,
                ),
            ]);
            $eighths = array_map(static fn(int $n): float => ($n * $wrap) / 8.0, [0, 2, -2, 3, -3, 1, -1]);
            usort($eighths, static fn(float $a, float $b): int => $gap($b) <=> $gap($a));
            $right = round($eighths[0]);
        } else {
            $free = round(
                max([
                    0.0,
                    ...array_map(
                        fn(Transfer $one): float => $one->placement->rectOf($this->picture($one))->bottom(),
                        $there,
                    ),
                ]) + self::APART_MM,
            );
            $below = $free + $new->placement->sizeOf(null)->heightMm <= $size->printArea->bottom() ? $free : $below;
        }

        return Placement::fromMeasures(
            $new->placement->by,
            Length::mm($new->placement->sideMm),
            Length::mm($right),
            Length::mm($below),
            null === $new->placement->otherMm ? null : Length::mm($new->placement->otherMm),
        );
    }

    private function side(string $id): void
    {
        $there = $this->transfer()->with(
            sideId: isset($this->kindAtHand()->sides[$id]) ? $id : throw self::notOffered(),
        );
        // From front to back it keeps its place; on a sleeve there is another one.
        $from = $this->sizeAtHand()->seenFrom($this->transfer()->sideId)->from;
        $this->put(
            $from === $this->sizeAtHand()->seenFrom($id)->from ? $there : $there->with(placement: $this->usual($there)),
        );
    }

    private function route(string $id): void
    {
        if (!isset($this->catalogue->routes[$id])) {
            throw self::notOffered();
        }
        $this->put(
            $this->transfer()->with(routeId: $id, choices: new Choices(schools: $this->transfer()->choices->schools)),
        );
    }

    private function artwork(string $sha256): void
    {
        $transfer = $this->transfer();
        if ('' === $sha256) {
            $size = $transfer->placement->sizeOf($this->picture($transfer));
            $this->put($transfer->withArtwork(null, null));
            $this->resize(SizedBy::Width, Length::mm($size->widthMm));

            return;
        }
        $picture =
            $this->pictures[$sha256] ??
            throw BadRecord::at('artwork', 'This picture is not in the store. Upload it first.');
        $there = $this->picture($transfer);
        $same = null === $there ? null : self::samePlace($there, $picture, $transfer->placement->rectOf($there));
        // What was marked to stay whole was marked in the other picture.
        $this->put($transfer->withArtwork($picture->sha256, $picture->name)->with(whole: null === $same ? [] : null));
        if (null === $same) {
            $this->place(other: false);
        } else {
            $this->put(
                $this->transfer()->with(
                    placement: Placement::fromMeasures(
                        SizedBy::Width,
                        Length::mm($same->size->widthMm),
                        Length::mm($same->xMm + $same->size->widthMm / 2.0),
                        Length::mm($same->yMm),
                    ),
                ),
            );
        }
    }

    /** What was made of another picture stays where it was on it, as large as it was; and the other way round. */
    private static function samePlace(Picture $from, Picture $to, Rect $rect): ?Rect
    {
        return match (true) {
            $to->origin?->sha256 === $from->sha256 => $to->origin->within($rect),
            $from->origin?->sha256 === $to->sha256 => $from->origin->around($rect),
            default => null,
        };
    }

    private function resize(SizedBy $by, Length $side): void
    {
        $old = $this->transfer()->placement;
        $other = null;
        if (null === $this->transfer()->artwork) {
            $size = $old->sizeOf(null);
            $other = Length::mm(SizedBy::Width === $by ? $size->heightMm : $size->widthMm);
        }
        $this->put(
            $this->transfer()->with(
                placement: Placement::fromMeasures(
                    $by,
                    $side,
                    Length::mm($old->rightMm),
                    Length::mm($old->belowMm),
                    $other,
                ),
            ),
        );
    }

    private function place(?Length $right = null, ?Length $below = null, bool $other = true): void
    {
        $old = $this->transfer()->placement;
        $kept = $other && null !== $old->otherMm ? Length::mm($old->otherMm) : null;
        $this->put(
            $this->transfer()->with(
                placement: Placement::fromMeasures(
                    $old->by,
                    Length::mm($old->sideMm),
                    $right ?? Length::mm($old->rightMm),
                    $below ?? Length::mm($old->belowMm),
                    $kept,
                ),
            ),
        );
    }

    private function school(string $matter, string $option): string
    {
        return isset($this->catalogue->schools[$matter]->options[$option]) ? $option : throw self::notOffered();
    }

    /** A figure is typed in its own unit; emptied, it goes back to the recipe's. */
    private function figure(string $name, string $typed): void
    {
        $figure =
            $this->catalogue->routes[$this->transfer()->routeId]->figures[$name] ??
            throw BadRecord::at('figure.' . $name, 'This route has no such figure.');
        if ('' === $typed) {
            $this->put($this->transfer()->with(choices: $this->transfer()->choices->withFigure($name, null)));

            return;
        }
        $value = match ($figure->kind) {
            QuantityKind::Duration => $this->parser->duration($typed)->seconds,
            QuantityKind::Temperature => $this->parser->temperature($typed)->celsius,
            QuantityKind::Count, QuantityKind::Speed => (float) $typed,
            default => $this->parser->length($typed)->mm,
        };
        $this->put(
            $this->transfer()->with(
                choices: $this->transfer()->choices->withFigure($name, self::sensible($figure, $value)),
            ),
        );
    }

    private static function sensible(Figure $figure, float $value): float
    {
        return $figure->replacedBy($value, $figure->provenance)->value;
    }

    /** The quantity is what the shares add up to; emptied, all pieces are alike again. */
    private function breakdown(string $typed): void
    {
        $shares = Breakdown::parse($typed, $this->kindAtHand(), $this->catalogue, $this->parser);
        $all = array_sum(array_map(static fn(Share $share): int => $share->quantity, $shares));
        $this->set(quantity: [] === $shares ? null : JobFile::quantity($all), breakdown: $shares);
    }

    private function due(string $typed): void
    {
        $old = $this->job;
        $this->job = new Job(
            $old->id,
            $old->name,
            $old->quantity,
            JobFile::due('' === $typed ? null : $typed),
            $old->blank,
            $old->transfers,
            $old->note,
            $old->breakdown,
        );
    }

    private function override(string $check, string $reason): void
    {
        $overrides = array_values(
            array_filter($this->transfer()->overrides, static fn(Override $o): bool => $o->check !== $check),
        );
        if ('' !== $reason) {
            $overrides[] = new Override($check, mb_substr($reason, 0, 500));
        }
        $this->put($this->transfer()->with(overrides: $overrides));
    }

    /** That of the cloth; where it has none, the one that it gets first: dark stripes. */
    private function pattern(): Pattern
    {
        return $this->job->blank->pattern ??
            Pattern::fromKind(PatternKind::Stripes, Colour::hex('#1d3557'), Pattern::USUAL_MM);
    }

    /** To an edge of the print area, or its middle. */
    private function align(string $to): void
    {
        $transfer = $this->transfer();
        $rect = $transfer->placement->rectOf($this->picture($transfer));
        $area = $this->sizeAtHand()->seenFrom($transfer->sideId)->levelWith($rect)->printArea;
        [$wide, $high] = [$rect->size->widthMm, $rect->size->heightMm];
        match ($to) {
            'left' => $this->place(right: Length::mm($area->xMm + $wide / 2.0)),
            'centre' => $this->place(right: Length::mm(0.0)),
            'right' => $this->place(right: Length::mm($area->right() - $wide / 2.0)),
            'top' => $this->place(below: Length::mm($area->yMm)),
            'middle' => $this->place(below: Length::mm(($area->yMm + $area->bottom() - $high) / 2.0)),
            'bottom' => $this->place(below: Length::mm($area->bottom() - $high)),
            default => throw self::notOffered(),
        };
    }

    private function blank(
        ?string $size = null,
        ?string $material = null,
        ?Colour $colour = null,
        ?Condition $condition = null,
    ): Blank {
        $old = $this->job->blank;

        return new Blank(
            $old->kindId,
            $size ?? $old->sizeId,
            $material ?? $old->materialId,
            $colour ?? $old->colour,
            $condition ?? $old->condition,
            $old->pattern,
        );
    }

    /**
     * @param int<1, 10000>|null $quantity
     * @param non-empty-list<Transfer>|null $transfers
     * @param list<Share>|null $breakdown
     */
    private function set(
        ?string $name = null,
        ?int $quantity = null,
        ?string $note = null,
        ?Blank $blank = null,
        ?array $transfers = null,
        ?array $breakdown = null,
    ): void {
        $old = $this->job;
        $this->job = new Job(
            $old->id,
            $name ?? $old->name,
            $quantity ?? $old->quantity,
            $old->due,
            $blank ?? $old->blank,
            $transfers ?? $old->transfers,
            $note ?? $old->note,
            $breakdown ?? $old->breakdown,
        );
    }

    private static function notOffered(): BadRecord
    {
        return BadRecord::at('', 'Choose one of those offered.');
    }
}
