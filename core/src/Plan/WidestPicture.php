<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Blank\Bend;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Sheet\SheetLayout;

/** How wide a picture can be on a sheet, with its trim line, its tab and the strip of marks. */
final readonly class WidestPicture
{
    /** @param Length $tab that tape is laid across; none where nothing is hinged */
    public function __construct(
        private Size $picture,
        private ?Bend $bend,
        private Length $trim,
        private Length $tab,
        private float $marginMm,
    ) {}

    /** In mm. */
    public function on(Medium $medium): float
    {
        $widest = SheetLayout::widest(
            $this->picture->widthMm / $this->picture->heightMm,
            $medium->paper->size(),
            $this->marginMm,
            $this->trim,
            $this->tab,
        );

        return null === $this->bend ? $widest : $this->bent($this->bend, $widest, $medium);
    }

    /** Bent, a picture takes up more of a sheet than straight: narrower by a hundredth, until that fits. */
    private function bent(Bend $as, float $widest, Medium $medium): float
    {
        for ($width = $widest; $width >= Placement::LEAST_MM; $width *= 0.99) {
            $size = Size::mm($width, ($width * $this->picture->heightMm) / $this->picture->widthMm);
            $bend = Bend::forSize($size, ($as->angle * $width) / $this->picture->widthMm);
            $sheet = SheetLayout::fit(
                $bend->box,
                $medium->paper->size(),
                $this->marginMm,
                $this->trim,
                false,
                '',
                outline: (new TrimLine(
                    Rect::at(0.0, 0.0, $size),
                    $bend,
                    null,
                    $this->trim->mm,
                    $this->tab->mm > 0.0 ? $this->tab->mm : null,
                ))->lines(),
            );
            if (null !== $sheet) {
                return $width;
            }
        }

        return 0.0;
    }
}
