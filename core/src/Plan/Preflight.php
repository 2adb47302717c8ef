<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Blank\Surface;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Core\Route\Ink;
use Wubbin\Core\Route\LayerRole;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Route;
use Wubbin\Core\Route\Support;
use Wubbin\Core\Route\Technology;
use Wubbin\Core\Route\Verdict;
use Wubbin\Core\Stack\Layer;

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

    /**
     * @param list<Check> $along found by looking at all pictures of the job together
     *
     * @return list<Check> in the order of work; what the person has set aside carries the reason
     */
    public static function of(Setup $setup, array $along = []): array
    {
        $preflight = new self($setup);
        $reasons = array_column($setup->transfer->overrides, 'reason', 'check');

        return array_map(
            static fn (Check $check): Check => isset($reasons[$check->id]) ? $check->overridden($reasons[$check->id]) : $check,
            array_merge($preflight->blank(), $preflight->picture(), $preflight->sheet(), $preflight->press(), $along),
        );
    }

    /**
     * What stands against single shares of the pieces; what stands against all of them is told once, by the job's own.
     *
     * @param list<SharePlan> $shares
     *
     * @return list<Check>
     */
    public static function ofShares(array $shares): array
    {
        $checks = [];
        foreach ($shares as $share) {
            if (null !== $share->against) {
                $id = 'share.'.preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($share->label));
                $checks[] = Check::found($id, Stage::Print, Severity::Stop, 'quantity', Phrase::of($share->label.': '.$share->against->text, $share->against->values), Phrase::of('Give these pieces another width or size, or make them a job of their own.'));
            }
        }

        return $checks;
    }

    /** @return list<Check> */
    private function blank(): array
    {
        $setup = $this->setup;
        $route = $setup->route;
        $checks = [
            $this->judged('blank.surface', 'blank', $route->verdictOnSurface($setup->kind->id, $setup->material), 'Choose another route, or another blank.', $this->otherMaterial()),
            $this->tone(),
        ];
        if (Condition::Rough === $setup->job->blank->condition) {
            $checks[] = $this->judged('blank.rough', 'blank', $route->verdictOnCondition($setup->job->blank->condition), 'Smooth it first, or choose another route.', new Fix(Phrase::of('It is smooth'), ['condition' => 'smooth']));
        }
        if (Condition::Used === $setup->job->blank->condition) {
            $checks[] = Check::found('blank.worn', Stage::Heat, Severity::Note, 'blank',
                Phrase::of('Softener left in worn cloth keeps a transfer from bonding.'),
                Phrase::of('Wash it without softener and press it hot before you lay the sheet.'));
        }
        if (Surface::WaxMedium === $setup->material->surface) {
            $checks[] = Check::found('blank.coats', Stage::Heat, Severity::Note, 'blank',
                Phrase::of('The board wants three or more coats of wax medium, perfectly level.'),
                Phrase::of('Hollows stay empty: level them before you begin.'));
        }

        return $checks;
    }

    private function tone(): Check
    {
        $verdict = $this->setup->route->verdictOnTone($this->setup->tone);
        if ('white-only' === ($this->setup->ways->options['candle-colour']->id ?? '') && 'white' !== $this->setup->tone->value && Fit::Good === $verdict->fit) {
            $verdict = new Verdict(Fit::Risky, 'The house goes by white candles only: on a tint colours shift.');
        }

        return $this->judged('blank.tone', 'blank', $verdict, 'Take a white or very light one, or opaque film on cloth.', new Fix(Phrase::of('Make it white'), ['colour' => '#ffffff']));
    }

    /** The first of the blank's materials that the route takes on, where the one at hand is not. */
    private function otherMaterial(): ?Fix
    {
        foreach ($this->setup->kind->materials as $id) {
            $material = $this->setup->catalogue->materials[$id];
            if (Fit::Good === $this->setup->route->verdictOnSurface($this->setup->kind->id, $material)->fit) {
                return new Fix(Phrase::of(ucfirst($material->label)), ['material' => $id]);
            }
        }

        return null;
    }

    private function judged(string $id, string $field, Verdict $verdict, string $mend, ?Fix $fix = null, Stage $stage = Stage::Print): Check
    {
        return Fit::Good === $verdict->fit
            ? Check::pass($id, $stage, $field, Phrase::of($verdict->why))
            : Check::found($id, $stage, match ($verdict->fit) {
                Fit::Risky => Severity::Warn,
                Fit::Bad => Severity::Stop,
                default => Severity::Impossible,
            }, $field, Phrase::of($verdict->why), Phrase::of($mend), $fix);
    }

    /** @return list<Check> */
    private function picture(): array
    {
        $setup = $this->setup;
        if (null === $setup->placed) {
            $named = $setup->transfer->artworkName;

            return [Check::found('picture.there', Stage::Print, Severity::Missing, 'picture',
                Phrase::of(null === $named ? 'There is no picture yet.' : sprintf('The picture “%s” is not in this shop.', Phrase::plain($named))),
                Phrase::of('Choose a PNG, JPEG, WebP or SVG file.'))];
        }
        $area = $setup->size->printArea;
        $size = $setup->placed->size;
        $checks = null === $setup->picture ? [] : [$this->sharpness()];
        if ($size->fitsIn($area->size)) {
            $checks[] = Check::pass('picture.print-area', Stage::Print, 'picture', Phrase::of('The picture fits the print area.'));
            $checks[] = $setup->placed->within($area)
                ? Check::pass('place.print-area', Stage::Print, 'place', Phrase::of('It lies inside the print area.'))
                : Check::found('place.print-area', Stage::Print, Severity::Warn, 'place',
                    Phrase::of(null === $setup->size->diameterMm
                        ? 'The picture reaches out of the print area: towards an edge or a seam the heat does not reach evenly.'
                        : 'The picture reaches out of the print area: towards rim, foot or handle.'),
                    Phrase::of('Move it in.'),
                    new Fix(Phrase::of('Centre it, {drop} down', ['drop' => Quantity::length($area->yMm)]), ['right' => '0 mm', 'below' => round($area->yMm, 1).' mm']));
        } else {
            $checks[] = Check::found('picture.print-area', Stage::Print, Severity::Stop, 'picture',
                Phrase::of((null === $setup->size->diameterMm ? 'The picture, {picture}, is larger than' : 'The wrap, {picture}, is longer or higher than').' the print area of this '.$setup->kind->label.', {area}.', ['picture' => Quantity::size($size), 'area' => Quantity::size($area->size)]),
                Phrase::of('Make it smaller, or take a larger blank.'),
                $this->resizeTo(min($area->size->widthMm, $area->size->heightMm * $size->widthMm / $size->heightMm), 'Make it {width} wide'));
        }
        if (null !== $setup->picture && !$setup->picture->hasTransparency && null !== $setup->dpi && true === $setup->medium?->clear) {
            $checks[] = Check::found('picture.background', Stage::Print, Severity::Note, 'picture',
                Phrase::of('This picture has no clear background: its whole rectangle is transferred, white parts as clear film.'),
                Phrase::of('Cut close, or use a picture with a transparent background.'));
        }
        if ('yes' === $setup->circumstances['wraps'] && LayerRole::Blank !== $setup->stack->seenByPrintedFace()?->role) {
            $checks[] = Check::found('place.wraps', Stage::Heat, Severity::Note, 'place',
                Phrase::of('It goes more than half of the way round: one front cannot melt it all.'),
                Phrase::of('The steps wrap it anew for the back. Keep the subject within the middle quarter.'));
        }
        $usual = $setup->route->usualHeight;
        if (null !== $usual && abs($size->heightMm - $usual->mm) > 1.0) {
            $checks[] = Check::found('picture.usual-height', Stage::Print, Severity::Note, 'picture',
                Phrase::of('An ordinary mug usually takes a picture {usual} high; this one is {height}.', ['usual' => Quantity::length($usual->mm), 'height' => Quantity::length($size->heightMm)]),
                Phrase::of('Leave it, or take the usual height.'),
                new Fix(Phrase::of('{usual} high', ['usual' => Quantity::length($usual->mm)]), ['height' => $usual->mm.' mm']));
        }

        return $checks;
    }

    private function sharpness(): Check
    {
        $dpi = $this->setup->dpi;
        $limits = $this->setup->route->artwork;
        if (null === $dpi) {
            return Check::pass('picture.resolution', Stage::Print, 'picture', Phrase::of('Drawn as lines: sharp at any size.'));
        }
        if ($dpi >= $limits->dpiGood) {
            return Check::pass('picture.resolution', Stage::Print, 'picture', Phrase::of('Sharp enough: {dpi}.', ['dpi' => Quantity::resolution($dpi)]));
        }
        $broken = $dpi < $limits->dpiLeast;
        $limit = $broken ? $limits->dpiLeast : $limits->dpiGood;
        $picture = $this->setup->picture;

        return Check::found('picture.resolution', Stage::Print, $broken ? Severity::Stop : Severity::Warn, 'picture',
            Phrase::of('Too few pixels for this size: {dpi}. '.($broken ? 'Under {limit} it looks broken into squares.' : 'Under {limit} edges look soft.'), [
                'dpi' => Quantity::resolution($dpi),
                'limit' => Quantity::resolution($limit),
            ]),
            Phrase::of('Make it smaller or use a larger picture. It is sharp up to {width} wide.', ['width' => Quantity::length($picture?->widestAt($limits->dpiGood) ?? 0.0)]),
            $this->resizeTo($picture?->widestAt($limit) ?? 0.0, 'Make it {width} wide'));
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
            $wanted = $setup->catalogue->media[$setup->route->media[0]]->label;
            $checks[] = $this->notOnShelf('medium.there', Stage::Print, 'medium', $setup->transfer->choices->thing('medium'), $wanted, array_filter($setup->shelf->media, static fn (Medium $m): bool => in_array($m->like, $setup->route->media, true)));
        }
        if (null === $marking) {
            $checks[] = $this->notOnShelf('marking.there', Stage::Print, 'marking', $setup->transfer->choices->thing('marking'), 'printer that prints this', $setup->shelf->markings);
        }
        if (null === $medium || null === $marking) {
            return $checks;
        }
        $checks[] = $this->marks($medium);
        if (Ink::Pigment === $marking->ink && isset($setup->ways->figures['dry'], $setup->ways->schools['drying']) && $setup->ways->figures['dry']->value < 1800.0) {
            $checks[] = Check::found('drying.pigment', Stage::Print, Severity::Warn, 'drying',
                Phrase::of('Pigment ink lies on top and dries slowly; the short wait is for dye ink.'),
                Phrase::of('Wait 30 minutes.'),
                new Fix(Phrase::of('30 minutes'), ['school.drying' => 'dry-30']));
        }
        if (null !== $setup->placed) {
            $widest = $setup->widestOn($medium);
            $checks[] = null !== $setup->sheet
                ? Check::pass('sheet.fits', Stage::Print, 'medium', Phrase::of('It fits one sheet.'))
                : Check::found('sheet.fits', Stage::Print, Severity::Impossible, 'medium',
                    Phrase::of('The picture does not fit one sheet of '.$medium->label.' with its trim line and the strip of marks.'),
                    Phrase::of('It can be {width} wide at most.', ['width' => Quantity::length(floor($widest * 10.0) / 10.0)]),
                    $this->resizeTo($widest, 'Make it {width} wide'));
        }
        if ($medium->flimsy && !$marking->byHand()) {
            $checks[] = Check::found('sheet.carrier', Stage::Print, Severity::Note, 'medium',
                Phrase::of(ucfirst($medium->label).' is too flimsy to feed by itself.'),
                Phrase::of('Fix it on a carrier with no loose edge: a loose edge jams the printer.'));
        }
        if (!$marking->byHand()) {
            $checks[] = Check::found('print.mirror-once', Stage::Print, Severity::Note, 'mirrored',
                Phrase::of($setup->stack->mirrored() ? 'Wubbin’s sheet is mirrored already.' : 'The sheet is printed as it reads.'),
                Phrase::of('Leave “mirror” and “fit to page” off in the printer’s driver; print at 100 %.'));
        }
        if (Technology::Sublimation === $marking->technology) {
            $checks[] = Check::found('print.dull', Stage::Print, Severity::Note, 'marking',
                Phrase::of('The print looks dull on paper and comes alive in the press.'),
                Phrase::of('Do not throw it away.'));
        }

        return $checks;
    }

    private function marks(Medium $medium): Check
    {
        $marking = $this->setup->marking ?? throw new \LogicException('Without a marking nothing marks.');
        $verdict = $medium->verdictOn($marking);
        if (Fit::Impossible === $verdict->fit && 'sheet-says-laser' === ($this->setup->ways->options['film-printer']->id ?? '')) {
            $verdict = new Verdict(Fit::Bad, $verdict->why.' You say this film’s own sheet names lasers.');
        }
        $able = null;
        foreach ($this->setup->shelf->markings as $other) {
            $able ??= Fit::Good === $medium->verdictOn($other)->fit ? $other : null;
        }

        return $this->judged('marking.medium', 'marking', $verdict, null === $able ? 'Have it printed on one that suits, or take another sheet.' : 'Print it on the '.$able->label.'.', null === $able ? null : new Fix(Phrase::of(ucfirst($able->label)), ['marking' => $able->id]));
    }

    /** @return list<Check> */
    private function press(): array
    {
        $setup = $this->setup;
        $heat = $setup->heat;
        $checks = [];
        if (null === $heat) {
            $kinds = implode(' or ', array_map(static fn (HeatKind $kind): string => $kind->label(), $setup->ways->heat()));
            $checks[] = $this->notOnShelf('heat.there', Stage::Heat, 'heat', $setup->transfer->choices->thing('heat'), $kinds, array_filter($setup->shelf->heat, static fn ($s): bool => in_array($s->kind, $setup->ways->heat(), true)));
        } else {
            array_push($checks, ...$this->heat());
        }
        $temperature = $setup->temperature();
        if (null !== $temperature && $setup->material->limit->celsius <= $temperature->celsius && Surface::Wax !== $setup->material->surface) {
            $checks[] = Check::found('blank.scorch', Stage::Heat, $setup->material->limit->celsius + 10.0 <= $temperature->celsius ? Severity::Warn : Severity::Note, 'time',
                Phrase::of('It is pressed as hot as it stands ({limit}): '.$setup->material->limitWhy.'.', ['limit' => Quantity::temperature($setup->material->limit)]),
                Phrase::of('Do not exceed the seconds.'));
        }
        $care = $setup->material->careDots;
        if (HeatKind::Iron === $heat?->kind && null !== $care && null !== $setup->setting->dots && $care < $setup->setting->dots) {
            $checks[] = Check::found('blank.care', Stage::Heat, Severity::Warn, 'heat',
                Phrase::of(sprintf('Its care label usually allows %s for a hand iron; this wants %s.', str_repeat('●', $care), str_repeat('●', $setup->setting->dots))),
                Phrase::of('Try it on a hidden place first.'));
        }
        $roles = array_map(static fn (Layer $layer): LayerRole => $layer->role, $setup->stack->layers);
        if (in_array(LayerRole::Base, $roles, true)) {
            $checks[] = $this->base();
        }
        if (in_array(LayerRole::Guard, $roles, true)) {
            $checks[] = null === $setup->guard
                ? Check::found('guard.there', Stage::Heat, Severity::Warn, 'guard', Phrase::of('With nothing inside, colour goes through to the back.'), Phrase::of('Slip card or kraft paper inside.'))
                : Check::pass('guard.there', Stage::Heat, 'guard', Phrase::of('A guard lies between front and back.'));
        }
        if (in_array(LayerRole::Cover, $roles, true)) {
            $checks[] = null === $setup->cover
                ? $this->notOnShelf('cover.there', Stage::Heat, 'cover', $setup->transfer->choices->thing('cover'), 'cover sheet for this', array_filter($setup->shelf->covers, static fn (Support $cover): bool => in_array($cover->like, $setup->ways->covers(), true)))
                : Check::pass('cover.there', Stage::Heat, 'cover', Phrase::of('A cover lies over the work.'));
        }

        return $checks;
    }

    /** @return list<Check> */
    private function heat(): array
    {
        $setup = $this->setup;
        $heat = $setup->heat ?? throw new \LogicException('There is no heat source to check.');
        $wanted = $setup->temperature();
        $reached = null === $heat->dots ? $heat->to : $setup->catalogue->dotTemperature($heat->dots);
        $checks = [];
        $tooCool = null === $setup->recipe?->temperature ? !$setup->reaches($heat) : null !== $reached && $reached->celsius < $setup->recipe->temperature->celsius;
        if ($tooCool && null !== $wanted && null !== $reached) {
            $checks[] = Check::found('heat.hot', Stage::Heat, Severity::Stop, 'heat',
                Phrase::of('This one stops at {reaches}; the recipe wants {needs}.', ['reaches' => Quantity::temperature($reached), 'needs' => Quantity::temperature($wanted)]),
                Phrase::of('Use one that gets hotter.'));
        } elseif (HeatKind::Burnisher !== $heat->kind) {
            $checks[] = Check::pass('heat.hot', Stage::Heat, 'heat', Phrase::of('It gets hot enough.'));
        }
        if ($heat->steam) {
            $checks[] = Check::found('heat.steam', Stage::Heat, Severity::Note, 'heat',
                Phrase::of('Steam keeps a transfer from bonding, and its holes leave pale spots.'),
                Phrase::of('Turn steam off and pour the water out.'));
        }
        $diameter = $setup->size->diameterMm;
        if (HeatKind::MugPress === $heat->kind && null !== $diameter && null !== $heat->diameterFromMm && null !== $heat->diameterToMm) {
            $checks[] = $diameter >= $heat->diameterFromMm && $diameter <= $heat->diameterToMm
                ? Check::pass('heat.diameter', Stage::Heat, 'heat', Phrase::of('The press closes round this mug.'))
                : Check::found('heat.diameter', Stage::Heat, Severity::Impossible, 'heat',
                    Phrase::of('This press closes round mugs of {from} to {to}; this one is {diameter} across.', ['from' => Quantity::length($heat->diameterFromMm), 'to' => Quantity::length($heat->diameterToMm), 'diameter' => Quantity::length($diameter)]),
                    Phrase::of('Take another mug or another press.'));
        }
        $places = count($setup->coverage->places ?? []);
        if (HeatKind::FlatPress === $heat->kind && $places > 1) {
            $checks[] = Check::found('heat.platen', Stage::Heat, Severity::Warn, 'heat',
                Phrase::of(sprintf('The platen does not cover the picture in one go: %d presses, with a seam where they meet.', $places)),
                Phrase::of('Make it smaller, or take a larger press.'));
        }

        return $checks;
    }

    private function base(): Check
    {
        $setup = $this->setup;
        if (null === $setup->base) {
            return $this->notOnShelf('base.there', Stage::Heat, 'base', $setup->transfer->choices->thing('base'), 'hard base', $setup->shelf->bases);
        }
        if (Route::BASE_HARD !== $setup->route->base || $setup->base->hard) {
            return Check::pass('base.hard', Stage::Heat, 'base', Phrase::of('The base is right.'));
        }
        $hard = array_values(array_filter($setup->shelf->bases, static fn (Support $base): bool => $base->hard))[0] ?? null;

        return Check::found('base.hard', Stage::Heat, Severity::Stop, 'base',
            Phrase::of('A soft base gives way under the plate and the edges lift.'),
            Phrase::of('Lay it on a wood board or a bench.'),
            null === $hard ? null : new Fix(Phrase::of(ucfirst($hard->label)), ['base' => $hard->id]));
    }

    /** @param array<string, mixed> $there what of its kind is on the shelf */
    private function notOnShelf(string $id, Stage $stage, string $field, ?string $asked, string $what, array $there): Check
    {
        return Check::found($id, $stage, Severity::Missing, $field,
            Phrase::of(null === $asked ? sprintf('There is no %s on your shelf.', $what) : sprintf('The %s this job names is not on your shelf.', $what)),
            Phrase::of([] === $there ? 'Put one on the shelf.' : 'Choose another on this line.'),
            [] === $there || null === $asked ? null : new Fix(Phrase::of('Let Wubbin choose'), [$field => '']));
    }
}
