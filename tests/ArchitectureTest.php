<?php

declare(strict_types=1);

namespace Wubbin\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;
use Wubbin\Core\Route\CatalogueReader;

/** Arrows go one way: src to core, and in the core to rooms higher up in this list. Read by phpat under PHPStan. */
final readonly class ArchitectureTest
{
    /** From the top down; Measure may be used by every room. */
    private const ROOMS = ['Measure', 'Blank', 'Artwork', 'Route', 'Job', 'Stack', 'Sheet', 'Heat', 'Plan', 'Run', 'Log', 'Day', 'Cost', 'Advice'];

    #[TestRule]
    public function coreKnowsOnlyItselfAndTheYamlParser(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Wubbin\Core'))
            ->excluding(Selector::inNamespace('Wubbin\Core\Tests'), Selector::classname(CatalogueReader::class))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('Wubbin\Core'))
            ->because('the core has no framework, clock, file or database in it');
    }

    #[TestRule]
    public function onlyTheReaderOfReferenceDataKnowsYaml(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname(CatalogueReader::class))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('Wubbin\Core'), Selector::inNamespace('Symfony\Component\Yaml'))
            ->because('the YAML parser is the one library the core uses');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function roomsLookUpwardsOnly(): iterable
    {
        foreach (self::ROOMS as $place => $room) {
            $below = array_slice(self::ROOMS, $place + 1);
            if ([] === $below) {
                continue;
            }
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace('Wubbin\Core\\'.$room))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn (string $lower): object => Selector::inNamespace('Wubbin\Core\\'.$lower), $below))
                ->because('a room uses only rooms above it');
        }
    }
}
