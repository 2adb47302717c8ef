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
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\Id;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;
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
    public const NOT_OFFERED = 'Choose one of those offered.';

    /** What takes other fields along comes first, in this order, so that the other changes are not undone by it. */
    private const FIRST = ['transfers', 'kind', 'size', 'route', 'artwork'];

    /** @param array<string, Picture> $pictures by SHA-256 */
    private function __construct(
        private Job $job,
        private int $at,
        private readonly QuantityParser $parser,
        private readonly Catalogue $catalogue,
        private readonly array $pictures,
        private readonly ?Offered $offered,
    ) {}

    /**
     * @param array<string, string> $changes what was typed, by field
     * @param array<string, Picture> $pictures those that the job has and the one that an `artwork` change names, by
     *                                         SHA-256
     * @param int $at the transfer that is meant, from 0
     * @param Offered|null $offered what may be chosen from the shelf; null where the shelf is not known
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
        ?Offered $offered = null,
    ): Job {
        if (!isset($job->transfers[$at])) {
            throw new RefusedEdit(['transfer' => 'There is no such picture on this piece.']);
        }
        $edit = new self($job, $at, $parser, $catalogue, $pictures, $offered);
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
            'override' === $family => $this->put(
                $transfer->with(overrides: Override::among($transfer->overrides, $name, $typed)),
            ),
            'school' === $family => $this->put(
                $transfer->with(
                    choices: $choices->with('schools', $name, '' === $typed ? null : $this->school($name, $typed)),
                ),
            ),
            'figure' === $family => $this->figure($name, $typed),
            in_array($field, Choices::THINGS, true) => $this->put(
                $transfer->with(choices: $choices->with('things', $field, $this->thing($field, $typed))),
            ),
            'name' === $field => $this->set(name: JobFile::name($typed)),
            'quantity' === $field => $this->set(
                quantity: JobFile::quantity(PlainNumber::whole($typed, Job::MOST_PIECES) ?? 0),
                breakdown: [],
            ),
            'breakdown' === $field => $this->breakdown($typed),
            'due' === $field => $this->due($typed),
            'note' === $field => $this->set(note: JobFile::note($typed)),
            'kind' === $field => $this->kind($typed),
            in_array($field, BlankEdit::FIELDS, true) => $this->set(
                blank: BlankEdit::apply($this->job->blank, $field, $typed, $this->parser),
            ),
            'transfer' === $field => $this->set(transfers: $this->places()->rearranged($this->at, $typed)),
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
            'align' === $field => $this->place(...$this->places()->aligned($transfer, $typed)),
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

    private function places(): UsualPlaces
    {
        return new UsualPlaces($this->job, $this->kindAtHand(), $this->sizeAtHand(), $this->pictures);
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

                return $there->with(placement: $this->places()->usual($there));
            }, $this->job->transfers),
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
            $from === $this->sizeAtHand()->seenFrom($id)->from
                ? $there
                : $there->with(placement: $this->places()->usual($there)),
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
        $same = null === $there ? null : UsualPlaces::samePlace($there, $picture, $transfer->placement->rectOf($there));
        // What was marked to stay whole was marked in the other picture.
        $this->put($transfer->withArtwork($picture->sha256, $picture->name)->with(whole: null === $same ? [] : null));
        if (null === $same) {
            $this->put($this->transfer()->with(placement: $this->transfer()->placement->ofItsOwnAspect()));
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

    private function resize(SizedBy $by, Length $side): void
    {
        $old = $this->transfer()->placement;
        $other = null;
        if (null === $this->transfer()->artwork) {
            $size = $old->sizeOf(null);
            $other = Length::mm(SizedBy::Width === $by ? $size->heightMm : $size->widthMm);
        }
        $placement = Placement::fromMeasures($by, $side, Length::mm($old->rightMm), Length::mm($old->belowMm), $other);
        $this->put($this->transfer()->with(placement: $placement));
    }

    private function place(?Length $right = null, ?Length $below = null): void
    {
        $this->put($this->transfer()->with(placement: $this->transfer()->placement->movedTo($right, $below)));
    }

    /** Something of the shelf, or a recipe; nothing where it is left to Wubbin. */
    private function thing(string $name, string $id): ?string
    {
        if ('' === $id) {
            return null;
        }

        return Id::holds($id) && (null === $this->offered || $this->offered->has($name, $id))
            ? $id
            : throw self::notOffered();
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
        $this->put(
            $this->transfer()->with(
                choices: $this->transfer()->choices->withFigure($name, $figure->read($typed, $this->parser)),
            ),
        );
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
            JobFile::due('' === $typed ? null : Digits::ascii($typed)),
            $old->blank,
            $old->transfers,
            $old->note,
            $old->breakdown,
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
        return BadRecord::at('', self::NOT_OFFERED);
    }
}
