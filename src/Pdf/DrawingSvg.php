<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use Wubbin\Core\Drawing\Course;
use Wubbin\Core\Drawing\Dimension;
use Wubbin\Core\Drawing\Drawing;
use Wubbin\Core\Drawing\Line;
use Wubbin\Core\Drawing\Mark;
use Wubbin\Core\Drawing\Note;
use Wubbin\Core\Drawing\Patch;
use Wubbin\Core\Drawing\Pen;
use Wubbin\Core\Drawing\Printed;
use Wubbin\Core\Drawing\Turn;
use Wubbin\Core\Measure\UnitFormat;

/** A step's drawing as an SVG for paper: black lines and grey areas, told apart by hatching and dashes. */
final class DrawingSvg
{
    /** Line widths and dashes are in letters' heights, as everything that has no true size. */
    private const BOLD = 0.16;
    private const USUAL = 0.08;
    private const THIN = 0.05;

    /** Fill, line's width and dashes of each pen. */
    private const LOOK = [
        'edge' => ['none', self::USUAL, ''],
        'thin' => ['none', self::THIN, ''],
        'hidden' => ['none', self::THIN, '0.35 0.25'],
        'centre' => ['none', self::THIN, '0.9 0.25 0.2 0.25'],
        'piece' => ['#fff', self::USUAL, ''],
        'paper' => ['#fff', self::USUAL, ''],
        'back' => ['dots', self::USUAL, ''],
        'face' => ['none', self::BOLD, ''],
        'cut' => ['none', self::USUAL, '0.6 0.3'],
        'fold' => ['none', self::USUAL, '0.9 0.2 0.15 0.2'],
        'tape' => ['#bbb', self::THIN, ''],
        'cover' => ['none', self::THIN, ''],
        'water' => ['#ddd', self::THIN, ''],
        'hot' => ['none', self::BOLD, ''],
        'motion' => ['none', self::BOLD, ''],
        'metal' => ['slant', self::USUAL, ''],
        'film' => ['#eee', self::USUAL, ''],
        'cloth' => ['weave', self::USUAL, ''],
        'plain' => ['#f4f4f4', self::USUAL, ''],
        'wood' => ['grain', self::USUAL, ''],
        'foam' => ['dots', self::USUAL, ''],
        'wax' => ['dashes', self::USUAL, ''],
        'ceramic' => ['slant', self::USUAL, ''],
    ];

    /** Hatches, in letters' heights: side of the repeated square, and what is drawn in it. */
    private const HATCHES = [
        'dots' => [0.6, 'M0.3 0.25v0.1'],
        'slant' => [0.5, 'M0 0.5L0.5 0'],
        'weave' => [0.7, 'M0 0.2h0.4M0.35 0.55h0.35'],
        'grain' => [1.6, 'M0 0.4q0.4 -0.2 0.8 0t0.8 0M0 1.2q0.4 0.2 0.8 0t0.8 0'],
        'dashes' => [0.9, 'M0.1 0.2h0.3M0.5 0.65h0.3'],
    ];

    /**
     * @param array<string, string> $pictures addresses of the pictures on it, by digest and bend
     * @param string $id that nothing else on the page has
     */
    public function __construct(
        private readonly UnitFormat $format,
        private readonly array $pictures,
        private readonly string $id,
    ) {}

    /** @var array<string, true> hatches that something of the drawing is filled with */
    private array $used = [];

    /** What a picture is known by among the addresses. */
    public static function key(Printed $picture): string
    {
        return $picture->artwork . ' ' . ($picture->bend ?? '');
    }

    public function draw(Drawing $drawing): string
    {
        $frame = $drawing->frame;
        $svg = sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="%s %s %s %s" stroke-linejoin="round" ' .
                'font-family="Atkinson Hyperlegible Next, Atkinson Hyperlegible Next Ext, sans-serif">',
            self::number($frame->xMm),
            self::number($frame->yMm),
            self::number($frame->size->widthMm),
            self::number($frame->size->heightMm),
        );
        foreach ($drawing->marks as $mark) {
            $svg .= $this->mark($mark, $drawing->emMm);
        }

        return $svg . $this->hatches($drawing->emMm) . '</svg>';
    }

    private function mark(Mark $mark, float $em): string
    {
        return match (true) {
            $mark instanceof Line => $this->line($mark, $em),
            $mark instanceof Note => $this->note($mark, $em),
            $mark instanceof Dimension => $this->dimension($mark, $em),
            $mark instanceof Patch => $this->patch($mark, $em),
            $mark instanceof Course => $this->arrowed($mark->points, self::USUAL, $em, false),
            $mark instanceof Printed => $this->picture($mark),
            default => throw new \LogicException('This mark cannot be drawn.'),
        };
    }

    private function line(Line $line, float $em): string
    {
        if ($line->arrow) {
            return $this->arrowed($line->points, self::BOLD, $em, true);
        }
        [$fill, $width, $dashes] = self::LOOK[$line->pen->value];

        return $this->path(
            $line->points,
            $line->closed,
            $line->closed ? $this->fill($fill) : 'none',
            Pen::Cover === $line->pen && $line->closed ? 'fill-opacity="0.5"' : '',
            $width * $em,
            $dashes,
            $em,
        );
    }

    private function patch(Patch $patch, float $em): string
    {
        [$fill, $width, $dashes] = match ($patch->turn) {
            Turn::Done => ['#fff', self::THIN, ''],
            Turn::Now => ['#ccc', self::BOLD, ''],
            Turn::Later => ['none', self::USUAL, '0.5 0.3'],
        };

        return $this->path($patch->points, true, $fill, 'fill-opacity="0.75"', $width * $em, $dashes, $em);
    }

    private function dimension(Dimension $dimension, float $em): string
    {
        return $this->path([$dimension->from, $dimension->to], false, 'none', '', self::THIN * $em, '', $em) .
            self::head($dimension->to, $dimension->from, 0.5 * $em, self::THIN * $em) .
            self::head($dimension->from, $dimension->to, 0.5 * $em, self::THIN * $em) .
            $this->note($dimension->note, $em);
    }

    private function note(Note $note, float $em): string
    {
        $em *= $note->large ? Note::LARGE : 1.0;
        $text = htmlspecialchars($this->format->phrase($note->words), \ENT_QUOTES | \ENT_XML1);
        $at = sprintf(
            'x="%s" y="%s" font-size="%s" text-anchor="%s"%s',
            self::number($note->at[0]),
            self::number($note->at[1] + 0.35 * $em),
            self::number($em),
            $note->anchor->value,
            $note->strong ? ' font-weight="700"' : '',
        );

        // On white, so that lines below do not cross the letters.
        $box = $note->box($em / ($note->large ? Note::LARGE : 1.0));

        return sprintf(
            '<rect x="%s" y="%s" width="%s" height="%s" fill="#fff" fill-opacity="0.85"/><text %s>%s</text>',
            self::number($box->xMm),
            self::number($box->yMm),
            self::number($box->size->widthMm),
            self::number($box->size->heightMm),
            $at,
            $text,
        );
    }

    private function picture(Printed $picture): string
    {
        $address = $this->pictures[self::key($picture)] ?? null;
        if (null === $address) {
            return '';
        }
        $rect = $picture->rect;
        $turned =
            0.0 === $picture->degrees
                ? ''
                : sprintf(
                    'rotate(%s %s %s)',
                    self::number($picture->degrees),
                    self::number($picture->about[0]),
                    self::number($picture->about[1]),
                );
        $mirrored = $picture->mirrored
            ? sprintf('translate(%s 0) scale(-1 1)', self::number(2.0 * $rect->xMm + $rect->size->widthMm))
            : '';

        $image = sprintf(
            '<image href="%s" x="%s" y="%s" width="%s" height="%s" preserveAspectRatio="none" opacity="%s"%s/>',
            htmlspecialchars($address, \ENT_QUOTES | \ENT_XML1),
            self::number($rect->xMm),
            self::number($rect->yMm),
            self::number($rect->size->widthMm),
            self::number($rect->size->heightMm),
            self::number($picture->strength),
            '' === $turned . $mirrored ? '' : sprintf(' transform="%s"', trim($turned . ' ' . $mirrored)),
        );
        if (null === $picture->within) {
            return $image;
        }
        $clip = sprintf('%s-%s', $this->id, hash('crc32b', $picture->artwork . self::points($picture->within)));

        return sprintf(
            '<clipPath id="%s"><path d="M%sZ"/></clipPath><g clip-path="url(#%1$s)">%3$s</g>',
            $clip,
            self::points($picture->within),
            $image,
        );
    }

    /** @param non-empty-list<array{float, float}> $points */
    private function arrowed(array $points, float $width, float $em, bool $large): string
    {
        $last = count($points) - 1;

        return $this->path($points, false, 'none', '', $width * $em, '', $em) .
            self::head($points[max(0, $last - 1)], $points[$last], ($large ? 0.9 : 0.6) * $em, $width * $em);
    }

    /**
     * Both strokes of an arrow's head at the end of a line.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private static function head(array $from, array $to, float $long, float $width): string
    {
        $angle = atan2($to[1] - $from[1], $to[0] - $from[0]);
        $end = static fn(float $turn): string => sprintf(
            '%s %s',
            self::number($to[0] - $long * cos($angle + $turn)),
            self::number($to[1] - $long * sin($angle + $turn)),
        );

        return sprintf(
            '<path d="M%sL%s %sL%s" fill="none" stroke="#000" stroke-width="%s"/>',
            $end(0.45),
            self::number($to[0]),
            self::number($to[1]),
            $end(-0.45),
            self::number($width),
        );
    }

    /** @param non-empty-list<array{float, float}> $points */
    private function path(
        array $points,
        bool $closed,
        string $fill,
        string $more,
        float $width,
        string $dashes,
        float $em,
    ): string {
        $d = self::points($points);
        $dash = implode(
            ' ',
            array_map(
                static fn(string $one): string => self::number((float) $one * $em),
                array_filter(explode(' ', $dashes), static fn(string $one): bool => '' !== $one),
            ),
        );

        return sprintf(
            '<path d="M%s%s" fill="%s" stroke="#000" stroke-width="%s"%s%s/>',
            $d,
            $closed ? 'Z' : '',
            $fill,
            self::number($width),
            '' === $dash ? '' : sprintf(' stroke-dasharray="%s"', $dash),
            '' === $more ? '' : ' ' . $more,
        );
    }

    /** @param non-empty-list<array{float, float}> $points */
    private static function points(array $points): string
    {
        return implode(
            'L',
            array_map(static fn(array $p): string => self::number($p[0]) . ' ' . self::number($p[1]), $points),
        );
    }

    private function fill(string $fill): string
    {
        if (!isset(self::HATCHES[$fill])) {
            return $fill;
        }
        $this->used[$fill] = true;

        return sprintf('url(#%s-%s)', $this->id, $fill);
    }

    private function hatches(float $em): string
    {
        $defs = '';
        foreach (array_intersect_key(self::HATCHES, $this->used) as $name => [$side, $d]) {
            $defs .= sprintf(
                '<pattern id="%s-%s" width="%3$s" height="%3$s" patternUnits="userSpaceOnUse">' .
                    '<rect width="%3$s" height="%3$s" fill="#fff"/>' .
                    '<path d="%4$s" transform="scale(%5$s)" fill="none" stroke="#666" stroke-width="0.07"/></pattern>',
                $this->id,
                $name,
                self::number($side * $em),
                $d,
                self::number($em),
            );
        }

        return '' === $defs ? '' : '<defs>' . $defs . '</defs>';
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
