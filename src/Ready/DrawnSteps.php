<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Artwork\SvgReader;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Ready\Band;
use Wubbin\Core\Ready\Crop;
use Wubbin\Core\Ready\Framed;
use Wubbin\Core\Ready\Repeated;
use Wubbin\Core\Ready\Turn;
use Wubbin\Core\Ready\Words;
use Wubbin\Lettering\Typefaces;

/** What is drawn: lines and letters beside a picture, and a drawing turned, cut or repeated. */
final readonly class DrawnSteps
{
    public function __construct(private Typefaces $typefaces) {}

    public function words(Words $step, Canvas $canvas): Canvas
    {
        $room = $step->roomIn($canvas->box);
        $lettering = $step->fitted($this->typefaces->fitter($step->style->face));

        return $canvas->with(
            [
                null === $lettering
                    ? sprintf('<rect class="%s" %s fill="none"/>', SvgReader::ROOM, Canvas::rect($room))
                    : self::letters($lettering, $room, $step->style->colour->toHex()),
            ],
            $step->box($canvas->box),
        );
    }

    public static function letters(Lettering $lettering, Rect $room, string $colour): string
    {
        return sprintf(
            '<path fill="%s" d="%s"/>',
            $colour,
            $lettering->outline->movedBy($room->xMm, $room->yMm)->path(),
        );
    }

    public static function framed(Framed $step, Canvas $canvas): Canvas
    {
        return $canvas->with(
            [
                sprintf(
                    '<rect %s fill="none" stroke="%s" stroke-width="%s"/>',
                    Canvas::rect($canvas->box->grown($step->gapMm + $step->lineMm / 2.0)),
                    $step->colour->toHex(),
                    $step->lineMm,
                ),
            ],
            $step->box($canvas->box),
        );
    }

    public static function banded(Band $step, Canvas $canvas): Canvas
    {
        return $canvas->with(
            array_map(
                static fn(Rect $line): string => self::filled($line, $step->colour->toHex()),
                $step->lines($canvas->box),
            ),
            $step->box($canvas->box),
        );
    }

    public static function filled(Rect $rect, string $colour): string
    {
        return sprintf('<rect %s fill="%s"/>', Canvas::rect($rect), $colour);
    }

    public static function cropped(Crop $step, Canvas $canvas): Canvas
    {
        $box = $step->box($canvas->box);
        if (null !== $canvas->pixels) {
            $pixels = clone $canvas->pixels;
            [$wide, $high] = [$pixels->getImageWidth(), $pixels->getImageHeight()];
            $pixels->cropImage(
                max(1, (int) round($step->width * $wide)),
                max(1, (int) round($step->height * $high)),
                (int) round($step->x * $wide),
                (int) round($step->y * $high),
            );
            $pixels->setImagePage(0, 0, 0, 0);

            return Canvas::ofPixels($pixels, $box);
        }

        return Canvas::ofParts(
            [
                sprintf(
                    '<svg %s viewBox="%s">%s</svg>',
                    Canvas::rect($box),
                    Canvas::numbers([$box->xMm, $box->yMm, $box->size->widthMm, $box->size->heightMm]),
                    implode('', $canvas->parts),
                ),
            ],
            $box,
            $canvas->fine,
        );
    }

    public static function turned(Turn $step, Canvas $canvas): Canvas
    {
        $box = $step->box($canvas->box);
        if (null !== $canvas->pixels) {
            $pixels = clone $canvas->pixels;
            if (!$step->isQuarter()) {
                $pixels->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
            }
            $pixels->rotateImage('none', $step->degrees);
            $pixels->setImagePage(0, 0, 0, 0);

            return Canvas::ofPixels($pixels, $box);
        }
        $middle = [
            $canvas->box->xMm + $canvas->box->size->widthMm / 2.0,
            $canvas->box->yMm + $canvas->box->size->heightMm / 2.0,
        ];

        return Canvas::ofParts(
            [
                sprintf(
                    '<g transform="rotate(%s)">%s</g>',
                    Canvas::numbers([$step->degrees, ...$middle]),
                    implode('', $canvas->parts),
                ),
            ],
            $box,
            $canvas->fine,
        );
    }

    public static function repeated(Repeated $step, Canvas $canvas): Canvas
    {
        $box = $step->box($canvas->box);
        $tile = implode('', $canvas->drawn()->parts);
        $id = 'tile-' . substr(hash('sha256', $tile), 0, 8);
        $uses = array_map(
            static fn(array $shift): string => sprintf(
                '<use xlink:href="#%s" transform="translate(%s)"/>',
                $id,
                Canvas::numbers([$box->xMm - $canvas->box->xMm + $shift[0], $box->yMm - $canvas->box->yMm + $shift[1]]),
            ),
            $step->shifts(),
        );

        return Canvas::ofParts([sprintf('<defs><g id="%s">%s</g></defs>', $id, $tile), ...$uses], $box, $canvas->fine);
    }
}
