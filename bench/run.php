<?php

declare(strict_types=1);

/*
 * A plan in the core and over HTTP, the advisor, a sheet, the page's first script.
 * Usage: php bench/run.php ADDRESS-OF-A-DEMO-SHOP
 */

use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Artwork\Artwork;
use Wubbin\Artwork\BentPictures;
use Wubbin\Artwork\PixelCoverage;
use Wubbin\Artwork\RasterFile;
use Wubbin\Bench\Bench;
use Wubbin\Core\Advice\Advisor;
use Wubbin\Core\Advice\Wish;
use Wubbin\Core\Artwork\Background;
use Wubbin\Core\Artwork\Bitmap;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\CutOut\CutOut;
use Wubbin\Core\Artwork\CutOut\Stroke;
use Wubbin\Core\Artwork\CutOut\Superpixels;
use Wubbin\Core\Artwork\LabPlanes;
use Wubbin\Core\Artwork\Mask;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Artwork\Placement;
use Wubbin\Core\Artwork\SizedBy;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Blank\Taper;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Job\Transfer;
use Wubbin\Core\Measure\Length;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Route\CatalogueReader;
use Wubbin\Core\Route\HeatSource;
use Wubbin\Core\Route\UseWanted;
use Wubbin\Core\Work\Places;
use Wubbin\Core\Work\Work;
use Wubbin\Storage\FileStore;

require dirname(__DIR__) . '/vendor/autoload.php';

$address = $argv[1] ?? throw new RuntimeException('Say where a demo shop is served.');
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
// A photograph: every pixel another colour, and its traits looked at once, as at its upload.
$photo = new Imagick();
$photo->newPseudoImage(512, 405, 'plasma:');
$photo->setImageAlphaChannel(Imagick::ALPHACHANNEL_OPAQUE);
$photo->setImageDepth(8);
$photo->setImageFormat('rgba');
$bitmap = Bitmap::fromRgba(512, 405, $photo->getImageBlob());
$picture = Picture::fromFile(
    (string) $job->transfers[0]->artwork,
    'branch.png',
    PictureKind::Raster,
    2400.0,
    1900.0,
    true,
    Traits::of($bitmap),
);
// As a request has them: read from what is stored.
$stored = Record::of($picture->toRecord());
$fresh = static fn(Job $of): array => array_fill_keys(
    array_map(static fn(Transfer $one): string => (string) $one->artwork, $of->transfers),
    Picture::fromRecord($stored),
);
$times = Bench::times(
    static fn(): string => json_encode($planner->plan($job, $shelf, $fresh($job)), \JSON_THROW_ON_ERROR),
    400,
);
$p95 = Bench::quantile($times, 0.95);
Bench::time('plan.core', 'Plan in the core, written as JSON, 95th percentile', $p95, 20.0);

// Every route's plan on a blank of the demo, and the advisor over a shelf of 300 entries.
$jobs = array_map(
    static fn(string|false $file): Job => JobFile::read(
        Record::of(json_decode((string) file_get_contents((string) $file), true, 64, \JSON_THROW_ON_ERROR)),
    ),
    (array) glob($project . '/demo/jobs/*.json'),
);
$orchard = Shelf::fromRecord(
    Record::of(json_decode((string) file_get_contents($project . '/demo/shelf.json'), true, 64, \JSON_THROW_ON_ERROR)),
    $catalogue,
);
$worst = 0.0;
foreach ($jobs as $one) {
    $times = Bench::times(
        static fn(): string => json_encode($planner->plan($one, $orchard, $fresh($one)), \JSON_THROW_ON_ERROR),
        100,
    );
    $worst = max($worst, Bench::quantile($times, 0.95));
}
Bench::time('plan.slowest', 'The slowest plan of the demo’s routes, 95th percentile', $worst, 20.0);
$full = $shelf;
for ($i = 0; $i < 300 - count($shelf->heat); ++$i) {
    $full = $full->with(
        heat: HeatSource::fromRecord(
            Record::of([
                'id' => 'iron-' . $i,
                'label' => 'iron ' . $i,
                'kind' => 'iron',
                'plate_width_mm' => 80 + ($i % 60),
                'plate_length_mm' => 180,
                'dots' => 1 + ($i % 3),
                'steam' => false,
            ]),
            Provenance::person(),
        ),
    );
}
$advisor = new Advisor($catalogue, $planner);
$times = Bench::times(
    static fn(): array => $advisor->advise(
        $job,
        $job->transfers[0],
        $full,
        $picture,
        new House(),
        new Wish(UseWanted::Washed),
    ),
    100,
);
$p95 = Bench::quantile($times, 0.95);
Bench::time('advice', 'The advisor over 12 routes and a shelf of 300, 95th percentile', $p95, 50.0);

// The work of a job far larger than any session: what is alike is counted, not unrolled.
[$mugs] = array_values(array_filter($jobs, static fn(Job $one): bool => 'shed-mugs' === $one->id));
$many = JobFile::read(Record::of(['quantity' => 10_000] + JobFile::write($mugs)));
$times = Bench::times(
    static fn(): int => Work::forPieces($planner->plan($many, $orchard, $fresh($many)), 10_000, new Places())->handsS(),
    30,
);
$median = Bench::quantile($times, 0.5);
Bench::time('work.large', 'Work of a job of 10 000 pieces, planning included, median', $median, 50.0);

$times = Bench::times(static function () use ($address): void {
    if (false === @file_get_contents($address . '/api/jobs/picking-crew')) {
        throw new RuntimeException('The demo shop does not answer.');
    }
}, 200);
$p95 = Bench::quantile($times, 0.95);
Bench::time('plan.http', 'Job with its plan over HTTP, 95th percentile', $p95, 40.0);

// Pictures that fill an A4 sheet at 300 dpi: grainy, since plain areas would pack too well.
$directory = sys_get_temp_dir() . '/wubbin-bench-' . bin2hex(random_bytes(4));
mkdir($directory);
$image = new Imagick();
$image->newPseudoImage(2244, 3100, 'plasma:');
$image->addNoiseImage(Imagick::NOISE_GAUSSIAN);
foreach (['jpeg', 'png24'] as $format) {
    $image->setImageFormat($format);
    $image->writeImage($format . ':' . $directory . '/full.' . $format);
    $file = [...JobFile::write($job), 'breakdown' => []];
    $file['transfers'] = [
        [
            ...$file['transfers'][0],
            'artwork' => ['name' => 'full', 'sha256' => str_repeat('0', 64), 'file' => 'full.' . $format],
            'placement' => ['by' => 'width', 'side_mm' => 190, 'right_mm' => 0, 'below_mm' => 70],
        ],
    ];
    file_put_contents($directory . '/job.json', json_encode($file, \JSON_THROW_ON_ERROR));
    [$seconds, $megabytes] = Bench::process(
        [\PHP_BINARY, $project . '/bin/wubbin', 'sheet', $directory . '/job.json', '--out', $directory . '/sheet.pdf'],
        5,
    );
    $name = strtoupper(rtrim($format, '24'));
    Bench::time(
        'sheet ' . $name,
        'A4 sheet at 300 dpi from a ' . $name . ', reading included, median',
        1000.0 * $seconds,
        2000.0,
    );
    Bench::row('  largest process of it', sprintf('%.0f MB', $megabytes), '256 MB', $megabytes <= 256.0);
}
$times = Bench::times(static fn(): Background => Background::fromBitmap($bitmap), 5);
Bench::time(
    'picture.background',
    'Background removal at working resolution, median',
    Bench::quantile($times, 0.5),
    1000.0,
);
// A drawing of forty leaves on clear ground, and a photograph of 24 million pixels cut out of its background.
$drawn = new Imagick();
$drawn->newImage(1800, 1400, 'none');
$leaf = new ImagickDraw();
$leaf->setFillColor('#1f4d2b');
for ($i = 0; $i < 40; ++$i) {
    $leaf->ellipse(200 + (($i * 331) % 1400), 200 + (($i * 173) % 1000), 60 + $i, 140 - 2 * $i, 0, 360);
}
$drawn->drawImage($leaf);
$cutOut = new Imagick();
$cutOut->newImage(6000, 4000, 'none');
$leaf = new ImagickDraw();
$leaf->ellipse(3000, 2000, 2800, 1900, 0, 360);
$cutOut->drawImage($leaf);
foreach (
    [
        ['drawing', $drawn, Size::mm(200.0, 155.6), 0.3],
        ['photograph of 24 million pixels', $cutOut, Size::mm(280.0, 186.7), 1.5],
    ]
    as [$what, $image, $size, $most]
) {
    $began = hrtime(true);
    PixelCoverage::write($image, $directory . '/coverage');
    $read = (hrtime(true) - $began) / 1e9;
    $coverage = new PixelCoverage($directory . '/coverage');
    $times = Bench::times(static fn(): CutLine => CutLine::around($coverage, $size, 3.0), 9);
    $seconds = Bench::quantile($times, 0.5) / 1000.0 + ($most > 1.0 ? $read : 0.0);
    Bench::time('picture.cut-line ' . $what, 'Cut line of a ' . $what . ', median', 1000.0 * $seconds, 1000.0 * $most);
}
$strokes = Stroke::parse('keep 0.02 0.4 0.5 0.6 0.5');
$times = Bench::times(
    static fn(): Mask => CutOut::of(Superpixels::of(LabPlanes::of($bitmap), 512, 405, 2000), $strokes),
    3,
);
Bench::time(
    'picture.cut-out',
    'A thing cut out of a photograph by a stroke, median',
    Bench::quantile($times, 0.5),
    2000.0,
);
$large = new Imagick();
$large->newPseudoImage(1500, 1000, 'plasma:');
$large->resizeImage(6000, 4000, Imagick::FILTER_TRIANGLE, 1.0);
$large->setImageFormat('jpeg');
$large->writeImage('jpeg:' . $directory . '/large.jpeg');
file_put_contents(
    $directory . '/job.json',
    str_replace('full.png24', 'large.jpeg', (string) file_get_contents($directory . '/job.json')),
);
[$seconds, $megabytes] = Bench::process([\PHP_BINARY, $project . '/bin/wubbin', 'plan', $directory . '/job.json'], 5);
Bench::time(
    'upload.large',
    'A JPEG of 24 million pixels read, examined and planned, median',
    1000.0 * $seconds,
    4000.0,
);
Bench::row('  largest process of it', sprintf('%.0f MB', $megabytes), '512 MB', $megabytes <= 512.0);
// The same again at another size: what its pixels told is kept, and only what follows from the size is worked out.
$sized = 0;
$times = Bench::times(static function () use ($planner, $job, $shelf, $fresh, &$sized): string {
    $placement = Placement::fromMeasures(
        SizedBy::Width,
        Length::mm(100.0 + 0.5 * (++$sized % 200)),
        Length::mm(0.0),
        Length::mm(70.0),
    );
    $changed = new Job(
        $job->id,
        $job->name,
        $job->quantity,
        $job->due,
        $job->blank,
        [$job->transfers[0]->with(placement: $placement)],
        $job->note,
        [],
    );

    return json_encode($planner->plan($changed, $shelf, $fresh($changed)), \JSON_THROW_ON_ERROR);
}, 200);
Bench::time(
    'picture.sized',
    'Examined again after a change of size, 95th percentile',
    Bench::quantile($times, 0.95),
    100.0,
);

// A wrap round a tapered mug, bent at 300 dpi; a new one each time, since each is made only once.
$files = new FileStore($directory);
$sha256 = $files->keep($directory . '/full.jpeg');
$files->write($sha256, 'print.jpg', static fn(string $to): bool => copy($directory . '/full.jpeg', $to));
$whole = ['x' => 0.0, 'y' => 0.0, 'width' => 1.0, 'height' => 1.0];
$wrap = new Artwork(
    $sha256,
    [
        ...Picture::fromFile($sha256, 'wrap', PictureKind::Raster, 2244.0, 3100.0, false)->toRecord(),
        'visible' => $whole,
        'form' => 'print.jpg',
        'note' => null,
    ],
    new DateTimeImmutable(),
);
$bent = new BentPictures($files, new RasterFile());
$taper = Taper::across(90.0, 62.0, 110.0);
$down = 10.0;
$times = Bench::times(
    static function () use ($bent, $wrap, $taper, &$down): string {
        $down += 0.01;

        return $bent->forPrint(
            $wrap,
            $taper->bend(Rect::mm(-100.0, $down, 200.0, 85.0)) ?? throw new LogicException('It tapers.'),
        );
    },
    5,
    1,
);
Bench::time(
    'picture.bent',
    'A wrap of 200 × 85 mm bent for a tapered mug at 300 dpi, median',
    Bench::quantile($times, 0.5),
    3000.0,
);
(new Filesystem())->remove($directory);

// Twenty sheets, each full of a photograph of its own at 300 dpi, as one PDF by a process of its own.
[$seconds, $megabytes] = Bench::process([\PHP_BINARY, __DIR__ . '/twenty-sheets.php'], 3);
Bench::time('sheet.twenty', 'PDF of 20 sheets with 300 dpi pictures, median', 1000.0 * $seconds, 15000.0);
Bench::row('  largest process of it', sprintf('%.0f MB', $megabytes), '384 MB', $megabytes <= 384.0);

// The heat of a job over HTTP, as a page asks for it after a change.
$times = Bench::times(
    static function () use ($address): string {
        $answer = file_get_contents($address . '/api/jobs/picking-crew/heat/0');

        return false === $answer ? throw new RuntimeException('The demo shop does not answer.') : $answer;
    },
    20,
    2,
);
Bench::time('heat.http', 'The heat of a job over HTTP, 95th percentile', Bench::quantile($times, 0.95), 700.0);

// What the browser must have before the first page stands: the entry and what it imports at once.
$page = (string) file_get_contents($project . '/public/app/index.html');
preg_match_all('#(?:src|href)="/app/(assets/[^"]+\.js)"#', $page, $scripts);
$size = array_sum(
    array_map(
        static fn(string $file): int => strlen(
            (string) gzencode((string) file_get_contents($project . '/public/app/' . $file), 9),
        ),
        array_unique($scripts[1]),
    ),
);
Bench::row('The first page’s script, compressed', sprintf('%.0f kB', $size / 1000), '200 kB', $size <= 200_000);
