<?php

declare(strict_types=1);

namespace Wubbin\Core\Artwork;

use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * How large a picture is wanted and where it sits. One side is given and the other follows, so that it keeps its shape;
 * where there is no picture to follow, as for what is drawn by hand, both are given.
 *
 * `rightMm` is the picture's middle to the right of the blank's centre-line, as the viewer sees it; `belowMm` its upper
 * edge below the edge that the blank is measured from.
 */
final readonly class Placement
{
    public const LEAST_MM = 5.0;
    public const MOST_MM = 2000.0;
    public const FARTHEST_MM = 1000.0;

    private function __construct(
        public SizedBy $by,
        public float $sideMm,
        public ?float $otherMm,
        public float $rightMm,
        public float $belowMm,
    ) {}

    /**
     * @param Length|null $other the side that is not given, where nothing tells it
     *
     * @throws UnreadableQuantity outside 5 to 2000 mm, or placed more than 1000 mm away
     */
    public static function fromMeasures(
        SizedBy $by,
        Length $side,
        Length $right,
        Length $below,
        ?Length $other = null,
    ): self {
        foreach (null === $other ? [$side] : [$side, $other] as $length) {
            if ($length->mm < self::LEAST_MM || $length->mm > self::MOST_MM) {
                throw UnreadableQuantity::outOfRange('A picture’s ' . $by->value, '5 mm (0.2 in)', '2000 mm (78 in)');
            }
        }
        foreach ([$right, $below] as $offset) {
            if (abs($offset->mm) > self::FARTHEST_MM) {
                throw UnreadableQuantity::outOfRange('The distance', '−1000 mm (−39 in)', '1000 mm (39 in)');
            }
        }

        return new self($by, $side->mm, $other?->mm, $right->mm, $below->mm);
    }

    public function sizeOf(?Picture $picture): Size
    {
        $aspect = $picture?->aspect();
        $other = match (true) {
            null === $aspect => $this->otherMm ?? $this->sideMm,
            SizedBy::Width === $this->by => $this->sideMm / $aspect,
            default => $this->sideMm * $aspect,
        };

        return SizedBy::Width === $this->by ? Size::mm($this->sideMm, $other) : Size::mm($other, $this->sideMm);
    }

    /** The picture on the blank, in the blank's own coordinates. */
    public function rectOf(?Picture $picture): Rect
    {
        $size = $this->sizeOf($picture);

        return Rect::at($this->rightMm - $size->widthMm / 2.0, $this->belowMm, $size);
    }

    /**
     * The same picture elsewhere.
     *
     * @throws UnreadableQuantity more than 1000 mm away
     */
    public function movedTo(?Length $right, ?Length $below): self
    {
        return self::fromMeasures(
            $this->by,
            Length::mm($this->sideMm),
            $right ?? Length::mm($this->rightMm),
            $below ?? Length::mm($this->belowMm),
            null === $this->otherMm ? null : Length::mm($this->otherMm),
        );
    }

    /** The same place for a picture that tells its other side itself. */
    public function ofItsOwnAspect(): self
    {
        return new self($this->by, $this->sideMm, null, $this->rightMm, $this->belowMm);
    }
}
