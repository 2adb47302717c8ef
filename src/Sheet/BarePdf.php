<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use setasign\Fpdi\Tcpdf\Fpdi;

/** A page with nothing on it but what is drawn: no margins, header, footer or maker's link. */
final class BarePdf extends Fpdi
{
    /** @param array{float, float} $format page width and height in the unit */
    public function __construct(string $orientation, string $unit, array $format)
    {
        parent::__construct($orientation, $unit, $format);
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->setMargins(0.0, 0.0, 0.0);
        $this->setAutoPageBreak(false);
        $this->setCellPaddings(0.0, 0.0, 0.0, 0.0);
        // True size is asked of the viewer too, for those that print from it.
        $this->setViewerPreferences(['PrintScaling' => 'None']);
    }

    /**
     * Turns what is drawn after it by quarters with the clock, so that what began at this corner still does.
     *
     * @param float $wide of it once it is turned; so `$high`
     */
    public function quarterTurn(float $x, float $y, int $quarters, float $wide, float $high): void
    {
        [$right, $down] = [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]][$quarters % 4];
        $this->move($right, $down);
        $this->Rotate(-90.0 * $quarters, $x, $y);
    }

    /** Moves what is drawn after it, in the unit. */
    public function move(float $right, float $down): void
    {
        $points = (float) $this->getScaleFactor();
        $this->Transform([1.0, 0.0, 0.0, 1.0, $right * $points, -$down * $points]);
    }
}
