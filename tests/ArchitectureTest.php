<?php

declare(strict_types=1);

namespace Wubbin\Tests;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;
use Wubbin\Core\Log\OwnWordsReader;
use Wubbin\Core\Route\CatalogueReader;
use Wubbin\Task\TaskView;

/**
 * Arrows go one way: src to core, and on either floor only to rooms that stand before in its list. Read by phpat under
 * PHPStan.
 */
final readonly class ArchitectureTest
{
    /** The core's rooms, lowest first. */
    private const CORE = [
        'Measure',
        'Lettering',
        'Blank',
        'Artwork',
        'Ready',
        'Route',
        'Job',
        'Stack',
        'Sheet',
        'Heat',
        'Plan',
        'Drawing',
        'Work',
        'Run',
        'Log',
        'Day',
        'Cost',
        'Advice',
        'Sums',
    ];

    /**
     * The application's rooms, lowest first: stores and files, then use cases, each with its own controllers, commands
     * and papers. What the core has too stands in the core's order.
     */
    private const APPLICATION = [
        'Refusal',
        'Storage',
        'Http',
        'Task',
        'Change',
        'Stock',
        'Measure',
        'Shelf',
        'Lettering',
        'Blank',
        'Artwork',
        'Pdf',
        'Route',
        'Archive',
        'Session',
        'Job',
        'Ready',
        'Sheet',
        'Heat',
        'Plan',
        'Work',
        'Run',
        'Log',
        'Day',
        'Cost',
        'Order',
        'Proof',
        'Advice',
        'Sums',
        'Ladder',
        'Keep',
        'Today',
        'Demo',
        'Serve',
        'Console',
        'Words',
    ];

    /** Entrances, by their names. */
    private const ANSWERS = '/^Wubbin\\\\\w+(?:\\\\\w+)*(?:Controller|Command)$/';

    #[TestRule]
    public function coreKnowsOnlyItselfAndTheYamlParser(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Wubbin\Core'))
            ->excluding(
                Selector::inNamespace('Wubbin\Core\Tests'),
                Selector::classname(CatalogueReader::class),
                Selector::classname(OwnWordsReader::class),
            )
            ->canOnly()
            ->dependOn()
            ->classes(Selector::inNamespace('Wubbin\Core'))
            ->because('the core has no framework, clock, file or database in it');
    }

    #[TestRule]
    public function onlyTheReaderOfReferenceDataKnowsYaml(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::classname(CatalogueReader::class), Selector::classname(OwnWordsReader::class))
            ->canOnly()
            ->dependOn()
            ->classes(Selector::inNamespace('Wubbin\Core'), Selector::inNamespace('Symfony\Component\Yaml'))
            ->because('the YAML parser is the one library the core uses');
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function roomsOfTheCoreUseOnlyLowerOnes(): iterable
    {
        return self::oneDirection('Wubbin\\Core\\', self::CORE);
    }

    /** @return iterable<Rule> */
    #[TestRule]
    public function roomsOfTheApplicationUseOnlyLowerOnes(): iterable
    {
        return self::oneDirection('Wubbin\\', self::APPLICATION);
    }

    #[TestRule]
    public function nothingStandsOnWhatAnswersAPerson(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Wubbin'))
            ->excluding(Selector::inNamespace('Wubbin\Tests'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::classname(self::ANSWERS, true))
            ->because('controllers and commands are entrances: what two of them need is a class of its own');
    }

    #[TestRule]
    public function useCasesKnowNoHttp(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Wubbin'))
            ->excluding(
                Selector::inNamespace('Wubbin\Http'),
                Selector::inNamespace('Wubbin\Contract'),
                Selector::inNamespace('Wubbin\Tests'),
                Selector::classname(self::ANSWERS, true),
                Selector::classname(TaskView::class),
            )
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('Wubbin\Http'), Selector::inNamespace('Symfony\Component\HttpFoundation'))
            ->because('they refuse with exceptions of their own, which the listener turns into problems');
    }

    /**
     * @param non-empty-string $floor
     * @param list<non-empty-string> $rooms lowest first
     *
     * @return iterable<Rule>
     */
    private static function oneDirection(string $floor, array $rooms): iterable
    {
        foreach (array_slice($rooms, 0, -1) as $place => $room) {
            $above = array_slice($rooms, $place + 1);
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace($floor . $room))
                ->shouldNot()
                ->dependOn()
                ->classes(
                    ...array_map(static fn(string $other): object => Selector::inNamespace($floor . $other), $above),
                )
                ->because('a room uses only rooms below it');
        }
    }
}
