<?php

declare(strict_types=1);

namespace Wubbin\Tests\Route;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

final class RecipeApiTest extends ShopTestCase
{
    private const TYPED = [
        'name' => 'Blue box film',
        'medium' => 'film-clear-a4',
        'heat' => 'iron',
        'figure.dry' => '10 min',
        'temperature' => '340 F',
        'peel_word' => 'hot',
        'peel_above' => '60 C',
        'peel_wait' => '5 s',
    ];

    public function testASuppliersSheetIsTypedInAndPlansGoByIt(): void
    {
        $id = $this->readyJob();
        $recipe = $this->put(self::TYPED)->record('recipe');
        self::assertSame([1, 600.0], [$recipe->integer('recipe_version'), $recipe->record('figures')->number('dry')]);
        self::assertEqualsWithDelta(171.11, $recipe->number('temperature_c'), 0.01);
        self::assertSame('Blue box film, version 1', $this->line($id, 'recipe'));
    }

    public function testAChangeIsAVersionAndARunKeepsItsOwn(): void
    {
        $id = $this->readyJob();
        $this->put(self::TYPED);
        $run = $this->read($this->ask('POST', '/api/jobs/' . $id . '/runs', ['id' => 'run', 'pieces' => 1]), 201);
        self::assertSame(
            2,
            $this->put(['figure.dry' => '20 min'] + self::TYPED)
                ->record('recipe')
                ->integer('recipe_version'),
        );
        self::assertSame(
            2,
            $this->put(['figure.dry' => '20 min'] + self::TYPED)
                ->record('recipe')
                ->integer('recipe_version'),
            'the same said twice is one version',
        );
        self::assertSame('Blue box film, version 2', $this->line($id, 'recipe'));
        $after = $this->read($this->ask('GET', '/api/runs/run'));
        self::assertSame($run->record('plan')->string('id'), $after->record('plan')->string('id'));
        self::assertNotSame(
            $after->record('plan')->string('id'),
            $this->read($this->ask('GET', '/api/jobs/' . $id))->record('plan')->string('id'),
            'the session goes on by the version that it was begun with',
        );
    }

    public function testARetiredOneIsKeptAndNotUsed(): void
    {
        $id = $this->readyJob();
        $this->put(self::TYPED);
        $this->read($this->ask('PATCH', '/api/recipes/blue', ['retired' => true]));
        self::assertNull($this->line($id, 'recipe'));
        self::assertTrue($this->rows('/api/recipes')[0]->boolean('retired'));
        $this->read($this->ask('PATCH', '/api/recipes/blue', ['retired' => false]));
        self::assertNotNull($this->line($id, 'recipe'));
    }

    public function testItMovesToAnotherHouse(): void
    {
        $this->put(self::TYPED);
        $file = (string) $this->ask('GET', '/api/recipes/blue/export')->getContent();
        $this->tearDown();
        $this->tearDown();
        $this->setUp();
        self::assertSame('Blue box film', $this->import($file)->record('recipe')->string('name'));
        $this->read($this->ask('POST', '/api/recipes/import', file: $this->file('{"format": "wubbin-job"}')), 422);
        $this->read(
            $this->ask(
                'POST',
                '/api/recipes/import',
                file: $this->file(str_replace('"dry": 600', '"dry": -600', $file)),
            ),
            422,
        );
    }

    /** @return iterable<string, array{array<string, string>, list<string>}> */
    public static function mistakes(): iterable
    {
        yield 'no name' => [['name' => ''], ['name']];
        yield 'unreadable fields, all named' => [
            ['figure.dry' => 'soon', 'temperature' => 'hot', 'peel_wait' => '-3 s'],
            ['figure.dry', 'peel_wait', 'temperature'],
        ];
        yield '900 degrees' => [['temperature' => '900 C'], ['temperature']];
        yield 'a peel but no temperature' => [['peel_above' => ''], ['peel_below']];
        yield 'a sheet of another route' => [['medium' => 'plain-a4'], ['medium']];
    }

    /**
     * @param array<string, string> $over
     * @param list<string> $fields
     */
    #[DataProvider('mistakes')]
    public function testAMistakeIsToldAtItsFieldAndNothingIsKept(array $over, array $fields): void
    {
        $problem = $this->read(
            $this->ask('POST', '/api/recipes', [
                'id' => 'blue',
                'route' => 'light-film',
                'typed' => $over + self::TYPED,
            ]),
            422,
        );
        self::assertSame($fields, array_keys($problem->record('errors')->stringMap()));
        self::assertSame([], $this->rows('/api/recipes'));
    }

    public function testTheFormOffersWhatTheRouteHas(): void
    {
        $form = $this->read($this->ask('GET', '/api/routes/toner-metal/form'));
        self::assertContains(
            'Clear coats',
            array_map(static fn(Record $f): string => $f->string('label'), $form->records('figures')),
        );
        $this->read($this->ask('GET', '/api/routes/teleport/form'), 404);
    }

    /** @param array<string, string> $typed */
    private function put(array $typed): Record
    {
        return $this->read(
            $this->ask('POST', '/api/recipes', ['id' => 'blue', 'route' => 'light-film', 'typed' => $typed]),
            201,
        );
    }

    private function line(string $job, string $line): ?string
    {
        foreach (
            $this->read($this->ask('GET', '/api/jobs/' . $job))
                ->record('plan')
                ->records('transfers')[0]
                ->records('decisions')
            as $decision
        ) {
            if ($decision->string('id') === $line) {
                return $decision->record('value')->string('text');
            }
        }

        return null;
    }

    private function import(string $json): Record
    {
        return $this->read($this->ask('POST', '/api/recipes/import', file: $this->file($json)), 201);
    }

    private function file(string $content): UploadedFile
    {
        file_put_contents($this->data . '/recipe.json', $content);

        return new UploadedFile($this->data . '/recipe.json', 'recipe.json', test: true);
    }
}
