<?php

declare(strict_types=1);

namespace Wubbin\Tests\Log;

use PHPUnit\Framework\Attributes\DataProvider;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

final class LadderApiTest extends ShopTestCase
{
    private const BODY = [
        'id' => 'one',
        'picture' => 0,
        'x' => ['of' => 'seconds', 'values' => ['10', '18', '26']],
        'y' => ['of' => 'drying', 'values' => ['300', '1800']],
        'swatch_mm' => 25,
    ];

    public function testALadderIsPlannedPrintedMarkedAndBecomesARecipe(): void
    {
        $this->readyJob();
        $ladder = $this->read($this->ask('POST', '/api/jobs/crew/ladders', self::BODY), 201);
        self::assertSame(
            ['A1', 'A2', 'A3', 'B1', 'B2', 'B3'],
            array_map(static fn(Record $step): string => $step->string('name'), $ladder->records('steps')),
        );
        self::assertSame(200.0, $ladder->records('steps')[0]->number('celsius'), 'as the job has it');
        self::assertStringStartsWith('%PDF-', (string) $this->ask('GET', '/api/ladders/one/sheet.pdf')->getContent());

        self::assertTrue(
            $this->read($this->ask('POST', '/api/ladders/one/recipe', ['name' => 'Ours']), 422)
                ->record('errors')
                ->has('marks'),
        );
        $marked = $this->read(
            $this->ask('PUT', '/api/ladders/one/marks', [
                'marks' => ['A1' => 'not-yet', 'A2' => 'good', 'B2' => 'good', 'B3' => 'too-much'],
            ]),
        );
        self::assertSame('A2', $marked->record('chosen')->string('name'));
        self::assertNotNull(
            $this->read($this->ask('POST', '/api/ladders/one/recipe', ['name' => 'Ours']))->stringOrNull('recipe'),
        );
        $recipe = $this->rows('/api/recipes')[0];
        self::assertSame('Ours', $recipe->record('recipe')->string('name'));
        // The job goes by it from now on.
        $plan = $this->read($this->ask('GET', '/api/jobs/crew'))->record('plan');
        $heat = array_values(
            array_filter($plan->records('steps'), static fn(Record $step): bool => 'heat-1' === $step->string('id')),
        )[0];
        self::assertSame([18.0, 'recipe'], [$heat->number('duration_s'), $heat->record('provenance')->string('kind')]);
        self::assertSame(
            ['one'],
            array_map(static fn(Record $one): string => $one->string('id'), $this->rows('/api/ladders')),
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'words for numbers' => [['x' => ['of' => 'seconds', 'values' => ['ten', 'twenty']]], 'x'];
        yield 'one rung' => [['y' => ['of' => 'drying', 'values' => ['300']]], 'y'];
        yield 'the same twice' => [['y' => ['of' => 'seconds', 'values' => ['5', '6']]], 'y'];
        yield 'too large for the sheet' => [
            ['swatch_mm' => 60, 'x' => ['of' => 'seconds', 'values' => ['1', '2', '3', '4', '5', '6']]],
            'swatch_mm',
        ];
        yield 'no such picture' => [['picture' => 7], 'picture'];
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('bad')]
    public function testABadLadderIsToldAtItsField(array $with, string $field): void
    {
        $this->readyJob();
        self::assertTrue(
            $this->read($this->ask('POST', '/api/jobs/crew/ladders', $with + self::BODY), 422)
                ->record('errors')
                ->has($field),
        );
        self::assertSame([], $this->rows('/api/ladders'));
    }

    public function testMarksOfNoSwatchAreRefused(): void
    {
        $this->readyJob();
        $this->read($this->ask('POST', '/api/jobs/crew/ladders', self::BODY), 201);
        foreach ([['Z9' => 'good'], ['A1' => 'lovely']] as $marks) {
            self::assertTrue(
                $this->read($this->ask('PUT', '/api/ladders/one/marks', ['marks' => $marks]), 422)
                    ->record('errors')
                    ->has('marks'),
            );
        }
        $this->read($this->ask('GET', '/api/ladders/none'), 404);
    }
}
