<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Tone;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Route\Ink;

/**
 * The mistakes that cost a piece, looked for while they can still be mended.
 *
 * Each check is common practice unless it says otherwise; figures carry their provenance in the reference data.
 */
final readonly class Preflight
{
    private function __construct(private Setup $setup)
    {
    }

    /** @return list<Check> in the order of work */
    public static function of(Setup $setup): array
    {
        $preflight = new self($setup);
        $reasons = [];
        foreach ($setup->job->overrides as $override) {
            $reasons[$override->check] = $override->reason;
        }

        return array_map(
            static fn (Check $check): Check => isset($reasons[$check->id]) ? $check->overridden($reasons[$check->id]) : $check,
            array_merge($preflight->blank(), $preflight->picture(), $preflight->sheet(), $preflight->press()),
        );
    }

    /** @return list<Check> */
    private function blank(): array
    {
        $setup = $this->setup;
        $bonds = in_array($setup->material->fibre, $setup->route->fibres, true)
            ? Check::pass('blank.fibre', Stage::Print, 'blank', Phrase::of(ucfirst($setup->material->label).' takes the film.'))
            : Check::found('blank.fibre', Stage::Print, Severity::Stop, 'blank',
                Phrase::of('Film does not bond to '.$setup->material->label.', and the cloth may melt under the iron: it softens from about {limit}.', ['limit' => Quantity::temperature($setup->material->limit)]),
                Phrase::of('Take a cotton shirt. Polyester wants dye sublimation instead.'),
                new Fix(Phrase::of('Cotton jersey'), ['material' => 'cotton-jersey']));

        $colour = $setup->catalogue->colourName($setup->job->shirt->colour);
        $tone = match ($setup->tone) {
            Tone::White, Tone::VeryLight => Check::pass('blank.tone', Stage::Print, 'blank', Phrase::of('The cloth is light enough for clear film.')),
            Tone::Mid => Check::found('blank.tone', Stage::Print, Severity::Warn, 'blank',
                Phrase::of(sprintf('The cloth’s colour (%s) comes through clear film: there is no white ink. Black stays, light colours sink.', $colour)),
                Phrase::of('Some like the aged look. For true colours take a white or very light shirt, or opaque film.')),
            Tone::Dark => Check::found('blank.tone', Stage::Print, Severity::Stop, 'blank',
                Phrase::of(sprintf('On %s cloth nothing of a clear film shows: there is no white ink.', $colour)),
                Phrase::of('Take a white or very light shirt, or opaque film for dark cloth.'),
                new Fix(Phrase::of('White shirt'), ['colour' => '#ffffff'])),
        };
        $worn = Condition::Used === $setup->job->shirt->condition
            ? [Check::found('blank.worn', Stage::Heat, Severity::Note, 'blank',
                Phrase::of('Softener left in a worn shirt keeps film from bonding.'),
                Phrase::of('Wash it without softener and press it hot before you lay the film.'))]
            : [];

        return [$bonds, $tone, ...$worn];
    }

    /** @return list<Check> */
    private function picture(): array
    {
        $setup = $this->setup;
        if (null === $setup->picture || null === $setup->placed) {
            $named = $setup->job->artworkName;

            return [Check::found('picture.there', Stage::Print, Severity::Missing, 'picture',
                Phrase::of(null === $named ? 'There is no picture yet.' : sprintf('The picture “%s” is not in this shop.', $named)),
                Phrase::of('Choose a PNG, JPEG, WebP or SVG file.'))];
        }
        $limits = $setup->route->artwork;
        $dpi = $setup->dpi;
        $sharp = match (true) {
            null === $dpi => Check::pass('picture.resolution', Stage::Print, 'picture', Phrase::of('Drawn as lines: sharp at any size.')),
            $dpi >= $limits->dpiGood => Check::pass('picture.resolution', Stage::Print, 'picture', Phrase::of('Sharp enough: {dpi}.', ['dpi' => Quantity::resolution($dpi)])),
            default => $this->softPicture($dpi, $limits->dpiLeast, $limits->dpiGood),
        };
        $area = $setup->size->printArea;
        $size = $setup->placed->size;
        $fits = $size->fitsIn($area->size)
            ? Check::pass('picture.print-area', Stage::Print, 'picture', Phrase::of('The picture fits the print area.'))
            : Check::found('picture.print-area', Stage::Print, Severity::Stop, 'picture',
                Phrase::of('The picture, {picture}, is larger than the print area of size '.$setup->size->label.', {area}.', ['picture' => Quantity::size($size), 'area' => Quantity::size($area->size)]),
                Phrase::of('Make it smaller, or take a larger shirt.'),
                $this->resizeTo(min($area->size->widthMm, $area->size->heightMm * $setup->picture->aspect()), 'Make it {width} wide'));
        $inside = [];
        if ($size->fitsIn($area->size)) {
            $inside[] = $setup->placed->within($area)
                ? Check::pass('place.print-area', Stage::Print, 'place', Phrase::of('It lies inside the print area.'))
                : Check::found('place.print-area', Stage::Print, Severity::Warn, 'place',
                    Phrase::of('The picture reaches out of the print area: towards a seam, the collar or the hem the iron does not lie flat.'),
                    Phrase::of('Move it in.'),
                    new Fix(Phrase::of('Centre it, {drop} below the collar', ['drop' => Quantity::length($area->yMm)]), ['right' => '0 mm', 'below' => round($area->yMm, 1).' mm']));
        }
        $film = $setup->picture->hasTransparency || null === $dpi
            ? []
            : [Check::found('picture.background', Stage::Print, Severity::Note, 'picture',
                Phrase::of('This picture has no clear background: its whole rectangle is transferred, white parts as clear film.'),
                Phrase::of('Cut close, or use a picture with a transparent background.'))];

        return [$sharp, $fits, ...$inside, ...$film];
    }

    private function softPicture(float $dpi, float $least, float $good): Check
    {
        $widest = $this->setup->picture?->widestAt($dpi < $least ? $least : $good) ?? 0.0;
        $broken = $dpi < $least;

        return Check::found('picture.resolution', Stage::Print, $broken ? Severity::Stop : Severity::Warn, 'picture',
            Phrase::of('Too few pixels for this size: {dpi}. '.($broken ? 'Under {limit} it looks broken into squares.' : 'Under {limit} edges look soft.'), [
                'dpi' => Quantity::resolution($dpi),
                'limit' => Quantity::resolution($broken ? $least : $good),
            ]),
            Phrase::of('Make it smaller or use a larger picture. It is sharp up to {width} wide.', ['width' => Quantity::length($this->setup->picture?->widestAt($good) ?? 0.0)]),
            $this->resizeTo($widest, 'Make it {width} wide'));
    }

    private function resizeTo(float $widthMm, string $label): ?Fix
    {
        $width = floor($widthMm * 10.0) / 10.0;

        return $width < Placement::LEAST_MM ? null : new Fix(Phrase::of($label, ['width' => Quantity::length($width)]), ['width' => $width.' mm']);
    }

    /** @return list<Check> */
    private function sheet(): array
    {
        $setup = $this->setup;
        $medium = $setup->medium;
        $marking = $setup->marking;
        $checks = [];
        if (null === $medium) {
            $checks[] = $this->notOnShelf('film.there', Stage::Print, 'medium', $setup->job->choices->medium, 'clear iron-on film', $setup->shelf->media);
        }
        if (null === $marking) {
            $checks[] = $this->notOnShelf('printer.there', Stage::Print, 'marking', $setup->job->choices->marking, 'printer', $setup->shelf->markings);
        }
        if (null === $medium || null === $marking) {
            return $checks;
        }
        $checks[] = $marking->technology === $medium->needs
            ? Check::pass('printer.film', Stage::Print, 'marking', Phrase::of('The printer may print this film.'))
            : Check::found('printer.film', Stage::Print, Severity::Impossible, 'marking',
                Phrase::of('A laser’s fuser melts the film inside the printer and can ruin it.'),
                Phrase::of('Print on an inkjet. This cannot be set aside.'));
        if (Ink::Pigment === $marking->ink && $setup->drying->drying->seconds < 1800.0) {
            $checks[] = Check::found('drying.pigment', Stage::Print, Severity::Warn, 'drying',
                Phrase::of('Pigment ink lies on top of the film and dries slowly; the short wait is for dye ink.'),
                Phrase::of('Wait 30 minutes.'),
                new Fix(Phrase::of('30 minutes'), ['drying' => 'dry-30']));
        }
        if (null !== $setup->placed && null !== $setup->picture) {
            $widest = $setup->widestOn($medium);
            $checks[] = null !== $setup->sheet
                ? Check::pass('sheet.fits', Stage::Print, 'medium', Phrase::of('It fits one sheet.'))
                : Check::found('sheet.fits', Stage::Print, Severity::Impossible, 'medium',
                    Phrase::of('The picture does not fit one sheet of '.$medium->label.' with its trim line and the strip of marks.'),
                    Phrase::of('It can be {width} wide at most.', ['width' => Quantity::length(floor($widest * 10.0) / 10.0)]),
                    $this->resizeTo($widest, 'Make it {width} wide'));
        }
        $checks[] = $setup->stack->mirrored()
            ? Check::found('print.mirror-once', Stage::Print, Severity::Note, 'mirrored',
                Phrase::of('Wubbin’s sheet is mirrored already.'),
                Phrase::of('Leave “mirror” and “fit to page” off in the printer’s driver; print at 100 %.'))
            : Check::found('print.mirror-once', Stage::Print, Severity::Note, 'mirrored',
                Phrase::of('The sheet is printed as it reads.'),
                Phrase::of('Leave “mirror” and “fit to page” off in the printer’s driver; print at 100 %.'));

        return $checks;
    }

    /** @return list<Check> */
    private function press(): array
    {
        $setup = $this->setup;
        $needed = $setup->route->recipe->dots;
        $hot = $setup->catalogue->dotTemperature($needed);
        $checks = [];
        if (null === $setup->iron) {
            $checks[] = $this->notOnShelf('iron.there', Stage::Heat, 'iron', $setup->job->choices->iron, 'iron', $setup->shelf->irons);
        } else {
            $checks[] = $setup->iron->dots >= $needed
                ? Check::pass('iron.hot', Stage::Heat, 'iron', Phrase::of('The iron gets hot enough.'))
                : Check::found('iron.hot', Stage::Heat, Severity::Stop, 'iron',
                    Phrase::of('This iron stops at {reaches}; the film wants {needs}.', [
                        'reaches' => Quantity::temperature($setup->catalogue->dotTemperature($setup->iron->dots)),
                        'needs' => Quantity::temperature($hot),
                    ]),
                    Phrase::of('Use an iron that goes to three dots.'));
            if ($setup->iron->steam) {
                $checks[] = Check::found('iron.steam', Stage::Heat, Severity::Note, 'iron',
                    Phrase::of('Steam keeps film from bonding, and its holes leave pale spots.'),
                    Phrase::of('Turn steam off and pour the water out.'));
            }
        }
        $limit = $setup->material->limit;
        if ($limit->celsius <= $hot->celsius) {
            $checks[] = Check::found('blank.scorch', Stage::Heat, Severity::Note, 'time',
                Phrase::of('The plate is as hot as the cloth stands ({limit}): '.$setup->material->limitWhy.'.', ['limit' => Quantity::temperature(Temperature::celsius($limit->celsius))]),
                Phrase::of('Keep the iron moving in its place and do not exceed the seconds.'));
        }
        if (null === $setup->base) {
            $checks[] = $this->notOnShelf('base.there', Stage::Heat, 'base', $setup->job->choices->base, 'hard base', $setup->shelf->bases);
        } else {
            $hardOne = array_values(array_filter($setup->shelf->bases, static fn ($base): bool => $base->hard))[0] ?? null;
            $checks[] = $setup->base->hard
                ? Check::pass('base.hard', Stage::Heat, 'base', Phrase::of('The base is hard.'))
                : Check::found('base.hard', Stage::Heat, Severity::Stop, 'base',
                    Phrase::of('A soft base gives way under the plate and the edges lift.'),
                    Phrase::of('Lay the shirt on a wood board or a bench.'),
                    null === $hardOne ? null : new Fix(Phrase::of(ucfirst($hardOne->label)), ['base' => $hardOne->id]));
        }
        $checks[] = null === $setup->guard
            ? Check::found('guard.there', Stage::Heat, Severity::Warn, 'guard',
                Phrase::of('With nothing inside the shirt, colour goes through to its back.'),
                Phrase::of('Slip card or kraft paper inside.'))
            : Check::pass('guard.there', Stage::Heat, 'guard', Phrase::of('A guard lies between front and back.'));

        return $checks;
    }

    /** @param array<string, mixed> $there what of its kind is on the shelf */
    private function notOnShelf(string $id, Stage $stage, string $field, ?string $asked, string $what, array $there): Check
    {
        return Check::found($id, $stage, Severity::Missing, $field,
            Phrase::of(null === $asked ? sprintf('There is no %s on your shelf.', $what) : sprintf('The %s this job names is not on your shelf.', $what)),
            Phrase::of([] === $there ? sprintf('Put your %s on the shelf.', $what) : 'Choose another on this line.'),
            [] === $there || null === $asked ? null : new Fix(Phrase::of('Let Wubbin choose'), [$field => '']));
    }
}
