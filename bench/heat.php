<?php

declare(strict_types=1);

/*
 * Heat conduction, press windows and their spread.
 */

use Wubbin\Bench\Bench;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Heat\Conduction;
use Wubbin\Core\Heat\Draw;
use Wubbin\Core\Heat\Grid;
use Wubbin\Core\Heat\PressWindow;
use Wubbin\Core\Heat\Slab;
use Wubbin\Core\Heat\Spread;
use Wubbin\Core\Heat\Substance;
use Wubbin\Core\Heat\Surrounding;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\CatalogueReader;

require dirname(__DIR__) . '/vendor/autoload.php';

$project = dirname(__DIR__);
$catalogue = CatalogueReader::builtIn();
$planner = new Planner($catalogue);
$shelf = Shelf::everything($catalogue);
$job = JobFile::read(
    Record::of(
        json_decode(
            (string) file_get_contents($project . '/demo/jobs/picking-crew.json'),
            true,
            64,
            \JSON_THROW_ON_ERROR,
        ),
    ),
);

// Heat: 180 s under an iron through seven layers, a plain window, and one with 64 draws.
$wood = new Substance(0.15, 640.0, 2805.0);
$paper = new Substance(0.18, 930.0, 1340.0);
$cloth = new Substance(0.08, 450.0, 1300.0);
$seven = static fn(int $cells): Grid => new Grid([
    new Slab('cover', $paper, 1.0e-4, 500.0, cells: $cells),
    new Slab('film', $paper, 2.0e-4, 500.0, cells: $cells),
    new Slab('front', $cloth, 6.0e-4, 500.0, cells: $cells),
    new Slab('card', $paper, 5.0e-4, 500.0, cells: $cells),
    new Slab('back', $cloth, 6.0e-4, 500.0, cells: $cells),
    new Slab('cotton', $cloth, 5.0e-4, 500.0, cells: $cells),
    new Slab('board', $wood, 0.018, cells: $cells),
]);
$press = static function (int $cells) use ($seven): Conduction {
    $heat = new Conduction(
        $seven($cells),
        Surrounding::plate(200.0, 500.0, 20000.0, 80000.0, 200.0, 10.0),
        Surrounding::steady(20.0, 10.0),
    );
    $heat->until(180.0);

    return $heat;
};
$times = Bench::times(static fn(): int => $press(0)->accepted, 20);
Bench::time('heat.layers', '180 s of heat through seven layers, 95th percentile', Bench::quantile($times, 0.95), 100.0);
$pictures = [];
foreach ($job->transfers as $transfer) {
    $sha256 = (string) $transfer->artwork;
    $pictures[$sha256] = Picture::fromFile($sha256, 'p', PictureKind::Vector, 400.0, 300.0, true);
}
$case = $planner->plan($job, $shelf, $pictures)->transfers[0]->heatCase ?? throw new LogicException('It is heated.');
$times = Bench::times(
    static fn(): ?float => PressWindow::forCase($case, $catalogue->heat->parameters, Draw::middles())->earliestS,
    20,
);
Bench::time('heat.window', 'A press window, 95th percentile', Bench::quantile($times, 0.95), 400.0);
$times = Bench::times(
    static fn(): int => Spread::forCase($case, $catalogue->heat->parameters, 64, static fn(int $done): bool => true)
        ->inside,
    3,
    0,
);
Bench::time('heat.uncertainty', '  with 64 draws of its uncertainty, median', Bench::quantile($times, 0.5), 7000.0);
$each = [];
foreach ([8, 16, 32, 64] as $cells) {
    $times = Bench::times(static fn(): int => $press($cells)->accepted, 5, 1);
    $each[] = (1000.0 * Bench::quantile($times, 0.5)) / (7 * $cells * $press($cells)->accepted);
}
Bench::row(
    '  cost of a cell and step, 56 cells to 448',
    implode(', ', array_map(static fn(float $us): string => sprintf('%.1f', $us), $each)) . ' µs',
    'no more at the end',
    $each[3] <= 1.25 * $each[0],
);
