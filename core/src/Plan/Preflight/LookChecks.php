<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Artwork\ColourWord;
use Wubbin\Core\Artwork\CutEffort;
use Wubbin\Core\Artwork\Fate;
use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Artwork\UpsideDown;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Setup;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;

/** What the picture's own pixels say about how it will come out. */
final readonly class LookChecks
{
    /** A background that takes less of the picture is not worth a word (assumed). */
    private const BACKGROUND_FROM = 0.05;

    /** So much of the ink in lines that are too fine is a loss, not a detail (assumed). */
    private const TOO_FINE_FROM = 0.02;

    /** So much of the picture gone is a warning; less is a note (assumed). */
    private const LOST_FROM = 0.15;

    public function __construct(private Setup $setup)
    {
    }

    /** @return list<Check> none where nobody has looked at the pixels */
    public function checks(): array
    {
        $traits = $this->setup->picture?->traits;
        $placed = $this->setup->placed;
        if (null === $traits || null === $placed) {
            return [];
        }

        return array_values(array_filter([
            $this->background($traits),
            $this->lines($traits, $placed->size->widthMm),
            $this->outline($traits, $placed->size->widthMm),
            $this->upsideDown($traits),
            $this->colours($traits),
        ]));
    }

    private function background(Traits $traits): ?Check
    {
        if (null === $traits->background || $traits->backgroundShare < self::BACKGROUND_FROM) {
            return null;
        }
        $word = ColourWord::of($traits->background);
        $share = sprintf('%d %% of the picture is %s background: ', round(100.0 * $traits->backgroundShare), $word);

        return Check::found('picture.background', Stage::Print, Severity::Note, 'picture',
            Phrase::of($share.match (true) {
                $this->setup->route->opaque => 'what is not cut away stays on as a patch.',
                'white' === $word => 'nothing is printed there, but the sheet shows where it is left.',
                default => 'it takes ink, and is transferred too.',
            }),
            Phrase::of('Take the background away, or cut close.'));
    }

    private function lines(Traits $traits, float $widthMm): ?Check
    {
        $finest = $traits->strokes->finest();
        if (null === $finest || !$traits->palette->isFlat()) {
            return null;
        }
        $holds = $this->setup->route->artwork->finestMm;
        $line = $finest * $widthMm;
        $values = ['line' => Quantity::length($line), 'holds' => Quantity::length($holds)];
        $lost = $traits->strokes->finerThan($holds / $widthMm);
        if ($line >= $holds || $lost < self::TOO_FINE_FROM) {
            return Check::pass('picture.lines', Stage::Print, 'picture', Phrase::of('Its lines, from {line}, are no finer than this route holds: {holds}.', $values));
        }
        $resolved = $finest > 1.5 * $traits->strokes->resolution();
        $enough = $holds / $finest;
        $fits = $enough <= $this->setup->size->printArea->size->widthMm;

        return Check::found('picture.lines', Stage::Print, Severity::Warn, 'picture',
            Phrase::of(sprintf('Its finest lines are {line}%s at this size; this route holds {holds}. %d %% of the ink is finer.', $resolved ? '' : ' or less', round(100.0 * $lost)), $values),
            Phrase::of($fits ? 'Make it larger, or thicken the lines.' : 'Thicken the lines, or choose a route that holds finer ones.'),
            $resolved && $fits ? Finding::resizeTo(ceil($enough), 'Make it {width} wide') : null);
    }

    private function outline(Traits $traits, float $widthMm): ?Check
    {
        $line = $traits->cutLine($widthMm);
        if (CutEffort::Hard !== $line->effort() || !isset($this->setup->ways->figures['trim'])) {
            return null;
        }

        return Check::found('picture.outline', Stage::Print, Severity::Note, 'picture',
            Phrase::of(sprintf('Its outline is hard to cut: {length} with %d corners.', $line->corners), ['length' => Quantity::length($line->lengthMm)]),
            Phrase::of('Leave a wider border and cut across the hollows.'));
    }

    private function upsideDown(Traits $traits): ?Check
    {
        return $traits->upsideDown < UpsideDown::ALIKE ? null : Check::found('picture.upside-down', Stage::Heat, Severity::Note, 'place',
            Phrase::of('It reads nearly the same upside down.'),
            Phrase::of('Mark which way is up on its back before you cut off the strip that says so.'));
    }

    private function colours(Traits $traits): ?Check
    {
        $foreseen = Foresight::of($traits->palette, $this->setup->job->blank->colour);
        $changed = $foreseen->lost() + $foreseen->shareOf(Fate::Shifts);
        if ($this->setup->route->opaque || $changed < self::BACKGROUND_FROM) {
            return null;
        }
        $cloth = $this->setup->catalogue->colourName($this->setup->job->blank->colour);

        return Check::found('picture.colours', Stage::Print, $foreseen->lost() >= self::LOST_FROM ? Severity::Warn : Severity::Note, 'picture',
            Phrase::of('On '.$cloth.': '.lcfirst($foreseen->inWords()).sprintf(' %d %% of the picture is lost.', round(100.0 * $foreseen->lost()))),
            Phrase::of('There is no white ink: see how it will look before you print.'));
    }
}
