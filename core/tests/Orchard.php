<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
use Wubbin\Core\Job\House;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\JobEdit;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\Planner;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\CatalogueReader;

/** A shop to test in: one white shirt, one picture, one of everything on the shelf. */
final class Orchard
{
    private static ?Catalogue $catalogue = null;

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= CatalogueReader::builtIn();
    }

    /** @param array<string, mixed> $over parts of the job file to write over; those of a picture go to the first one */
    public static function job(array $over = []): Job
    {
        return JobFile::read(Record::of(self::over(self::jobFile(), $over)));
    }

    /**
     * A job with several pictures on a piece: each as the first one, but for what is written over.
     *
     * @param list<array<string, mixed>> $transfers
     * @param array<string, mixed> $over
     */
    public static function layered(array $transfers, array $over = []): Job
    {
        $file = self::over(self::jobFile(), $over);
        $file['transfers'] = array_map(
            static fn(array $own): array => array_replace_recursive($file['transfers'][0], $own),
            $transfers,
        );

        return JobFile::read(Record::of($file));
    }

    /**
     * @param array{transfers: non-empty-list<array<string, mixed>>, ...<string, mixed>} $file
     * @param array<string, mixed> $over
     *
     * @return array{transfers: non-empty-list<array<string, mixed>>, ...<string, mixed>}
     */
    private static function over(array $file, array $over): array
    {
        $first = $file['transfers'][0];
        /** @var array{transfers: mixed, ...<string, mixed>} $merged */
        $merged = array_replace_recursive($file, array_diff_key($over, $first));
        // On the side that the blank has, where none is named.
        $kind = Record::of($merged)->record('blank')->string('kind');
        $first['side'] = array_key_first(self::catalogue()->blanks[$kind]->sides ?? ['front' => '']);

        /** @var array<string, mixed> $own */
        $own = array_replace_recursive($first, array_intersect_key($over, $first));
        $merged['transfers'] = [$own];

        return $merged;
    }

    /** @return array{transfers: non-empty-list<array<string, mixed>>, ...<string, mixed>} */
    public static function jobFile(): array
    {
        return [
            'format' => 'wubbin-job',
            'version' => 1,
            'id' => 'crew',
            'name' => 'Crew shirts',
            'quantity' => 1,
            'due' => null,
            'use' => null,
            'blank' => [
                'kind' => 'shirt',
                'size' => 'M',
                'material' => 'cotton-jersey',
                'colour' => '#ffffff',
                'condition' => 'new',
                'pattern' => null,
            ],
            'transfers' => [
                [
                    'side' => 'front',
                    'over' => false,
                    'alone' => false,
                    'cut' => 'outline',
                    'artwork' => ['name' => 'branch.png', 'sha256' => str_repeat('a', 64)],
                    'placement' => [
                        'by' => 'width',
                        'side_mm' => 240,
                        'other_mm' => null,
                        'right_mm' => 0,
                        'below_mm' => 80,
                    ],
                    'route' => 'light-film',
                    'finish' => 'matte',
                    'choices' => ['things' => [], 'schools' => [], 'figures' => []],
                    'overrides' => [],
                    'shows' => [],
                    'whole' => [],
                    'made' => null,
                ],
            ],
            'note' => '',
            'breakdown' => [],
            'series' => null,
            'approval' => null,
        ];
    }

    /** @param array<string, string> $changes as typed */
    public static function edited(array $changes): Job
    {
        return self::edit(self::job(), $changes);
    }

    /** @param array<string, string> $changes as typed */
    public static function edit(Job $job, array $changes, int $at = 0): Job
    {
        return JobEdit::apply($job, $changes, new QuantityParser(), self::catalogue(), self::pictures(), $at);
    }

    public static function picture(
        float $width = 2400.0,
        float $height = 1900.0,
        PictureKind $kind = PictureKind::Raster,
        bool $clear = true,
    ): Picture {
        return Picture::fromFile(str_repeat('a', 64), 'branch.png', $kind, $width, $height, $clear);
    }

    /**
     * A job that goes a route on a blank that it suits.
     *
     * @param array<string, mixed> $over parts of the job file to write over
     */
    public static function jobOf(string $route, array $over = []): Job
    {
        [$kind, $size, $material, $colour, $condition, $width, $below] = [
            'light-film' => ['shirt', 'M', 'cotton-jersey', '#ffffff', 'new', 240, 80],
            'dark-film' => ['shirt', 'M', 'cotton-jersey', '#1f4d2b', 'new', 180, 80],
            'multi-film' => ['tote', 'seed-bag', 'linen', '#ffffff', 'new', 80, 30],
            'sublimation' => ['apron', 'apron', 'polyester', '#ffffff', 'new', 280, 200],
            'laser-ceramic' => ['mug', 'mug-ordinary', 'glazed-ceramic', '#ffffff', 'smooth', 90, 10],
            'liner-fabric' => ['tote', 'tote', 'cotton-woven', '#ffffff', 'new', 150, 60],
            'liner-wood' => ['wood-board', 'crate-end', 'painted-wood', '#ffffff', 'smooth', 180, 20],
            'toner-metal' => ['metal', 'row-tag', 'bare-aluminium', '#c3c8cc', 'smooth', 50, 5],
            'paper-wood' => ['wood-board', 'crate-end', 'raw-wood', '#f4ecd8', 'smooth', 180, 20],
            'tissue-wax' => ['pillar-candle', 'pillar', 'candle-wax', '#ffffff', 'smooth', 80, 40],
            'handmade-wax' => ['pillar-candle', 'squat', 'candle-wax', '#ffffff', 'smooth', 50, 11],
            'burnish-wax' => ['wax-board', 'wax-a5', 'wax-medium', '#ffffff', 'smooth', 100, 40],
        ][$route];

        /** @var array<string, mixed> $job */
        $job = array_replace_recursive(
            [
                'blank' => [
                    'kind' => $kind,
                    'size' => $size,
                    'material' => $material,
                    'colour' => $colour,
                    'condition' => $condition,
                ],
                'placement' => ['side_mm' => $width, 'below_mm' => $below],
                'route' => $route,
            ],
            $over,
        );

        return self::job($job);
    }

    public static function shelf(): Shelf
    {
        return Shelf::everything(self::catalogue());
    }

    /** @return array<string, Picture> */
    public static function pictures(?Picture $picture = null): array
    {
        $picture ??= self::picture();

        return [$picture->sha256 => $picture];
    }

    /** The plan of a job's first picture. */
    public static function plan(
        ?Job $job = null,
        ?Picture $picture = null,
        ?Shelf $shelf = null,
        House $house = new House(),
    ): TransferPlan {
        return self::whole($job, $picture, $shelf, $house)->transfers[0];
    }

    public static function whole(
        ?Job $job = null,
        ?Picture $picture = null,
        ?Shelf $shelf = null,
        House $house = new House(),
    ): Plan {
        return (new Planner(self::catalogue()))->plan(
            $job ?? self::job(),
            $shelf ?? self::shelf(),
            self::pictures($picture),
            $house,
        );
    }

    public static function decision(TransferPlan $plan, string $id): Decision
    {
        foreach ($plan->decisions as $decision) {
            if ($decision->id === $id) {
                return $decision;
            }
        }
        throw new \OutOfBoundsException('The ticket has no line ' . $id . '.');
    }

    public static function check(TransferPlan $plan, string $id): ?Check
    {
        foreach ($plan->checks as $check) {
            if ($check->id === $id) {
                return $check;
            }
        }

        return null;
    }
}
