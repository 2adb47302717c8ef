<?php

declare(strict_types=1);

namespace Wubbin\Artwork;

use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Measure\Size;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** The line to cut a picture out along, at the margin and the size that are wanted. */
final readonly class CutLines
{
    public function __construct(private ArtworkStore $store) {}

    /**
     * @param float $widthMm of the picture as it is printed
     * @param float $marginMm left round it
     */
    public function of(Artwork $artwork, float $widthMm, float $marginMm, bool $easier): CutLine
    {
        $picture = $this->store->outlined($artwork);

        return $picture->cutLine(Size::mm($widthMm, $widthMm / $picture->aspect()), $marginMm, $easier);
    }

    /**
     * A drawing of it at true size, for whoever cuts by machine.
     *
     * @throws Refusal when there is no line
     */
    public function svg(CutLine $line, string $name): string
    {
        $points = array_merge([], ...$line->loops);
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        if ([] === $xs || [] === $ys) {
            throw InvalidInput::field('margin', 'There is nothing to cut round in this picture.');
        }
        [$left, $top] = [min($xs), min($ys)];
        [$width, $height] = [max($xs) - $left, max($ys) - $top];
        $path = '';
        foreach ($line->loops as $loop) {
            foreach ($loop as $i => [$x, $y]) {
                $path .= sprintf('%s%.3F %.3F', 0 === $i ? 'M' : 'L', $x, $y);
            }
            $path .= 'Z';
        }

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>' .
                "\n" .
                '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="%3$.3F ' .
                '%4$.3F %1$.3F %2$.3F"><title>%5$s</title><path d="%6$s" fill="none" stroke="#000000" ' .
                'stroke-width="0.1"/></svg>' .
                "\n",
            $width,
            $height,
            $left,
            $top,
            htmlspecialchars($name, \ENT_XML1),
            $path,
        );
    }
}
