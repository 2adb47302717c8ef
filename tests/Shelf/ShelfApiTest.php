<?php

declare(strict_types=1);

namespace Wubbin\Tests\Shelf;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

final class ShelfApiTest extends ShopTestCase
{
    public function testTheShelfTakesAnIronAsItIsTyped(): void
    {
        $iron = [
            'id' => 'mine',
            'label' => 'my iron',
            'kind' => 'iron',
            'dots' => 3,
            'steam' => true,
            'typed' => ['width' => '4 1/2 in', 'length' => '21 cm'],
        ];
        $shelf = $this->read($this->ask('POST', '/api/shelf/heat', $iron), 201);
        self::assertEqualsWithDelta(114.3, $shelf->records('heat')[0]->number('plate_width_mm'), 1e-9);
        $this->read($this->ask('POST', '/api/shelf/heat', $iron), 201);
        self::assertCount(1, $this->read($this->ask('GET', '/api/shelf'))->records('heat'), 'sent twice, added once');
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function badHeat(): iterable
    {
        $plate = ['width' => '115 mm', 'length' => '210 mm'];
        yield 'no name and no width' => [['label' => '', 'typed' => ['width' => 'wide'] + $plate], ['label', 'width']];
        yield 'a plate as long as a bench' => [['typed' => ['length' => '3 m'] + $plate], ['length']];
        yield 'four dots' => [['dots' => 4], ['dots']];
        yield 'a press without a range' => [['kind' => 'flat-press'], ['from', 'to']];
        yield 'a press that is turned over' => [
            ['kind' => 'flat-press', 'typed' => ['from' => '400 F', 'to' => '100 C'] + $plate],
            ['to'],
        ];
        yield 'a press of 900 degrees' => [
            ['kind' => 'flat-press', 'typed' => ['from' => '80', 'to' => '900 C'] + $plate],
            ['to'],
        ];
        yield 'a mug press without mugs' => [
            ['kind' => 'mug-press', 'typed' => ['from' => '80', 'to' => '200']],
            ['least', 'most'],
        ];
        yield 'a dragon' => [['kind' => 'dragon'], ['kind']];
    }

    /**
     * @param array<string, mixed> $over
     * @param list<string> $fields
     */
    #[DataProvider('badHeat')]
    public function testAHeatSourceThatCannotBeIsToldAtItsFields(array $over, array $fields): void
    {
        $iron = [
            'id' => 'mine',
            'label' => 'mine',
            'kind' => 'iron',
            'dots' => 3,
            'steam' => true,
            'typed' => ['width' => '115 mm', 'length' => '210 mm'],
        ];
        $problem = $this->read($this->ask('POST', '/api/shelf/heat', $over + $iron), 422);
        self::assertSame($fields, array_keys($problem->record('errors')->stringMap()));
        self::assertSame([], $this->read($this->ask('GET', '/api/shelf'))->records('heat'));
    }

    public function testAnOwnSheetIsCopiedOntoTheShelfAndRetired(): void
    {
        $id = $this->readyJob();
        $copy = [
            'kind' => 'media',
            'id' => 'wide',
            'like' => 'film-clear-a4',
            'label' => 'wide film',
            'typed' => ['thickness' => '0,25 mm', 'paper' => 'letter', 'print_side' => 'the dull side'],
        ];
        $shelf = $this->read($this->ask('POST', '/api/shelf/own', $copy), 201);
        self::assertContains('wide', $shelf->strings('media'));
        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $view = $this->read($this->change($id, $revision, ['medium' => 'wide']));
        self::assertTrue($view->record('plan')->boolean('printable'));
        $record = json_decode((string) $this->ask('GET', '/api/shelf')->getContent(), true);
        assert(is_array($record) && is_array($record['media']));
        $record['media'] = array_values(array_filter($record['media'], static fn(mixed $id): bool => 'wide' !== $id));
        $kept = $this->read($this->ask('PUT', '/api/shelf', $record));
        self::assertCount(1, $kept->record('own')->records('media'), 'kept for what went by it');
        self::assertFalse($this->read($this->ask('GET', '/api/jobs/' . $id))->record('plan')->boolean('printable'));
        $problem = $this->read(
            $this->ask(
                'POST',
                '/api/shelf/own',
                ['label' => '', 'typed' => ['thickness' => 'thin', 'paper' => 'a4']] + $copy,
            ),
            422,
        );
        self::assertSame(['label', 'thickness', 'print_side'], array_keys($problem->record('errors')->stringMap()));
        $problem = $this->read(
            $this->ask(
                'POST',
                '/api/shelf/own',
                ['typed' => ['thickness' => '2 m', 'paper' => 'a4', 'print_side' => 'x']] + $copy,
            ),
            422,
        );
        self::assertTrue($problem->record('errors')->has('thickness'));
    }

    /** Each change is made to what is there when it comes, not to what its page had read before. */
    public function testTwoWindowsThatChangeTheShelfLoseNothingToEachOther(): void
    {
        $this->readyJob();
        $cover = $this->read($this->ask('GET', '/api/shelf'))->strings('covers')[0];
        $this->read(
            $this->ask('POST', '/api/shelf/own', [
                'kind' => 'blanks',
                'id' => 'smock',
                'like' => 'XL',
                'label' => 'smock',
                'typed' => ['chest' => '64 cm', 'length' => '31.5 in'],
            ]),
            201,
        );
        $shelf = $this->read(
            $this->ask('POST', '/api/shelf/things', ['kind' => 'covers', 'id' => $cover, 'has' => false]),
        );
        self::assertContains('smock', $shelf->strings('blanks'));
        self::assertNotContains($cover, $shelf->strings('covers'));
        self::assertContains(
            $cover,
            $this->read(
                $this->ask('POST', '/api/shelf/things', ['kind' => 'covers', 'id' => $cover, 'has' => true]),
            )->strings('covers'),
        );
        $heat = $shelf->records('heat');
        $less = $this->read(
            $this->ask('POST', '/api/shelf/things', ['kind' => 'heat', 'id' => $heat[0]->string('id'), 'has' => false]),
        );
        self::assertCount(count($heat) - 1, $less->records('heat'));
        self::assertSame(
            422,
            $this->ask('POST', '/api/shelf/things', ['kind' => 'hats', 'id' => 'x', 'has' => true])->getStatusCode(),
        );
        self::assertSame(
            422,
            $this->ask('POST', '/api/shelf/things', [
                'kind' => 'covers',
                'id' => 'nothing-known',
                'has' => true,
            ])->getStatusCode(),
        );
    }

    public function testAnOwnBlankIsMeasuredOfferedAndRetired(): void
    {
        $id = $this->readyJob();
        $smock = [
            'kind' => 'blanks',
            'id' => 'smock',
            'like' => 'XL',
            'label' => 'smock',
            'typed' => ['chest' => '64 cm', 'length' => '31.5 in'],
        ];
        $shelf = $this->read($this->ask('POST', '/api/shelf/own', $smock), 201);
        self::assertSame(['orchard-smock', 'picking-apron', 'gift-mug', 'smock'], $shelf->strings('blanks'));
        self::assertEqualsWithDelta(800.1, $shelf->record('own')->records('blanks')[3]->number('length_mm'), 1e-9);
        self::assertContains('smock', $this->sizesOfAShirt());
        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $view = $this->read($this->change($id, $revision, ['size' => 'smock']));
        self::assertSame(640.0, $view->record('plan')->records('transfers')[0]->record('blank')->number('width_mm'));
        $this->read(
            $this->ask(
                'PUT',
                '/api/shelf',
                ['blanks' => []] + (array) json_decode((string) $this->ask('GET', '/api/shelf')->getContent(), true),
            ),
        );
        self::assertNotContains('smock', $this->sizesOfAShirt());
        self::assertSame(
            640.0,
            $this->read($this->ask('GET', '/api/jobs/' . $id))
                ->record('plan')
                ->records('transfers')[0]
                ->record('blank')
                ->number('width_mm'),
            'its jobs keep it',
        );
        $problem = $this->read(
            $this->ask('POST', '/api/shelf/own', ['typed' => ['chest' => 'wide', 'length' => '70 cm']] + $smock),
            422,
        );
        self::assertSame(['chest'], array_keys($problem->record('errors')->stringMap()));
        $problem = $this->read(
            $this->ask('POST', '/api/shelf/own', ['typed' => ['chest' => '20 cm', 'length' => '70 cm']] + $smock),
            422,
        );
        self::assertStringContainsString('no print area is left', $problem->record('errors')->string('chest'));
    }

    /** @return list<string> that can be chosen */
    private function sizesOfAShirt(): array
    {
        foreach ($this->read($this->ask('GET', '/api/catalogue'))->records('blanks') as $kind) {
            if ('shirt' === $kind->string('id')) {
                return array_map(static fn(Record $size): string => $size->string('id'), $kind->records('sizes'));
            }
        }
        self::fail('There are no shirts.');
    }

    /** @param array<string, string> $changes */
    private function change(string $id, int $revision, array $changes): Response
    {
        return $this->ask('PATCH', '/api/jobs/' . $id, ['revision' => $revision, 'changes' => (object) $changes]);
    }
}
