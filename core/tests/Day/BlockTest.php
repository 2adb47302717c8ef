<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Day;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Day\Activity;
use Wubbin\Core\Day\Block;
use Wubbin\Core\Day\Day;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Day\Laying;
use Wubbin\Core\Day\Link;
use Wubbin\Core\Day\Wait;
use Wubbin\Core\Day\Workshop;

/** What is shown of a timetable. */
final class BlockTest extends TestCase
{
    /**
     * @param list<Activity> $activities laid in this order
     *
     * @return list<Block>
     */
    private static function blocks(array $activities, string $kind): array
    {
        $table = Laying::fromRanks(
            new Day($activities, new Workshop(1, new Hours([[0, 100_000]]), ['press' => 1], [], ['rack' => 3]), 0),
            array_map(floatval(...), array_keys($activities)),
        );

        return array_values(array_filter(Block::all($table), static fn(Block $one): bool => $one->kind === $kind));
    }

    public function testWhatFollowsOnEachOtherIsSeenAsOne(): void
    {
        $activities = [
            new Activity('a', 'shirts', 'place', 60, true, piece: 1),
            new Activity('b', 'shirts', 'press', 30, true, 'press', 200.0, piece: 1),
            new Activity('c', 'shirts', 'peel', 20, true, piece: 2, earliest: 200),
            new Activity('d', 'mugs', 'wrap', 60, true, piece: 1),
            new Activity('e', 'shirts', 'press', 30, true, piece: 3, earliest: 4000),
        ];
        $hands = self::blocks($activities, 'hands');
        self::assertSame(
            ['shirts', 'mugs', 'shirts', 'shirts'],
            array_map(static fn(Block $one): string => $one->group, $hands),
        );
        self::assertSame([['place', 'press'], [1]], [$hands[0]->labels, $hands[0]->pieces]);
        self::assertSame([0, 90], [$hands[0]->start, $hands[0]->end]);
        self::assertNull($hands[0]->celsius, 'how hot it is is the press’s');
        self::assertSame(200.0, self::blocks($activities, 'machine press')[0]->celsius);
    }

    /** What has its time from a person, or is under way, stands by itself. */
    public function testAPinnedOneStandsByItself(): void
    {
        $activities = [
            new Activity('a', 'shirts', 'place', 60, true),
            new Activity('b', 'shirts', 'peel', 60, true, pinned: 60),
        ];
        self::assertSame(
            [false, true],
            array_map(static fn(Block $one): bool => $one->pinned, self::blocks($activities, 'hands')),
        );
        $under = [
            new Activity('a', 'shirts', 'press', 60, true, began: -10),
            new Activity('b', 'shirts', 'peel', 60, true),
        ];
        self::assertSame(
            [true, false],
            array_map(static fn(Block $one): bool => $one->began, self::blocks($under, 'hands')),
        );
    }

    public function testAStackIsSeenOnEachOfItsPlaces(): void
    {
        $rack = self::blocks([new Activity('a', 'shirts', 'dry', 1800, place: 'rack', room: 3)], 'place rack');
        self::assertSame([0, 1, 2], array_map(static fn(Block $one): int => $one->lane, $rack));
        self::assertFalse($rack[0]->hands);
    }

    public function testOneActivityIsABlock(): void
    {
        $blocks = self::blocks([new Activity('a', 'shirts', 'place', 60, true, piece: 4)], 'hands');
        self::assertSame(
            [
                'id' => 'a',
                'kind' => 'hands',
                'lane' => 0,
                'group' => 'shirts',
                'start' => 0,
                'end' => 60,
                'celsius' => null,
                'hands' => true,
                'labels' => ['place'],
                'pieces' => [4],
                'pinned' => false,
                'began' => false,
                'seconds' => 60,
            ],
            get_object_vars($blocks[0]),
        );
    }

    public function testLinksOfOneGroupAreOne(): void
    {
        $links = Link::merged([
            new Link('a', ['print'], 'begin', 0, 10),
            new Link('a', ['dry'], 'after', 10, 50),
            new Link('b', ['press'], 'hands', 50, 60),
            new Link('a', ['dry'], 'place drying rack', 60, 70),
            new Link('b', ['press'], 'machine p1', 70, 80),
        ]);
        $workshop = new Workshop(1, new Hours([[0, 9000]]), ['p1' => 1], names: ['p1' => 'shed press']);
        self::assertSame(
            [['print', 'dry'], ['press'], ['dry'], ['press']],
            array_map(static fn(Link $link): array => $link->labels, $links),
        );
        self::assertSame(
            [
                'begins when work begins',
                'waits until somebody is free',
                'waits for the drying rack',
                'waits for the shed press',
            ],
            array_map(static fn(Link $link): string => $link->words($workshop), $links),
        );
        self::assertSame([0, 50], [$links[0]->start, $links[0]->end]);
        self::assertSame([], Link::merged([]));
    }

    /** A wait that is the reason says so. */
    public function testComesAfter(): void
    {
        $activities = [
            new Activity('a', 'boards', 'coat', 60, true),
            new Activity('b', 'signs', 'hang', 60, true, after: [new Wait('a', 600)]),
        ];
        $workshop = new Workshop(1, new Hours([[0, 9000]]));
        $table = Laying::fromRanks(new Day($activities, $workshop, 0), [0.0, 1.0]);
        self::assertSame(
            ['begins when work begins', 'comes after it'],
            array_map(static fn(Link $link): string => $link->words($workshop), $table->chain()),
        );
    }
}
