<?php

declare(strict_types=1);

namespace Wubbin\Tests\Attack;

use PHPUnit\Framework\Attributes\DataProvider;
use Wubbin\Shelf\ShelfStore;
use Wubbin\Storage\Documents;
use Wubbin\Tests\Support\ShopTestCase;

/** An id that is none never comes in; one that is on the disk locks nobody out. */
final class BadIdTest extends ShopTestCase
{
    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function doors(): iterable
    {
        $copy = ['kind' => 'bases', 'like' => 'press-pad', 'label' => 'mat', 'typed' => ['thickness' => '2 mm']];
        yield 'a thing of its own' => ['POST', '/api/shelf/own', $copy];
        yield 'a traced blank' => ['POST', '/api/shelf/traced', ['like' => 'M', 'label' => 'x', 'sides' => []]];
        yield 'a source of heat' => ['POST', '/api/shelf/heat', ['label' => 'iron', 'kind' => 'iron', 'typed' => []]];
        yield 'a job' => ['POST', '/api/jobs', ['name' => 'x', 'changes' => []]];
        yield 'a copy of a job' => ['POST', '/api/jobs/crew/copy', []];
        yield 'a recipe' => ['POST', '/api/recipes', ['route' => 'burnish-wax', 'typed' => ['name' => 'x']]];
        yield 'a session' => ['POST', '/api/jobs/crew/runs', ['pieces' => 1]];
        yield 'an order' => ['POST', '/api/orders', ['label' => 'x', 'due' => '', 'note' => '', 'lines' => []]];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('doors')]
    public function testItIsRefusedAtItsField(string $method, string $path, array $body): void
    {
        $this->readyJob();
        foreach (['', '0', '17', 'a/b', "a\0", str_repeat('a', 65), '../x'] as $id) {
            $problem = $this->read($this->ask($method, $path, ['id' => $id] + $body), 422);
            self::assertSame(['id'], $problem->record('errors')->keys(), $path . ' ' . $id);
        }
        foreach (['/api/shelf', '/api/jobs', '/api/catalogue', '/api/bench'] as $page) {
            $this->read($this->ask('GET', $page));
        }
    }

    public function testOneThatIsOnTheDiskLocksNobodyOut(): void
    {
        $this->readyJob();
        $documents = $this->service(Documents::class);
        $shelf = $documents->get('shelf')?->raw() ?? [];
        $mat = ['id' => '0', 'like' => 'press-pad', 'label' => 'mat', 'thickness_mm' => 2.0];
        $shelf['own'] = ['bases' => [$mat]] + (array) ($shelf['own'] ?? []);
        $shelf['bases'] = [0, 'nothing-like-it'];
        $documents->put('shelf', $shelf);
        foreach (['/api/shelf', '/api/jobs', '/api/jobs/crew', '/api/catalogue', '/api/day', '/api/stock'] as $page) {
            $this->read($this->ask('GET', $page));
        }
        self::assertSame(['nothing-like-it'], $this->service(ShelfStore::class)->leftOut());
        // It can be written again, and what could not be read is kept beside.
        $this->read($this->ask('POST', '/api/shelf/things', ['kind' => 'covers', 'id' => 'parchment', 'has' => true]));
        self::assertSame([], $this->service(ShelfStore::class)->leftOut());
        $kept = $this->service(Documents::class)->get('shelf-unread')?->raw() ?? [];
        self::assertSame([0, 'nothing-like-it'], $kept['bases'] ?? null);
    }
}
