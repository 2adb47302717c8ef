<?php

declare(strict_types=1);

namespace Wubbin\Core\Job\Edit;

use Wubbin\Core\Artwork\CutRound;
use Wubbin\Core\Artwork\KeptWhole;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Job\UsualPlaces;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Ready\Made;

/** Which picture it is, and where on the piece it lies and how large. */
final readonly class PictureFields
{
    /** @return array<string, \Closure(Draft, string): Job> */
    public static function edits(): array
    {
        return [
            'artwork' => self::artwork(...),
            'ready' => self::ready(...),
            'part' => self::part(...),
            'side' => self::side(...),
            'over' => static fn(Draft $draft, string $typed): Job => $draft->put(
                $draft->transfer()->with(over: ['yes' => true, 'no' => false][$typed] ?? throw Draft::notOffered()),
            ),
            'alone' => static fn(Draft $draft, string $typed): Job => $draft->put(
                self::onSheet($draft, alone: ['yes' => true, 'no' => false][$typed] ?? throw Draft::notOffered()),
            ),
            'cut' => static fn(Draft $draft, string $typed): Job => $draft->put(
                self::onSheet($draft, cut: CutRound::tryFrom($typed) ?? throw Draft::notOffered()),
            ),
            'shows' => static fn(Draft $draft, string $typed): Job => $draft->put(
                $draft->transfer()->with(shows: JobFile::subjects('' === $typed ? [] : explode(' ', $typed))),
            ),
            'whole' => static fn(Draft $draft, string $typed): Job => $draft->put(
                $draft->transfer()->with(whole: KeptWhole::parse($typed)),
            ),
            'width' => static fn(Draft $draft, string $typed): Job => self::resized(
                $draft,
                SizedBy::Width,
                $draft->parser->length($typed),
            ),
            'height' => static fn(Draft $draft, string $typed): Job => self::resized(
                $draft,
                SizedBy::Height,
                $draft->parser->length($typed),
            ),
            'right' => static fn(Draft $draft, string $typed): Job => self::placed(
                $draft,
                $draft->placement()->movedTo($draft->parser->length($typed), null),
            ),
            'below' => static fn(Draft $draft, string $typed): Job => self::placed(
                $draft,
                $draft->placement()->movedTo(null, $draft->parser->length($typed)),
            ),
            'align' => static fn(Draft $draft, string $typed): Job => self::placed(
                $draft,
                $draft->placement()->movedTo(...$draft->places()->aligned($draft->transfer(), $typed)),
            ),
        ];
    }

    private static function onSheet(Draft $draft, ?bool $alone = null, ?CutRound $cut = null): Transfer
    {
        return $draft->transfer()->with(onSheet: $draft->transfer()->onSheet->with($alone, $cut));
    }

    private static function placed(Draft $draft, Placement $placement): Job
    {
        return $draft->put($draft->transfer()->with(placement: $placement));
    }

    private static function resized(Draft $draft, SizedBy $by, Length $side): Job
    {
        $old = $draft->placement();
        $other = null;
        if (null === $draft->transfer()->artwork) {
            $size = $old->sizeOf(null);
            $other = Length::mm(SizedBy::Width === $by ? $size->heightMm : $size->widthMm);
        }

        return self::placed(
            $draft,
            Placement::fromMeasures($by, $side, Length::mm($old->rightMm), Length::mm($old->belowMm), $other),
        );
    }

    private static function side(Draft $draft, string $id): Job
    {
        $from = $draft->transfer();
        $there = $from->with(sideId: isset($draft->kind()->sides[$id]) ? $id : throw Draft::notOffered());

        // From front to back it keeps its place; on a sleeve there is another one.
        return $draft->put(
            $draft->size()->seenFrom($from->sideId)->from === $draft->size()->seenFrom($id)->from
                ? $there
                : $there->with(placement: $draft->places()->usual($there)),
        );
    }

    private static function artwork(Draft $draft, string $sha256): Job
    {
        $transfer = $draft->transfer();
        if ('' === $sha256) {
            $size = $transfer->placement->sizeOf($draft->picture($transfer));
            $without = $draft->of($draft->put($transfer->withArtwork(null, null)));

            return self::resized($without, SizedBy::Width, Length::mm($size->widthMm));
        }
        $picture =
            $draft->pictures[$sha256] ??
            throw BadRecord::at('artwork', 'This picture is not in the store. Upload it first.');
        $old = $draft->picture($transfer);
        $same = null === $old ? null : UsualPlaces::samePlace($old, $picture, $transfer->placement->rectOf($old));
        // What was marked to stay whole was marked in the other picture.
        $new = $transfer->withArtwork($picture->sha256, $picture->name)->with(whole: null === $same ? [] : null);

        return $draft->put(
            $new->with(
                placement: null === $same
                    ? $new->placement->ofItsOwnAspect()
                    : Placement::fromMeasures(
                        SizedBy::Width,
                        Length::mm($same->size->widthMm),
                        Length::mm($same->xMm + $same->size->widthMm / 2.0),
                        Length::mm($same->yMm),
                    ),
            ),
        );
    }

    /**
     * What was made of the picture, in its place and as large as it was; or the picture again that it was made of.
     *
     * @param string $typed SHA-256 of what was made, a space, and how, as JSON; empty to take all of it back
     */
    private static function ready(Draft $draft, string $typed): Job
    {
        $transfer = $draft->transfer();
        $old = $draft->picture($transfer) ?? throw BadRecord::at('ready', 'Choose a picture first.');
        $placed = $transfer->placement->rectOf($old);
        $before = $transfer->made?->before($placed) ?? $placed;
        if ('' === $typed) {
            $made = $transfer->made ?? throw BadRecord::at('ready', 'Nothing was done to this picture.');

            return self::replaced($draft, $made->of, $made->name, null, $before);
        }
        [$sha256, $json] = explode(' ', $typed, 2) + [1 => ''];
        $record = json_decode($json, true);
        $made = is_array($record)
            ? Made::fromRecord(Record::of($record))
            : throw BadRecord::at('ready', 'How the picture is made cannot be read.');

        return self::replaced($draft, $sha256, $made->name, $made, $made->after($before));
    }

    private static function replaced(Draft $draft, string $sha256, string $name, ?Made $made, Rect $at): Job
    {
        if (!isset($draft->pictures[$sha256])) {
            throw BadRecord::at('ready', 'This picture is not in the store any more.');
        }

        return $draft->put(
            $draft
                ->transfer()
                ->withArtwork($sha256, $name, $made)
                ->with(
                    placement: Placement::fromMeasures(
                        SizedBy::Width,
                        Length::mm($at->size->widthMm),
                        Length::mm($at->xMm + $at->size->widthMm / 2.0),
                        Length::mm($at->yMm),
                    ),
                    whole: [],
                ),
        );
    }

    /**
     * As large as makes the way between two points of it so long.
     *
     * @param string $typed their places as shares of the picture, and the length: “0.1 0.5 0.9 0.5 80 mm”
     */
    private static function part(Draft $draft, string $typed): Job
    {
        $picture = $draft->picture($draft->transfer()) ?? throw BadRecord::at('part', 'Choose a picture first.');
        $words = explode(' ', trim($typed), 5);
        $points = array_slice($words, 0, 4);
        if (5 !== count($words) || [] !== array_filter($points, static fn(string $n): bool => !is_numeric($n))) {
            throw BadRecord::at('part', 'Mark both ends of the part. Then write how long it is.');
        }
        [$x1, $y1, $x2, $y2] = array_map(floatval(...), $points);
        $share = hypot($x2 - $x1, ($y2 - $y1) / $picture->aspect());
        if ($share < 0.01) {
            throw BadRecord::at('part', 'The two ends lie too close together.');
        }

        return self::resized($draft, SizedBy::Width, Length::mm($draft->parser->length($words[4])->mm / $share));
    }
}
