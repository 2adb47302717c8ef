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
