<?php

declare(strict_types=1);

namespace Wubbin\Tests\Job;

use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

final class JobApiTest extends ShopTestCase
{
    public function testAJobIsMadeChangedAndFoundAgain(): void
    {
        $id = $this->readyJob();
        $view = $this->read($this->ask('GET', '/api/jobs/' . $id));
        self::assertTrue($view->record('plan')->boolean('ready'));
        $after = $this->read($this->change($id, $view->integer('revision'), ['width' => '10 in', 'finish' => 'gloss']));
        self::assertEqualsWithDelta(
            254.0,
            $after->record('job')->records('transfers')[0]->record('placement')->number('side_mm'),
            1e-9,
        );
        self::assertGreaterThan($view->integer('revision'), $after->integer('revision'));
        self::assertCount(1, $this->rows('/api/jobs'));
    }

    public function testADoubleClickMakesOneJob(): void
    {
        $body = ['id' => 'once', 'name' => 'Once', 'changes' => []];
        $this->read($this->ask('POST', '/api/jobs', $body), 201);
        $this->read($this->ask('POST', '/api/jobs', $body), 201);
        self::assertCount(1, $this->rows('/api/jobs'));
    }

    public function testOfTwoTabsTheSecondIsToldAndLosesNothing(): void
    {
        $id = $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $this->read($this->change($id, $revision, ['note' => 'from the first tab']));
        $problem = $this->read($this->change($id, $revision, ['width' => '100 mm']), 409);
        $now = $problem->record('current')->integer('revision');
        $view = $this->read($this->change($id, $now, ['width' => '100 mm']));
        self::assertSame('from the first tab', $view->record('job')->string('note'));
        self::assertSame(100.0, $view->record('job')->records('transfers')[0]->record('placement')->number('side_mm'));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badFields(): iterable
    {
        foreach (['0', '-5', 'abc', '1e9'] as $width) {
            yield 'width ' . $width => [['width' => $width], 'width'];
        }
        yield 'unknown size' => [['size' => 'XXS'], 'size'];
        yield 'unknown material' => [['material' => 'lead'], 'material'];
        yield 'unknown drying' => [['school.drying' => 'never'], 'school.drying'];
        yield 'unknown picture' => [['artwork' => str_repeat('0', 64)], 'artwork'];
        yield 'unknown field' => [['sleeves' => '2'], 'sleeves'];
    }

    /** @param array<string, string> $changes */
    #[DataProvider('badFields')]
    public function testABadFieldIsNamedAndNothingChanges(array $changes, string $field): void
    {
        $id = $this->readyJob();
        $before = (string) $this->ask('GET', '/api/jobs/' . $id)->getContent();
        $problem = $this->read(
            $this->change($id, Record::of(json_decode($before, true))->integer('revision'), $changes),
            422,
        );
        self::assertTrue($problem->record('errors')->has($field), $problem->string('title'));
        self::assertSame($before, $this->ask('GET', '/api/jobs/' . $id)->getContent());
    }

    public function testAJobPutAwayLeavesTheListAndIsNotLost(): void
    {
        $id = $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/' . $id, [
                'revision' => $revision,
                'changes' => (object) [],
                'archived' => true,
            ]),
        );
        self::assertSame('[]', $this->ask('GET', '/api/jobs')->getContent());
        self::assertTrue($this->read($this->ask('GET', '/api/jobs/' . $id))->boolean('archived'));
    }

    public function testAJobMovesToAnotherShopWithItsPicture(): void
    {
        $id = $this->readyJob();
        $file = (string) $this->ask('GET', '/api/jobs/' . $id . '/export')->getContent();
        $this->tearDown();
        $this->tearDown();
        $this->setUp();
        $view = $this->read($this->import($file), 201);
        self::assertSame($id, $view->record('job')->string('id'));
        self::assertSame('apple-branch.svg', $view->records('artworks')[0]->string('name'));
        $again = $this->read($this->import($file), 201);
        self::assertNotSame($id, $again->record('job')->string('id'), 'beside the one that is there, not over it');
    }

    /** @return iterable<string, array{callable(array<string, mixed>): mixed, string}> */
    public static function badFiles(): iterable
    {
        yield 'a missing field' => [static fn(array $f): array => array_diff_key($f, ['quantity' => 1]), 'quantity'];
        yield 'an unknown field' => [static fn(array $f): array => $f + ['sleeves' => 2], 'sleeves'];
        yield 'a wrong unit' => [
            static function (array $f): array {
                assert(is_array($f['transfers']) && is_array($f['transfers'][0]));
                $f['transfers'][0]['placement'] = ['by' => 'width', 'side_cm' => 24, 'right_mm' => 0, 'below_mm' => 80];

                return $f;
            },
            'transfers.0.placement.side_cm',
        ];
        yield 'text with a unit for a number' => [
            static fn(array $f): array => array_replace_recursive($f, [
                'transfers' => [['placement' => ['side_mm' => '240 mm']]],
            ]),
            'transfers.0.placement.side_mm',
        ];
        yield 'no picture at all' => [static fn(array $f): array => ['transfers' => []] + $f, 'transfers'];
        yield 'a side it does not have' => [
            static fn(array $f): array => array_replace_recursive($f, ['transfers' => [['side' => 'sleeve']]]),
            'side',
        ];
        yield 'a later version' => [static fn(array $f): array => ['version' => 2] + $f, 'version'];
        yield 'another format' => [static fn(array $f): array => ['format' => 'recipe'] + $f, 'format'];
        yield 'a list' => [static fn(array $f): array => [1, 2], 'file'];
        yield 'a size Wubbin does not have' => [
            static fn(array $f): array => array_replace_recursive($f, ['blank' => ['size' => 'XXS']]),
            'blank.size',
        ];
        yield 'a damaged picture' => [
            static fn(array $f): array => array_replace_recursive($f, [
                'transfers' => [['artwork' => ['embedded' => 'AAAA']]],
            ]),
            'artwork.embedded',
        ];
    }

    /** @param callable(array<string, mixed>): mixed $spoil */
    #[DataProvider('badFiles')]
    public function testABadJobFileIsRefusedAtItsField(callable $spoil, string $field): void
    {
        $id = $this->readyJob();
        /** @var array<string, mixed> $file */
        $file = json_decode((string) $this->ask('GET', '/api/jobs/' . $id . '/export')->getContent(), true);
        assert(
            is_array($file['transfers']) &&
                is_array($file['transfers'][0]) &&
                is_array($file['transfers'][0]['choices']),
        );
        // What is empty must be written {} again.
        $file['transfers'][0]['choices'] = array_map(
            static fn(mixed $choice): object => (object) $choice,
            $file['transfers'][0]['choices'],
        );
        $problem = $this->read($this->import(json_encode($spoil($file), \JSON_THROW_ON_ERROR)), 422);
        self::assertLessThanOrEqual(4, count($problem->record('errors')->stringMap()), 'only what is wrong is named');
        self::assertTrue(
            $problem->record('errors')->has($field),
            (string) json_encode($problem->record('errors')->stringMap()),
        );
        self::assertCount(1, $this->rows('/api/jobs'), 'nothing was taken in');
    }

    public function testAFileThatIsNoJsonIsRefused(): void
    {
        $this->read($this->import('{"format": '), 422);
        $this->read($this->import(''), 422);
    }

    public function testAJobIsCopiedAsAStartingPointOnce(): void
    {
        $id = $this->readyJob();
        $copy = $this->read($this->ask('POST', '/api/jobs/' . $id . '/copy', ['id' => 'second']), 201);
        $this->read($this->ask('POST', '/api/jobs/' . $id . '/copy', ['id' => 'second']), 201);
        self::assertSame('Crew shirts (copy)', $copy->record('job')->string('name'));
        self::assertTrue($copy->record('plan')->boolean('ready'));
        self::assertCount(2, $this->rows('/api/jobs'));
        $this->read($this->ask('POST', '/api/jobs/nobody/copy', ['id' => 'third']), 404);
    }

    public function testRoutesAreAdvisedAndTaken(): void
    {
        $id = $this->readyJob();
        $view = $this->read($this->ask('GET', '/api/jobs/' . $id));
        $this->read($this->change($id, $view->integer('revision'), ['colour' => '#1f4d2b']));
        $advice = $this->read($this->ask('GET', '/api/jobs/' . $id . '/advice?use=washed'))->records('advice');
        self::assertCount(12, $advice);
        self::assertSame(['dark-film', 'buy'], [$advice[0]->string('route'), $advice[0]->string('standing')]);
        $view = $this->read(
            $this->change($id, $view->integer('revision') + 1, $advice[0]->record('changes')->stringMap()),
        );
        self::assertSame('dark-film', $view->record('job')->records('transfers')[0]->string('route'));
        self::assertFalse($view->record('plan')->records('transfers')[0]->record('stack')->boolean('mirrored'));
        $this->read($this->ask('GET', '/api/jobs/' . $id . '/advice?use=eaten'), 422);
    }

    public function testARuleOfTheHouseHoldsForEveryJob(): void
    {
        $id = $this->readyJob();
        $drying = fn(): string => array_values(
            array_filter(
                $this->read($this->ask('GET', '/api/jobs/' . $id))
                    ->record('plan')
                    ->records('transfers')[0]
                    ->records('decisions'),
                static fn(Record $d): bool => 'drying' === $d->string('id'),
            ),
        )[0]->string('by');
        self::assertSame('wubbin', $drying());
        $this->ask('PATCH', '/api/house', ['drying' => 'dry-5']);
        self::assertSame('house', $drying());
        $this->ask('PATCH', '/api/house', ['drying' => '']);
        self::assertSame('wubbin', $drying());
        self::assertTrue(
            $this->read($this->ask('PATCH', '/api/house', ['drying' => 'never']), 422)->record('errors')->has('drying'),
        );
    }

    /** A picture on a mug, then on a candle: what cannot stay goes along, and everything is saved. */
    public function testAJobChangesItsBlank(): void
    {
        $id = $this->readyJob();
        $revision = $this->read($this->ask('GET', '/api/jobs/' . $id))->integer('revision');
        $view = $this->read($this->change($id, $revision, ['kind' => 'mug', 'route' => 'laser-ceramic']));
        self::assertSame('mug-ordinary', $view->record('job')->record('blank')->string('size'));
        self::assertTrue(
            $view->record('plan')->boolean('printable'),
            (string) json_encode($view->record('plan')->records('transfers')[0]->records('checks')),
        );
    }

    public function testSettingsAreHeldAgainstWhatThereIs(): void
    {
        $settings = [
            'units' => 'us',
            'comma' => true,
            'paper' => 'letter',
            'currency' => 'USD',
            'zone' => 'America/Denver',
            'theme' => 'dark',
            'inches' => 'decimals',
        ];
        $this->read($this->ask('PATCH', '/api/settings', $settings));
        $this->read($this->ask('PATCH', '/api/settings', ['currency' => 'CAD']));
        $kept = $this->read($this->ask('GET', '/api/settings'));
        self::assertSame(
            ['us', 'CAD', 'America/Denver', 'decimals'],
            [$kept->string('units'), $kept->string('currency'), $kept->string('zone'), $kept->string('inches')],
        );
        $problem = $this->read(
            $this->ask(
                'PATCH',
                '/api/settings',
                [
                    'units' => 'cubits',
                    'paper' => 'a3',
                    'currency' => 'euro',
                    'zone' => 'Mars',
                    'theme' => 'pink',
                    'inches' => 'feet',
                ] + $settings,
            ),
            422,
        );
        self::assertCount(6, $problem->record('errors')->stringMap());
    }

    public function testABareNumberIsInTheShopsUnits(): void
    {
        $settings = [
            'units' => 'us',
            'comma' => false,
            'paper' => 'a4',
            'currency' => 'USD',
            'zone' => 'UTC',
            'theme' => 'light',
        ];
        $this->read($this->ask('PATCH', '/api/settings', $settings));
        $view = $this->read(
            $this->ask('POST', '/api/jobs', ['id' => 'inches', 'name' => 'Inches', 'changes' => ['width' => '9']]),
            201,
        );
        self::assertEqualsWithDelta(
            228.6,
            $view->record('job')->records('transfers')[0]->record('placement')->number('side_mm'),
            1e-9,
        );
    }

    /** @param array<string, string> $changes */
    private function change(string $id, int $revision, array $changes): Response
    {
        return $this->ask('PATCH', '/api/jobs/' . $id, ['revision' => $revision, 'changes' => (object) $changes]);
    }

    private function import(string $json): Response
    {
        $path = $this->data . '/import.json';
        file_put_contents($path, $json);

        return $this->ask('POST', '/api/jobs/import', file: new UploadedFile($path, 'job.json', test: true));
    }
}
