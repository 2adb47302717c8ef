<?php

declare(strict_types=1);

/*
 * Makes a PDF of twenty sheets, each full of a photograph of its own at 300 dpi, in a directory that is removed again.
 * Usage: php bench/twenty-sheets.php
 */

use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\BentPictures;
use Wubbin\Artwork\PrivateDetails;
use Wubbin\Artwork\RasterFile;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\SheetLayout;
use Wubbin\Pdf\BarePdf;
use Wubbin\Pdf\Pen;
use Wubbin\Storage\FileStore;

require dirname(__DIR__) . '/vendor/autoload.php';

$directory = sys_get_temp_dir() . '/wubbin-twenty-' . bin2hex(random_bytes(4));
mkdir($directory);
try {
    // What is measured is the PDF: twenty files of one grainy picture, each with another comment, are twenty pictures.
    $image = new Imagick();
    $image->newPseudoImage(1122, 1550, 'plasma:');
    $image->resizeImage(2244, 3100, Imagick::FILTER_TRIANGLE, 1.0);
    $image->addNoiseImage(Imagick::NOISE_GAUSSIAN);
    $image->setImageFormat('jpeg');
    $image->setImageCompressionQuality(90);
    $jpeg = $image->getImageBlob();
    $image->clear();
    $files = new FileStore($directory);
    $pen = new Pen($files, new BentPictures($files, new RasterFile()), new PrivateDetails($files));
    $pdf = new BarePdf('P', 'mm', [210.0, 297.0]);
    for ($n = 1; $n <= 20; ++$n) {
        $comment = 'picture ' . $n;
        file_put_contents(
            $directory . '/in.jpeg',
            substr($jpeg, 0, 2) . "\xff\xfe" . pack('n', strlen($comment) + 2) . $comment . substr($jpeg, 2),
        );
        $sha256 = $files->keep($directory . '/in.jpeg');
        $files->write($sha256, 'print.jpg', static fn(string $to): bool => copy($directory . '/in.jpeg', $to));
        $artwork = new Artwork(
            $sha256,
            [
                ...Picture::fromFile($sha256, 'p', PictureKind::Raster, 2244.0, 3100.0, false)->toRecord(),
                'visible' => ['x' => 0.0, 'y' => 0.0, 'width' => 1.0, 'height' => 1.0],
                'form' => 'print.jpg',
                'note' => null,
            ],
            new DateTimeImmutable(),
        );
        $pen->begin($pdf, Size::mm(210.0, 297.0), false);
        $pen->picture($pdf, Rect::mm(10.0, 8.0, 190.0, 262.47), $artwork, null, true);
        $pen->marks($pdf, SheetLayout::strip(Rect::mm(5.0, 5.0, 200.0, 287.0), false, 'sheet ' . $n));
        $pen->end($pdf);
    }
    $pdf->writeTo($directory . '/sheets.pdf');
    printf("%.1f MB\n", (int) filesize($directory . '/sheets.pdf') / 1e6);
} finally {
    (new Filesystem())->remove($directory);
}
