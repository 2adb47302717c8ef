<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\ArtworkStore;
use Wubbin\Artwork\SvgReader;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Lettering\Face;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Ready\Fatten;
use Wubbin\Core\Ready\Made;
use Wubbin\Core\Ready\OnPixels;
use Wubbin\Core\Ready\ReadyStep;
use Wubbin\Core\Ready\Recipe;
use Wubbin\Core\Ready\Words;
use Wubbin\Job\JobPlanner;
use Wubbin\Lettering\Typefaces;
use Wubbin\Measure\SettingsStore;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\Progress;
use Wubbin\Task\Unwatched;

/** Makes pictures of jobs ready for printing: to look at first, then in full. */
final readonly class ReadyWork
{
    /** More pixels than these are not made ready while a page waits. */
    private const MANY_PIXELS = 4_000_000.0;

    public function __construct(
        private JobPlanner $jobs,
        private ArtworkStore $store,
        private PictureMaker $maker,
        private Typefaces $typefaces,
        private SettingsStore $settings,
    ) {}

    /** @throws Refusal naming the step's field */
    public function look(Job $job, ReadyWish $wish): ReadyLook
    {
        [$transfer, $of, $plan] = $this->at($job, $wish->transfer);
        $recipe = $this->recipe($transfer, $of, $plan, $wish->steps);
        $before = $this->before($transfer);
        $canvas = $this->refusing(fn(): Canvas => $this->maker->make($of, $recipe, true, new Unwatched()));
        $image = $this->maker->pixelsOf($canvas, true);
        $image->setImageFormat('png');
        $image->setOption('png:compression-level', '1');
        $alpha = clone $image;
        $alpha->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);
        $holds = $plan->brief->route->making->artwork->finestMm;
        $scale = $before->size->widthMm / $recipe->widthMm;

        $made = new Made($of->sha256, '', $of->picture()->aspect(), $recipe, $canvas->box);
        $placed = $made->after($before);
        $own = $made->own($placed)?->room;

        return new ReadyLook(
            'data:image/png;base64,' . base64_encode($image->getImageBlob()),
            PlacedBox::of($placed),
            null === $own
                ? null
                : PlacedBox::of(Rect::at($placed->xMm + $own->xMm, $placed->yMm + $own->yMm, $own->size)),
            $recipe->widthMm,
            $recipe->widthMm / $of->picture()->aspect(),
            $scale,
            $this->around($plan, $scale),
            null === $plan->placing->look?->finestMm ? 0.0 : Fatten::lack($plan->placing->look->finestMm, $holds),
            $alpha->getImageChannelMean(\Imagick::CHANNEL_GRAY)['mean'] / \Imagick::getQuantum(),
            $this->words($recipe, $holds, $scale),
            array_map(
                fn(Face $face): FaceView => new FaceView(
                    $face->value,
                    $face->label(),
                    round(Lettering::smallestMm($this->typefaces->stem($face), $holds / $scale), 1),
                ),
                Face::cases(),
            ),
        );
    }

    /** @return list<ReadyWords> */
    private function words(Recipe $recipe, float $holds, float $scale): array
    {
        $words = [];
        foreach ($recipe->steps as $n => $step) {
            $lettering = $step instanceof Words ? $step->fitted($this->typefaces->fitter($step->style->face)) : null;
            if ($step instanceof Words && null !== $lettering) {
                $words[] = new ReadyWords(
                    $n,
                    round($lettering->capitalMm * $scale, 2),
                    $lettering->tooLong,
                    $lettering->isLegible($this->typefaces->stem($step->style->face), $holds / $scale),
                    $lettering->missing,
                );
            }
        }

        return $words;
    }

    /** @throws Refusal naming the step's field */
    public function make(Job $job, ReadyWish $wish, Progress $progress = new Unwatched()): ReadyMade
    {
        [$transfer, $of, $plan] = $this->at($job, $wish->transfer);
        $recipe = $this->recipe($transfer, $of, $plan, $wish->steps);
        $canvas = $this->refusing(fn(): Canvas => $this->maker->make($of, $recipe, false, $progress));
        $progress->at(0.6, 'Storing it');
        $artwork = $this->taken($canvas, $of->picture()->name, $progress);
        $visible = $artwork->visibleOfFile();
        $box = $canvas->box;
        $made = new Made(
            $of->sha256,
            $of->picture()->name,
            $of->picture()->aspect(),
            $recipe,
            Rect::mm(
                $box->xMm + $visible['x'] * $box->size->widthMm,
                $box->yMm + $visible['y'] * $box->size->heightMm,
                $visible['width'] * $box->size->widthMm,
                $visible['height'] * $box->size->heightMm,
            ),
        );

        return new ReadyMade(
            $artwork->sha256,
            $artwork->sha256 . ' ' . json_encode($made->toRecord(), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
        );
    }

    /** A picture to begin with where there is to be nothing but words: clear, twice and a half as wide as high. */
    public function empty(): Artwork
    {
        $room = Rect::mm(0.0, 0.0, 100.0, 40.0);
        $words = sprintf('<rect class="%s" %s fill="none"/>', SvgReader::ROOM, Canvas::rect($room));

        return $this->taken(Canvas::ofParts([$words], $room), 'Words', new Unwatched());
    }

    /** Whether that takes longer than a page should wait for. */
    public function takesLong(Job $job, ReadyWish $wish): bool
    {
        [$transfer, $of, $plan] = $this->at($job, $wish->transfer);
        $picture = $of->picture();
        $pixels = array_filter(
            $this->recipe($transfer, $of, $plan, $wish->steps)->steps,
            static fn(ReadyStep $step): bool => $step instanceof OnPixels,
        );

        // Of a drawing, as many pixels are made as a large sheet wants.
        return PictureKind::Vector === $picture->kind
            ? [] !== $pixels
            : $picture->width * $picture->height > self::MANY_PIXELS;
    }

    private function taken(Canvas $canvas, string $name, Progress $progress): Artwork
    {
        $directory = sys_get_temp_dir() . '/wubbin-' . bin2hex(random_bytes(8));
        mkdir($directory, 0o700);
        try {
            if (null === $canvas->pixels) {
                file_put_contents($directory . '/picture', $canvas->svg());
            } else {
                $canvas->pixels->setImageFormat('png');
                $canvas->pixels->setOption('png:compression-level', '4');
                // The same steps make the same file, at whatever time.
                $canvas->pixels->setOption('png:exclude-chunks', 'date,time');
                $canvas->pixels->writeImage('png:' . $directory . '/picture');
            }

            return $this->store->take($directory . '/picture', $name, null, $progress);
        } finally {
            (new Filesystem())->remove($directory);
        }
    }

    /**
     * @return array{Transfer, Artwork, TransferPlan} the picture on the piece, what it is made of, and its plan
     *
     * @throws Refusal
     */
    private function at(Job $job, int $n): array
    {
        $transfer = $job->transfers[$n] ?? throw new NotFound('There is no such picture on this piece.');
        $of =
            $this->store->find($transfer->made->of ?? $transfer->artwork) ??
            throw InvalidInput::field('steps', 'Choose a picture first.');

        return [$transfer, $of, $this->jobs->plan($job)->transfers[$n]];
    }

    /** Where the picture lies before anything is done to it. */
    private function before(Transfer $transfer): Rect
    {
        $placed = $transfer->placement->rectOf($this->store->find($transfer->artwork)?->picture());

        return $transfer->made?->before($placed) ?? $placed;
    }

    /**
     * @param list<array<string, mixed>> $steps
     *
     * @throws Refusal naming the step's field
     */
    private function recipe(Transfer $transfer, Artwork $of, TransferPlan $plan, array $steps): Recipe
    {
        return $this->refusing(function () use ($transfer, $of, $plan, $steps): Recipe {
            $before = $this->before($transfer);
            $width = $transfer->made->recipe->widthMm ?? $before->size->widthMm;
            $recipe = Recipe::fromRecord(Record::of(['width_mm' => $width, 'steps' => $this->measured($steps)]));
            $around = $this->around($plan, $before->size->widthMm / $width);
            $recipe = null === $around ? $recipe : $recipe->round($around);
            $recipe->boxes($of->picture()->aspect());

            return $recipe;
        });
    }

    /**
     * Lengths may come as they were typed, in any unit.
     *
     * @param list<array<string, mixed>> $steps
     *
     * @return list<array<string, mixed>>
     *
     * @throws BadRecord naming the step's field
     */
    private function measured(array $steps): array
    {
        $parser = new QuantityParser($this->settings->get()->unit());
        foreach ($steps as $n => $step) {
            foreach ($step as $field => $value) {
                if (is_string($value) && ('mm' === $field || str_ends_with($field, '_mm'))) {
                    try {
                        $steps[$n][$field] = $parser->length($value)->mm;
                    } catch (UnreadableQuantity $e) {
                        throw BadRecord::at('steps.' . $n . '.' . $field, $e->getMessage());
                    }
                }
            }
        }

        return $steps;
    }

    private function around(TransferPlan $plan, float $scale): ?float
    {
        return null === $plan->placing->size->diameterMm ? null : $plan->placing->size->widthMm / $scale;
    }

    /**
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws Refusal
     */
    private function refusing(\Closure $work): mixed
    {
        try {
            return $work();
        } catch (BadRecord $e) {
            throw InvalidInput::field($e->field, $e->getMessage());
        } catch (\ImagickException) {
            throw InvalidInput::field('steps', 'This picture is too large for that. Make it smaller first.');
        }
    }
}
