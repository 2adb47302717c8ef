<?php

declare(strict_types=1);

namespace Wubbin\Sheet\Printing;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Core\Sheet\PrinterOffer;
use Wubbin\Core\Sheet\PrintFault;
use Wubbin\Core\Sheet\Printout;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Task\OutsideProgram;
use Wubbin\Task\Progress;

/**
 * Prints on nothing: shows both sides of every sheet as it would come out. Dull where the ink is, smeared where it
 * would smear, blank where the other side met the head, torn where it would jam.
 */
final readonly class SimulatedPrinter implements PrintDevice
{
    public const ID = 'simulated';

    private const DPI = 60;
    private const SECONDS = 20;

    /** Pictures of sheets are kept so long, in seconds. */
    private const KEPT = 86400;

    /** Wet ink is dragged this far the way the sheet goes, in pixels, and so much of it. */
    private const SMEAR_PX = 24;
    private const SMEARED = 0.65;

    public function __construct(private string $dataDirectory, private ClockInterface $clock) {}

    public function id(): string
    {
        return self::ID;
    }

    public function label(): string
    {
        return 'Simulated printer';
    }

    public function isReal(): bool
    {
        return false;
    }

    public function offer(): ?PrinterOffer
    {
        return null;
    }

    public function print(PrintOrder $order, Progress $progress): array
    {
        $this->forgetOld();
        $files = new Filesystem();
        $run = bin2hex(random_bytes(8));
        $files->mkdir($this->directory($run), 0o700);
        $printed = [];
        try {
            foreach ($order->pages as $n => $page) {
                $progress->at($n / count($order->pages), sprintf('Page %d of %d', $n + 1, count($order->pages)));
                $this->page($order, $page, $this->directory($run));
                $face = static fn(string $side): string => sprintf('/api/prints/%s/%d-%s.png', $run, $page, $side);
                $printed[] = new PrintedPage(
                    $page,
                    $order->labels[$page] ?? '',
                    new FacesView(print: $face('print'), back: $face('back')),
                );
            }
        } catch (\Throwable $e) {
            $files->remove($this->directory($run));
            throw $e;
        }

        return $printed;
    }

    /** @throws Refusal when it is not there, or no longer */
    public function face(string $run, string $name): string
    {
        $path = $this->directory($run) . '/' . $name;

        return is_file($path) ? $path : throw new NotFound('This print is no longer there. Print it again.');
    }

    private function page(PrintOrder $order, int $page, string $directory): void
    {
        $rendered = $directory . '/page';
        OutsideProgram::run(
            [
                'pdftoppm',
                '-r',
                (string) self::DPI,
                '-f',
                (string) $page,
                '-l',
                (string) $page,
                '-singlefile',
                '-png',
                $order->pdf,
                $rendered,
            ],
            self::SECONDS,
        );
        $image = new \Imagick('png:' . $rendered . '.png');
        unlink($rendered . '.png');
        $image->setImageBackgroundColor('white');
        $image->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $blank = new \Imagick();
        $blank->newImage($image->getImageWidth(), $image->getImageHeight(), '#ffffff', 'png');
        $this->wear($image, $order->printout);
        foreach ([$image, $blank] as $face) {
            if (0 !== $order->turned) {
                $face->rotateImage('#ffffff', 90.0 * $order->turned);
            }
        }
        if (!$order->printout->comesOut()) {
            // What jams or is refused leaves no print on either side.
            $image = clone $blank;
        }
        [$front, $back] = $order->printout->onPrintSide ? [$image, $blank] : [$blank, $image];
        if ($order->pencil) {
            self::pencil($order->pencilPrinted ? $image : $blank);
        } else {
            self::markBack($back);
        }
        $front->writeImage('png:' . $directory . '/' . $page . '-print.png');
        $back->writeImage('png:' . $directory . '/' . $page . '-back.png');
    }

    private function wear(\Imagick $image, Printout $printout): void
    {
        if ($printout->turned) {
            $image->flopImage();
        }
        if ($printout->dull > 0.0) {
            // Half way to grey, and lighter: the dye has not opened yet.
            $image->modulateImage(100.0, 100.0 * (1.0 - $printout->dull), 100.0);
            $image->evaluateImage(\Imagick::EVALUATE_MULTIPLY, 1.0 - 0.4 * $printout->dull);
            $image->evaluateImage(\Imagick::EVALUATE_ADD, 0.4 * $printout->dull * \Imagick::getQuantum());
        }
        if ($printout->has(PrintFault::Smeared)) {
            [$wide, $high] = [$image->getImageWidth(), $image->getImageHeight()];
            $smear = clone $image;
            $smear->resizeImage($wide, max(1, intdiv($high, self::SMEAR_PX)), \Imagick::FILTER_BOX, 1.0);
            $smear->resizeImage($wide, $high, \Imagick::FILTER_TRIANGLE, 1.0);
            $smear->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
            $smear->evaluateImage(\Imagick::EVALUATE_MULTIPLY, self::SMEARED, \Imagick::CHANNEL_ALPHA);
            $image->compositeImage($smear, \Imagick::COMPOSITE_OVER, 0, 0);
        }
    }

    /** The arrow that the person drew, pointing to the edge that goes in first. */
    private static function pencil(\Imagick $image): void
    {
        [$w, $h] = [$image->getImageWidth(), $image->getImageHeight()];
        $draw = new \ImagickDraw();
        $draw->setStrokeColor('#8a8a8a');
        $draw->setStrokeWidth(3.0);
        $draw->setFillOpacity(0.0);
        $draw->line($w * 0.5, $h * 0.75, $w * 0.5, $h * 0.45);
        $draw->polyline([
            ['x' => $w * 0.46, 'y' => $h * 0.5],
            ['x' => $w * 0.5, 'y' => $h * 0.45],
            ['x' => $w * 0.54, 'y' => $h * 0.5],
        ]);
        $image->drawImage($draw);
    }

    /** Dots, as backs of transfer papers are marked. */
    private static function markBack(\Imagick $image): void
    {
        $draw = new \ImagickDraw();
        $draw->setFillColor('#c8d0d4');
        for ($y = 12; $y < $image->getImageHeight(); $y += 24) {
            for ($x = 12; $x < $image->getImageWidth(); $x += 24) {
                $draw->circle($x, $y, $x + 1.2, $y);
            }
        }
        $image->drawImage($draw);
    }

    private function directory(string $run): string
    {
        return $this->dataDirectory . '/prints/' . $run;
    }

    private function forgetOld(): void
    {
        foreach ((array) glob($this->dataDirectory . '/prints/*', \GLOB_ONLYDIR) as $old) {
            if (is_string($old) && filemtime($old) < $this->clock->now()->getTimestamp() - self::KEPT) {
                (new Filesystem())->remove($old);
            }
        }
    }
}
