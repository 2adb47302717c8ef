<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Symfony\Component\Yaml\Yaml;
use Wubbin\Core\Blank\BlankKind;
use Wubbin\Core\Blank\Material;
use Wubbin\Core\Blank\ToneScale;
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
        return self::read(dirname(__DIR__, 2) . '/data');
    }

    /** @throws BadRecord naming the file and the place in it */
    private static function read(string $directory): Catalogue
    {
        $file = static fn(string $name): Record => Record::of(
            Yaml::parseFile($directory . '/' . $name . '.yaml'),
            $name,
        );

        $blanks = $file('blanks');
        $blankProvenance = Provenance::fromRecord($blanks->record('provenance'));
        $supports = $file('supports');
        $colours = $file('colours');

        $catalogue = new Catalogue(
            self::byId($file('materials')->each(), Material::fromRecord(...)),
            self::byId(
                $blanks->records('kinds'),
                static fn(Record $r): BlankKind => BlankKind::fromRecord($r, $blankProvenance),
            ),
            new Colours(
                array_map(NamedColour::fromRecord(...), $colours->records('colours')),
                ToneScale::fromRecord($colours->record('tones')),
            ),
            new Sheets(
                self::byId($file('media')->each(), Medium::fromRecord(...)),
                self::byId($file('markings')->each(), Marking::fromRecord(...)),
                self::byId($file('carriers')->each(), CarrierWay::fromRecord(...)),
            ),
            self::heat($file),
            new Supports(
                self::byId($supports->records('bases'), Support::fromRecord(...)),
                self::byId($supports->records('guards'), Support::fromRecord(...)),
                self::byId($supports->records('covers'), Support::fromRecord(...)),
                Provenance::fromRecord($supports->record('provenance')),
            ),
            self::byId($file('schools')->each(), School::fromRecord(...)),
            self::byId($file('routes')->each(), Route::fromRecord(...)),
            array_map(Caution::fromRecord(...), $file('cautions')->each()),
            HandTimes::fromRecord($file('hands')),
            Consumption::fromRecord($file('consumption')),
            CareRules::fromRecord($file('aftercare')),
            self::owned($file('owned')),
            Recognition::fromRecord($file('recognise')),
        );
        self::checkReferences($catalogue);

        return $catalogue;
    }

    /** @param \Closure(string): Record $file */
    private static function heat(\Closure $file): HeatSources
    {
        $heat = $file('heat');
        $heatProvenance = Provenance::fromRecord($heat->record('provenance'));
        $dots = $heat->record('dots')->record('temperatures_c');

        return new HeatSources(
            self::byId(
                $heat->records('sources'),
                static fn(Record $r): HeatSource => HeatSource::fromRecord($r, $heatProvenance),
            ),
            array_map(static fn(int $i): Temperature => Temperature::celsius($dots->number((string) $i)), [0, 1, 2]),
            Provenance::fromRecord($heat->record('dots')->record('provenance')),
            Coverage::fromRecord($heat->record('coverage')),
            HeatParameters::fromRecord($file('heat-model')),
        );
    }

    /** @return array<string, OwnedThing> */
    private static function owned(Record $file): array
    {
        $price = Provenance::fromRecord($file->record('price'));

        return self::byId(
            $file->records('things'),
            static fn(Record $r): OwnedThing => OwnedThing::fromRecord($r, $price),
        );
    }

    /**
     * @template T
     *
     * @param list<Record> $records
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

    /** Every name that one entry has for another must be there. */
    private static function checkReferences(Catalogue $catalogue): void
    {
        foreach ($catalogue->routes as $route) {
            $place = 'routes.' . $route->id;
            self::mustKnow($catalogue->sheets->media, $route->making->media, $place . '.media');
            self::mustKnow($catalogue->supports->covers, $route->stacking->covers, $place . '.cover');
            self::mustKnow(
                $route->heating->settings,
                array_map(static fn(HeatKind $h): string => $h->value, $route->heating->kinds),
                $place . '.setting',
            );
            foreach ($route->steps as $step) {
                self::mustKnow(
                    ['peel' => true] + $route->figures,
                    array_filter([$step->time, $step->repeat], is_string(...)),
                    $place . '.steps.' . $step->id,
                );
                foreach ($step->when->names() as $name) {
                    if (str_starts_with($name, 'school.')) {
                        self::mustKnow(
                            $catalogue->schoolsOf($route->id),
                            [substr($name, 7)],
                            $place . '.steps.' . $step->id . '.when',
                        );
                    }
                }
            }
        }
        foreach ($catalogue->sheets->media as $medium) {
            self::mustKnow($catalogue->sheets->markings, $medium->takes, 'media.' . $medium->id . '.takes');
        }
        foreach ($catalogue->blanks as $blank) {
            self::mustKnow($catalogue->materials, $blank->materials, 'blanks.' . $blank->id . '.materials');
        }
        self::mustKnow(
            $catalogue->sheets->carriers,
            [CarrierWay::UNDISPUTED, ...array_keys($catalogue->schools[CarrierWay::MATTER]->options)],
            'carriers',
        );
        self::checkOwned($catalogue);
        foreach ($catalogue->schools as $school) {
            self::mustKnow($catalogue->routes, $school->routes, 'schools.' . $school->id . '.routes');
            foreach ($school->routes as $route) {
                self::mustKnow($school->options, [$school->defaultFor($route)], 'schools.' . $school->id . '.default');
                foreach ($school->options as $option) {
                    self::mustKnow(
                        $catalogue->routes[$route]->figures,
                        array_keys($option->figures),
                        'schools.' . $school->id . '.' . $option->id . '.figures for ' . $route,
                    );
                    self::mustKnow($catalogue->supports->covers, $option->covers, 'schools.' . $school->id . '.covers');
                    self::mustKnow($catalogue->sheets->media, $option->media, 'schools.' . $school->id . '.media');
                }
            }
        }
    }

    private static function checkOwned(Catalogue $catalogue): void
    {
        $known = [
            'heat' => $catalogue->heat->sources,
            'markings' => $catalogue->sheets->markings,
            'media' => $catalogue->sheets->media,
            'bases' => $catalogue->supports->bases,
            'guards' => $catalogue->supports->guards,
            'covers' => $catalogue->supports->covers,
        ];
        foreach ($catalogue->owned as $thing) {
            foreach ($thing->answers as $answer) {
                foreach (null === $answer->like ? $answer->puts : ['media' => [$answer->like]] as $kind => $ids) {
                    self::mustKnow($known[$kind], $ids, 'owned.' . $thing->id);
                }
            }
        }
        self::mustKnow($catalogue->owned, array_column($catalogue->recognition->fitting([]), 'owned'), 'recognise');
    }

    /**
     * @param array<string, mixed> $known
     * @param iterable<string> $names
     */
    private static function mustKnow(array $known, iterable $names, string $place): void
    {
        foreach ($names as $name) {
            if (!isset($known[$name])) {
                throw BadRecord::at($place, 'There is no ' . $name . '.');
            }
        }
    }
}
