<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests;

use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\PictureKind;
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

    /** @param array<string, mixed> $over parts of the job file to write over */
    public static function job(array $over = []): Job
    {
        return JobFile::read(Record::of(array_replace_recursive(self::jobFile(), $over)));
    }

    /** @return array<string, mixed> */
    public static function jobFile(): array
    {
        return [
            'format' => 'wubbin-job', 'version' => 1, 'id' => 'crew', 'name' => 'Crew shirts', 'quantity' => 1, 'due' => null,
            'blank' => ['kind' => 'shirt', 'size' => 'M', 'material' => 'cotton-jersey', 'colour' => '#ffffff', 'condition' => 'new'],
            'artwork' => ['name' => 'branch.png', 'sha256' => str_repeat('a', 64)],
            'placement' => ['by' => 'width', 'side_mm' => 240, 'right_mm' => 0, 'below_collar_mm' => 80],
            'route' => 'light-film', 'finish' => 'matte',
            'choices' => ['medium' => null, 'marking' => null, 'iron' => null, 'base' => null, 'guard' => null, 'drying' => null],
            'overrides' => [], 'note' => '',
        ];
    }

    /** @param array<string, string> $changes as typed */
    public static function edited(array $changes): Job
    {
        return JobEdit::apply(self::job(), $changes, new QuantityParser(), self::picture());
    }

    public static function picture(float $width = 2400.0, float $height = 1900.0, PictureKind $kind = PictureKind::Raster, bool $clear = true): Picture
    {
        return Picture::of(str_repeat('a', 64), 'branch.png', $kind, $width, $height, $clear);
    }

    public static function shelf(): Shelf
    {
        return Shelf::everything(self::catalogue());
    }

    public static function plan(?Job $job = null, ?Picture $picture = null, ?Shelf $shelf = null): Plan
    {
        return (new Planner(self::catalogue()))->plan($job ?? self::job(), $shelf ?? self::shelf(), $picture ?? self::picture());
    }

    public static function decision(Plan $plan, string $id): Decision
    {
        foreach ($plan->decisions as $decision) {
            if ($decision->id === $id) {
                return $decision;
            }
        }
        throw new \OutOfBoundsException('The ticket has no line '.$id.'.');
    }

    public static function check(Plan $plan, string $id): ?Check
    {
        foreach ($plan->checks as $check) {
            if ($check->id === $id) {
                return $check;
            }
        }

        return null;
    }
}
