<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Wubbin\Core\Sheet\Printout;

/** Pages of one file that are printed in one go, and what comes of the way they are laid in. */
final readonly class PrintOrder
{
    /**
     * @param string $pdf path of the file
     * @param string $title of the work
     * @param non-empty-list<int> $pages by their numbers, from 1
     * @param array<int, string> $labels by page
     * @param Printout $printout that a device which can look at the sheets shows
     * @param int<0, 3> $turned quarters that a page is shown turned by, with the edge that went in
     *                          first above
     * @param bool $pencil the side that looked up in the tray has a pencil arrow
     * @param bool $pencilPrinted and it is the printed one
     * @param PrintSetting $setting what the printer is told of the paper
     * @param float $widthMm of the paper, upright; nothing leaves it to the printer
     */
    public function __construct(
        public string $pdf,
        public string $title,
        public array $pages,
        public array $labels,
        public Printout $printout,
        public int $turned = 0,
        public bool $pencil = false,
        public bool $pencilPrinted = false,
        public PrintSetting $setting = new PrintSetting(null),
        public float $widthMm = 0.0,
        public float $heightMm = 0.0,
    ) {}
}
