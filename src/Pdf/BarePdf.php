<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use setasign\Fpdi\Tcpdf\Fpdi;
use Wubbin\Core\Lettering\Outline;
use Wubbin\Core\Measure\Colour;
use Wubbin\Refusal\Refusal;

/**
 * A page with nothing on it but what is drawn: no margins, header, footer or maker's link. The document is spooled as
 * it is put together, so that a large one is in memory only once, as its pictures.
 */
final class BarePdf extends Fpdi
{
    /** Smaller documents stay in memory, in bytes. */
    private const SPOOLED = 8388608;

    /** In bytes. */
    private int $spooled = 0;

    /** @var resource|null */
    private $spool;

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

    /** @throws Refusal where there is no room for it; nothing of it is left then */
    public function writeTo(string $path): void
    {
        $this->Close();
        $spool = $this->spool();
        rewind($spool);
        WholeFile::write($path, $spool);
    }

    /** @param string $data */
    protected function setBuffer($data): void
    {
        if (strlen($data) !== fwrite($this->spool(), $data)) {
            throw WholeFile::noRoom();
        }
        $this->spooled += strlen($data);
        $this->bufferlen = $this->spooled;
    }

    protected function getBuffer(): string
    {
        rewind($this->spool());

        return (string) stream_get_contents($this->spool());
    }

    /** @return resource */
    private function spool()
    {
        if (null === $this->spool) {
            $spool = fopen('php://temp/maxmemory:' . self::SPOOLED, 'w+');
            $this->spool = false === $spool ? throw WholeFile::noRoom() : $spool;
        }

        return $this->spool;
    }

    /** Fills areas, by the nonzero rule; lengths in mm on the page. */
    public function area(Outline $outline, Colour $colour): void
    {
        $this->setFillColorArray(sscanf($colour->toHex(), '#%2x%2x%2x') ?? [0, 0, 0]);
        $at = [0.0, 0.0];
        foreach ($outline->segments as [$does, $points]) {
            match ($does) {
                'M' => $this->_outPoint(...$points[0]),
                'L' => $this->_outLine(...$points[0]),
                // A quadratic curve as a cubic one: its control points lie two thirds of the way to the one it has.
                'Q' => $this->_outCurve(
                    $at[0] + (2.0 / 3.0) * ($points[0][0] - $at[0]),
                    $at[1] + (2.0 / 3.0) * ($points[0][1] - $at[1]),
                    $points[1][0] + (2.0 / 3.0) * ($points[0][0] - $points[1][0]),
                    $points[1][1] + (2.0 / 3.0) * ($points[0][1] - $points[1][1]),
                    ...$points[1],
                ),
                'C' => $this->_outCurve(...$points[0], ...$points[1], ...$points[2]),
                default => $this->_out('h'),
            };
            $at = [] === $points ? $at : $points[count($points) - 1];
        }
        $this->_out('f');
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
