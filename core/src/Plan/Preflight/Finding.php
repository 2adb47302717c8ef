<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Blank\BlankSize;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Fix;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Verdict;

/** Shapes that checks share: a verdict, a thing that is missing, a size that would mend it. */
final readonly class Finding
{
    /** So much of a width that was counted at another level of a piece that tapers. */
    private const TAPERED = 0.95;

    public static function judged(
        string $id,
        string $field,
        Verdict $verdict,
        string $mend,
        ?Fix $fix = null,
        Stage $stage = Stage::Print,
    ): Check {
        return Fit::Good === $verdict->fit
            ? Check::pass($id, $stage, $field, Phrase::of($verdict->why))
            : Check::found(
                $id,
                $stage,
                match ($verdict->fit) {
                    Fit::Risky => Severity::Warn,
                    Fit::Bad => Severity::Stop,
                    default => Severity::Impossible,
                },
                $field,
                Phrase::of($verdict->why),
                Phrase::of($mend),
                $fix,
            );
    }

    /** @param array<string, mixed> $there what of its kind is on the shelf */
    public static function notOnShelf(
        string $id,
        Stage $stage,
        string $field,
        ?string $asked,
        string $what,
        array $there,
    ): Check {
        return Check::found(
            $id,
            $stage,
            Severity::Missing,
            $field,
            Phrase::of(
                null === $asked
                    ? sprintf('There is no %s on your shelf.', $what)
                    : sprintf('The %s this job names is not on your shelf.', $what),
            ),
            Phrase::of([] === $there ? 'Add one to your shelf.' : 'Choose another one here.'),
            [] === $there || null === $asked ? null : new Fix(Phrase::of('Let Wubbin choose'), [$field => '']),
        );
    }

    public static function resizeTo(float $widthMm, string $label): ?Fix
    {
        $width = floor($widthMm * 10.0) / 10.0;

        return $width < Placement::LEAST_MM
            ? null
            : new Fix(Phrase::of($label, ['width' => Quantity::length($width)]), ['width' => $width . ' mm']);
    }

    /**
     * As resizeTo, for a picture on a piece. Where the piece tapers a little less is offered: a smaller picture lies at
     * another level, where the piece may be narrower.
     */
    public static function resizeOn(BlankSize $size, float $widthMm, string $label): ?Fix
    {
        return self::resizeTo($widthMm * (null === $size->taper ? 1.0 : self::TAPERED), $label);
    }
}
