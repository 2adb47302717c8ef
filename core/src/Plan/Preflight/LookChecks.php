<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Artwork\ColourWord;
use Wubbin\Core\Artwork\CutEffort;
use Wubbin\Core\Artwork\CutRound;
use Wubbin\Core\Artwork\Fate;
use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\Ground;
use Wubbin\Core\Artwork\Subject;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Artwork\UpsideDown;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Look;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;

/** What the picture's own pixels say about how it will come out. */
final readonly class LookChecks
{
    /** Less ink than this on the whole is none that anybody sees (assumed). */
    private const WHITE_UNDER = 0.01;

    /** So much of the ink in lines that are too fine is a loss, not a detail (assumed). */
    private const TOO_FINE_FROM = 0.02;

    /** Less of the picture that looks other than meant is not worth a word (assumed). */
    private const CHANGED_FROM = 0.05;

    /** Less of the picture broken by gaps is not worth a word (assumed). */
    private const BROKEN_FROM = 0.1;

    /** So much of the picture gone, or other than meant, is a warning; less is a note (assumed). */
    private const LOST_FROM = 0.15;
    private const OTHER_FROM = 0.5;

    public function __construct(
        private Brief $brief,
        private Outfit $outfit,
        private Placing $placing,
        private Arrangement $arrangement,
    ) {}

    /** @return list<Check> none where nobody has looked at the pixels */
    public function checks(): array
    {
        $look = $this->placing->look;

        return null === $look
            ? []
            : array_values(
                array_filter([
                    $this->white($look->traits),
                    $this->background($look->traits),
                    $this->lines($look, $this->placing->placed?->size->widthMm ?? 0.0),
                    $this->outline($look),
                    $this->contrast($look->traits),
                    $this->gaps($look, $this->placing->placed?->size->widthMm ?? 0.0),
                    $this->upsideDown($look->traits),
                    null === $look->foreseen ? null : $this->colours($look->foreseen),
                    $this->greys($look->traits),
                ]),
            );
    }

    /** White on white: there is nothing to print. */
    private function white(Traits $traits): ?Check
    {
        return $traits->palette->coverage(true) >= self::WHITE_UNDER || null === $this->outfit->marking?->printer
            ? null
            : Check::found(
                'picture.white',
                Stage::Print,
                Severity::Warn,
                'picture',
                Phrase::of('The picture is white, and there is no white ink. Nothing of it is printed.'),
                Phrase::of('Choose a picture in colours, or give this one a background.'),
            );
    }

    /** What a printer without colours makes of a picture that has some. */
    private function greys(Traits $traits): ?Check
    {
        if (false !== $this->outfit->marking?->colour || !$traits->palette->isColoured()) {
            return null;
        }

        return Check::found(
            'picture.greys',
            Stage::Print,
            Severity::Note,
            'marking',
            Phrase::of('This printer has only black, so the colours come out as greys.'),
            Phrase::of('See how it will look before you print. A copy shop can print colours.'),
        );
    }

    /** What lies round the thing it shows, as long as it is there. */
    private function background(Traits $traits): ?Check
    {
        $round = $traits->surroundings;
        if ([] === $round->colours || in_array(Subject::Field, $this->brief->transfer->shows, true)) {
            return null;
        }
        $word = ColourWord::of($round->colours[0]);
        $share = (int) round(100.0 * $round->share);
        $found = static fn(Severity $severity, string $message, string $advice): Check => Check::found(
            'picture.background',
            Stage::Print,
            $severity,
            'picture',
            Phrase::of($message),
            Phrase::of($advice),
        );

        return match ($round->ground) {
            Ground::Checkered => $found(
                Severity::Warn,
                'Light squares are painted into the picture, where it looks transparent. They are printed too.',
                'Remove the background.',
            ),
            Ground::Unsure => $found(
                Severity::Note,
                sprintf(
                    'Is the %s round it a background? It takes up %d %% of the picture, and is printed.',
                    $word,
                    $share,
                ),
                'Look at both, and choose: remove it, or leave it as part of the picture.',
            ),
            default => $found(
                Severity::Note,
                sprintf(
                    match (true) {
                        $this->brief->route->character->opaque
                            => '%d %% of the picture is %s background. What you do not cut away stays on the piece.',
                        default
                            => '%d %% of the picture is %s background. Nothing is printed there, but the film shows.',
                    },
                    $share,
                    $word,
                ),
                'Remove the background, or cut close.',
            ),
        };
    }

    private function lines(Look $look, float $widthMm): ?Check
    {
        $line = $look->finestMm;
        if (null === $line || $widthMm <= 0.0) {
            return null;
        }
        $holds = $this->brief->route->making->artwork->finestMm;
        $values = ['line' => Quantity::length($line), 'holds' => Quantity::length($holds)];
        $strokes = $look->traits->strokes;
        $lost = $strokes->finerThan($holds / $widthMm);
        if ($line >= $holds || $lost < self::TOO_FINE_FROM) {
            return Check::pass(
                'picture.lines',
                Stage::Print,
                'picture',
                $line >= $holds
                    ? Phrase::of('Its finest lines, {line}, are not too fine for this route.', [
                        'line' => Quantity::length($line),
                    ])
                    : Phrase::of('Only little of it is finer than {holds}, which this route can show.', [
                        'holds' => Quantity::length($holds),
                    ]),
            );
        }
        $resolved = $line > 1.5 * $strokes->resolution() * $widthMm;
        $enough = ($widthMm * $holds) / $line;
        $fits = $enough <= $this->placing->size->printArea->size->widthMm;

        return Check::found(
            'picture.lines',
            Stage::Print,
            Severity::Warn,
            'picture',
            Phrase::of(
                sprintf(
                    'Its finest lines are {line}%s at this size. This route can show {holds}. %d %% of the ' .
                        'ink is finer.',
                    $resolved ? '' : ' or less',
                    round(100.0 * $lost),
                ),
                $values,
            ),
            Phrase::of(
                $fits
                    ? 'Make it larger, or make the lines thicker.'
                    : 'Make the lines thicker, or choose a route that can show finer ones.',
            ),
            $resolved && $fits ? Finding::resizeTo(ceil($enough), 'Make it {width} wide') : null,
        );
    }

    /** What is hard to cut is cut along its frame; what falls apart has to be placed part by part. */
    private function outline(Look $look): ?Check
    {
        $line = $look->cut;
        // Over several sheets it is cut along the joins.
        if (
            !isset($this->outfit->ways->figures['trim']) ||
            !$look->traits->isCutOut() ||
            null !== $this->arrangement->tiling
        ) {
            return null;
        }
        if (CutEffort::Hard !== $line->effort()) {
            return 1 >= $line->parts() ? null : $this->parts($line->parts());
        }

        return Check::found(
            'picture.outline',
            Stage::Print,
            Severity::Note,
            'picture',
            Phrase::of(sprintf('Its outline is hard to cut: {length} with %d corners.', $line->corners), [
                'length' => Quantity::length($line->lengthMm),
            ]),
            Phrase::of('The sheet shows its frame to cut along. Or cut once round all of it, past the small corners.'),
            new Fix(Phrase::of('Cut once round all of it'), ['cut' => CutRound::Whole->value]),
        );
    }

    private function parts(int $parts): Check
    {
        return Check::found(
            'picture.parts',
            Stage::Print,
            Severity::Note,
            'picture',
            Phrase::of(sprintf('Cut along its outline, it falls into %d loose parts.', $parts)),
            Phrase::of('You have to place each part by hand. Or cut once round all of them.'),
            new Fix(Phrase::of('Cut once round all of it'), ['cut' => CutRound::Whole->value]),
        );
    }

    private function contrast(Traits $traits): ?Check
    {
        $least = $this->brief->route->making->artwork->contrastLeast;
        $contrast = $traits->palette->contrast();

        return null === $least || $contrast >= $least
            ? null
            : Check::found(
                'picture.contrast',
                Stage::Print,
                Severity::Warn,
                'picture',
                Phrase::of(
                    sprintf(
                        'It is pale: its contrast with white is only %.1f to 1. Some places will be missing.',
                        $contrast,
                    ),
                ),
                Phrase::of('Use a picture with strong contrast, or a pattern that looks good with gaps.'),
            );
    }

    /** How much of a drawing the gaps of its route break up. */
    private function gaps(Look $look, float $widthMm): ?Check
    {
        $worn = $look->appearances[count($look->appearances) - 1];
        if ($worn->gaps <= 0.0 || $widthMm <= 0.0) {
            return null;
        }
        $broken = $look->traits->strokes->finerThan($worn->grainMm / $widthMm);

        return $broken < self::BROKEN_FROM
            ? null
            : Check::found(
                'picture.gaps',
                Stage::Print,
                Severity::Note,
                'picture',
                Phrase::of(
                    sprintf(
                        'About %d %% of the ink does not hold here, in gaps of about {grain}. %d %% of the picture ' .
                            'has lines finer than that, and the gaps break them.',
                        (int) round(100.0 * $worn->gaps),
                        (int) round(100.0 * $broken),
                    ),
                    ['grain' => Quantity::length($worn->grainMm)],
                ),
                Phrase::of('Make the lines thicker, or keep the worn look.'),
            );
    }

    private function upsideDown(Traits $traits): ?Check
    {
        return $traits->upsideDown < UpsideDown::ALIKE
            ? null
            : Check::found(
                'picture.upside-down',
                Stage::Heat,
                Severity::Note,
                'place',
                Phrase::of('It looks nearly the same upside down.'),
                Phrase::of('Mark the top on its back before you cut off the strip that shows it.'),
            );
    }

    private function colours(Foresight $foreseen): ?Check
    {
        if ($foreseen->lost() + $foreseen->shareOf(Fate::Shifts) < self::CHANGED_FROM) {
            return null;
        }
        $names = $this->brief->catalogue;
        $pattern = $this->brief->job->blank->pattern;
        $cloth =
            $names->colours->nameOf($this->brief->job->blank->colour) .
            (null === $pattern
                ? ''
                : ' with ' . $names->colours->nameOf($pattern->colour) . ' ' . $pattern->kind->value);

        return Check::found(
            'picture.colours',
            Stage::Print,
            $foreseen->lost() >= self::LOST_FROM ||
            $foreseen->lost() + $foreseen->shareOf(Fate::Shifts) >= self::OTHER_FROM
                ? Severity::Warn
                : Severity::Note,
            'picture',
            Phrase::of(
                'On ' .
                    $cloth .
                    ': ' .
                    lcfirst($foreseen->inWords()) .
                    ($foreseen->lost() < self::CHANGED_FROM
                        ? ''
                        : sprintf(' %d %% of the picture is lost.', round(100.0 * $foreseen->lost()))),
            ),
            Phrase::of('There is no white ink. See how it will look before you print.'),
        );
    }
}
