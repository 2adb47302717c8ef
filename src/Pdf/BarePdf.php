<?php

declare(strict_types=1);

namespace Wubbin\Pdf;

use setasign\Fpdi\Tcpdf\Fpdi;
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
