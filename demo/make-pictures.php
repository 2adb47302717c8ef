<?php

declare(strict_types=1);

/*
 * Draws the demo's picture made of pixels: a wheel of apple slices, transparent round it, too small for a whole chest.
 * Run once; its output is kept beside it.
 */
$size = 640;
$image = new Imagick();
$image->newImage($size, $size, new ImagickPixel('transparent'), 'png');
$draw = new ImagickDraw();
$draw->setStrokeAntialias(true);
for ($i = 0; $i < 8; ++$i) {
    $angle = (M_PI * $i) / 4.0;
    $x = $size / 2 + 200 * cos($angle);
    $y = $size / 2 + 200 * sin($angle);
    $draw->setStrokeColor('#7c1d14');
    $draw->setStrokeWidth(8);
    $draw->setFillColor(0 === $i % 2 ? '#c8321f' : '#d9a441');
    $draw->circle($x, $y, $x + 84, $y);
    $draw->setStrokeColor('#3a2411');
    $draw->setStrokeWidth(7);
    $draw->line($x, $y - 70, $x + 10, $y - 104);
}
$draw->setFillColor('#1f4d2b');
$draw->setStrokeColor('#1f4d2b');
$draw->circle($size / 2, $size / 2, $size / 2 + 60, $size / 2);
$image->drawImage($draw);
$image->writeImage('png32:' . __DIR__ . '/artwork/apple-wheel.png');

/*
 * The photograph of a drawing on paper: an apple in black pen, seen from the side on a brown table, darker below.
 */
$paper = new Imagick();
$paper->newImage(900, 700, new ImagickPixel('#f4f1e8'), 'png');
$pen = new ImagickDraw();
$pen->setFillColor('none');
$pen->setStrokeColor('#26262a');
$pen->setStrokeWidth(14);
$pen->setStrokeLineCap(Imagick::LINECAP_ROUND);
$pen->pathStart();
$pen->pathMoveToAbsolute(450, 190);
$pen->pathCurveToAbsolute(300, 90, 130, 230, 200, 410);
$pen->pathCurveToAbsolute(250, 560, 370, 630, 450, 570);
$pen->pathCurveToAbsolute(530, 630, 650, 560, 700, 410);
$pen->pathCurveToAbsolute(770, 230, 600, 90, 450, 190);
$pen->pathFinish();
$pen->pathStart();
$pen->pathMoveToAbsolute(450, 190);
$pen->pathCurveToAbsolute(450, 130, 470, 90, 510, 60);
$pen->pathFinish();
$pen->pathStart();
$pen->pathMoveToAbsolute(500, 120);
$pen->pathCurveToAbsolute(560, 50, 660, 60, 700, 110);
$pen->pathCurveToAbsolute(640, 160, 560, 160, 500, 120);
$pen->pathFinish();
$paper->drawImage($pen);
$photo = new Imagick();
$photo->newImage(1600, 1200, new ImagickPixel('#8a6543'), 'png');
$paper->setImageVirtualPixelMethod(Imagick::VIRTUALPIXELMETHOD_TRANSPARENT);
$paper->setImageArtifact('distort:viewport', '1600x1200+0+0');
$paper->distortImage(
    Imagick::DISTORTION_PERSPECTIVE,
    [0, 0, 236, 126.7, 900, 0, 1364, 204, 900, 700, 1486, 1104, 0, 700, 108, 1040],
    false,
);
$photo->compositeImage($paper, Imagick::COMPOSITE_OVER, 0, 0);
$shade = new Imagick();
$shade->newPseudoImage(1600, 1200, 'gradient:#ffffff-#b9b3ad');
$photo->compositeImage($shade, Imagick::COMPOSITE_MULTIPLY, 0, 0);
$photo->setImageFormat('jpeg');
$photo->setImageCompressionQuality(88);
$photo->writeImage('jpeg:' . __DIR__ . '/artwork/drawn-apple.jpg');
