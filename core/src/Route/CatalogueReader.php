<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Symfony\Component\Yaml\Yaml;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\ShirtSize;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;

/** Reads and checks the reference data that ships with the core. The only place that knows it is written in YAML. */
final readonly class CatalogueReader
{
    /** @throws BadRecord naming the file and the place in it */
    public static function builtIn(): Catalogue
    {
        return self::read(dirname(__DIR__, 2).'/data');
    }

    /** @throws BadRecord naming the file and the place in it */
    private static function read(string $directory): Catalogue
    {
        $file = static fn (string $name): Record => Record::of(Yaml::parseFile($directory.'/'.$name.'.yaml'), $name);

        $garments = $file('garments');
        $garmentProvenance = Provenance::fromRecord($garments->record('provenance'));
        $irons = $file('irons');
        $ironProvenance = Provenance::fromRecord($irons->record('iron_provenance'));
        $supports = $file('supports');
        $drying = $file('schools')->each()[0];
        $dryingProvenance = Provenance::fromRecord($drying->record('provenance'));
        $dots = $irons->record('dot_temperatures_c');

        $catalogue = new Catalogue(
            self::byId($file('materials')->each(), Material::fromRecord(...)),
            self::byId($garments->records('shirts'), static fn (Record $r): ShirtSize => ShirtSize::fromRecord($r, $garmentProvenance)),
            array_map(NamedColour::fromRecord(...), $file('colours')->each()),
            self::byId($file('media')->each(), Medium::fromRecord(...)),
            self::byId($file('markings')->each(), Marking::fromRecord(...)),
            self::byId($irons->records('irons'), static fn (Record $r): Iron => Iron::fromRecord($r, $ironProvenance)),
            self::byId($supports->records('bases'), Base::fromRecord(...)),
            self::byId($supports->records('guards'), Guard::fromRecord(...)),
            Provenance::fromRecord($supports->record('provenance')),
            self::byId($drying->records('schools'), static fn (Record $r): DryingSchool => DryingSchool::fromRecord($r, $dryingProvenance)),
            self::byId($file('routes')->each(), Route::fromRecord(...)),
            array_map(static fn (int $i): Temperature => Temperature::celsius($dots->number((string) $i)), [0, 1, 2]),
            Provenance::fromRecord($irons->record('provenance')),
            Coverage::fromRecord($irons->record('coverage')),
        );
        self::checkReferences($catalogue);

        return $catalogue;
    }

    /**
     * @template T
     *
     * @param list<Record>        $records
     * @param callable(Record): T $make
     *
     * @return array<string, T>
     */
    private static function byId(array $records, callable $make): array
    {
        $byId = [];
        foreach ($records as $record) {
            $id = $record->string('id');
            if (isset($byId[$id])) {
                throw BadRecord::at($id, 'This id is there twice.');
            }
            $byId[$id] = $make($record);
        }

        return $byId;
    }

    private static function checkReferences(Catalogue $catalogue): void
    {
        foreach ($catalogue->routes as $route) {
            foreach ($route->media as $medium) {
                $catalogue->media[$medium] ?? throw BadRecord::at('routes.'.$route->id.'.media', 'There is no medium '.$medium.'.');
            }
        }
        foreach ($catalogue->media as $medium) {
            foreach ($medium->markings as $marking) {
                $catalogue->markings[$marking] ?? throw BadRecord::at('media.'.$medium->id.'.markings', 'There is no marking '.$marking.'.');
            }
        }
    }
}
