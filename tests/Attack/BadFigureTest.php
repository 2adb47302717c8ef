<?php

declare(strict_types=1);

namespace Wubbin\Tests\Attack;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\HttpFoundation\Response;
use Wubbin\Job\StoredJob;
use Wubbin\Tests\Support\ShopTestCase;

/** Nothing that a person cannot mean comes in, and nothing is cut without a word. */
final class BadFigureTest extends ShopTestCase
{
    #[TestWith(['figure.dwell', '0', 'from 1 s to 30 min'])]
    #[TestWith(['figure.dwell', '24 h', 'from 1 s to 30 min'])]
    #[TestWith(['figure.dwell', '1 30', 'not a time'])]
    #[TestWith(['figure.prepress', '3abc', 'not a time'])]
    #[TestWith(['figure.nothing', '3', 'no such figure'])]
    #[TestWith(['medium', 'film-of-the-moon', 'Choose one'])]
    #[TestWith(['marking', "\u{202e}", 'Choose one'])]
    #[TestWith(['heat', 'nobody-has-it', 'Choose one'])]
    #[TestWith(['recipe', 'never-written', 'Choose one'])]
    #[TestWith(['school.coats', 'coats-99', 'Choose one'])]
    #[TestWith(['school.weather', 'rain', 'Choose one'])]
    #[TestWith(['override.no such check', 'because', 'no such check'])]
    #[TestWith(['override.made.up', 'because', 'no such check'])]
    #[TestWith(['quantity', '3abc', 'from 1 to 10 000'])]
    #[TestWith(['due', "2026-12-05\0", 'cannot be stored'])]
    public function testItIsToldAtItsField(string $field, string $typed, string $told): void
    {
        $this->readyJob();
        $job = $this->read($this->ask('GET', '/api/jobs/crew'));
        $problem = $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $job->integer('revision'),
                'changes' => [$field => $typed],
            ]),
            422,
        );
        self::assertStringContainsString($told, $problem->record('errors')->string($field));
        self::assertEquals($job, $this->read($this->ask('GET', '/api/jobs/crew')), 'nothing was changed');
    }

    public function testANameOfAMegabyteIsRefusedEverywhere(): void
    {
        $this->readyJob();
        $long = str_repeat('x', 1 << 20);
        $job = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $copy = ['kind' => 'bases', 'like' => 'press-pad', 'label' => $long, 'typed' => ['thickness' => '2 mm']];
        foreach (
            [
                ['PATCH', '/api/jobs/crew', ['revision' => $job, 'changes' => ['override.face.mirrored' => $long]]],
                ['POST', '/api/shelf/own', ['id' => 'mat'] + $copy],
                ['POST', '/api/shelf/own', ['id' => 'mat', 'label' => str_repeat('x', 121)] + $copy],
                ['PUT', '/api/day/pins', ['activity' => $long, 'day' => '2026-12-05', 'time' => '10:00']],
                ['PATCH', '/api/settings', ['currency' => $long]],
            ]
            as [$method, $path, $body]
        ) {
            $this->read($this->ask($method, $path, $body), 422);
        }
    }

    /** It was taken once, and a shop may have it: it opens, is planned with, and stands as a stop. */
    public function testAFigureThatWasStoredBeforeStandsAsAStop(): void
    {
        $this->readyJob();
        $entities = $this->service(EntityManagerInterface::class);
        foreach ([0.0, 86_400.0, -5.0] as $dwell) {
            $entities
                ->getConnection()
                ->executeStatement(
                    'UPDATE job SET document = json_set(document, ' .
                        "'$.transfers[0].choices.figures', json_object('dwell', CAST(? AS REAL))) WHERE id = 'crew'",
                    [$dwell],
                );
            $entities->clear();
            $job = $this->read($this->ask('GET', '/api/jobs/crew'));
            $checks = [];
            foreach ($job->record('plan')->records('transfers')[0]->records('checks') as $check) {
                $checks[$check->string('id')] = $check->string('severity');
            }
            self::assertSame('stop', $checks['figure.dwell'] ?? null, (string) $dwell);
        }
        self::assertNotNull($entities->find(StoredJob::class, 'crew'));
    }

    /** @return iterable<string, array{string, string, string}> what is there, what becomes of it, where it is told */
    public static function badFiles(): iterable
    {
        yield 'sizes that are not as many as the pieces' => [
            '"breakdown": []',
            '"breakdown": [{"quantity": 500, "size": "S", "colour": null, "width_mm": null}]',
            'breakdown',
        ];
        $choices = 'transfers.0.choices.';
        $schools = '"schools": {}';
        yield 'a school that nobody knows' => [
            $schools,
            '"schools": {"coats": "coats-99"}',
            $choices . 'schools.coats',
        ];
        $figures = '"figures": {}';
        yield 'a day under the iron' => [$figures, '"figures": {"dwell": 86400}', $choices . 'figures.dwell'];
        yield 'a figure of no route' => [$figures, '"figures": {"weather": 3}', $choices . 'figures.weather'];
        $things = '"things": {}';
        yield 'a paper with a path for a name' => [$things, '"things": {"medium": "../f"}', $choices . 'things.medium'];
        yield 'an id that is a number' => ['"id": "crew"', '"id": "0"', 'id'];
    }

    #[DataProvider('badFiles')]
    public function testAJobFileThatCannotBeMeantIsNotTakenIn(string $is, string $becomes, string $field): void
    {
        $this->readyJob();
        $import = function (string $json): Response {
            $path = $this->data . '/job.json';
            file_put_contents($path, $json);

            return $this->ask('POST', '/api/jobs/import', file: new UploadedFile($path, 'job.json', test: true));
        };
        $whole = (string) $this->ask('GET', '/api/jobs/crew/export')->getContent();
        $this->read($import($whole), 201);
        self::assertStringContainsString($is, $whole);
        $problem = $this->read($import(str_replace($is, $becomes, $whole)), 422);
        self::assertContains($field, $problem->record('errors')->keys());
        self::assertCount(2, $this->rows('/api/jobs'));
    }

    /** What a file has too many of, or too few, is said in numbers, and not in the words of whoever checks it. */
    public function testAShelfThatHoldsTooMuchIsToldInWords(): void
    {
        $this->readyJob();
        $shelf = $this->read($this->ask('GET', '/api/shelf'))->raw();
        $many = array_map(static fn(int $n): string => 'film-' . $n, range(1, 301));
        foreach ([['media' => $many], ['media' => ['film-clear-a4', 'film-clear-a4']], ['heat' => 'none']] as $wrong) {
            $problem = $this->read($this->ask('PUT', '/api/shelf', $wrong + $shelf), 422);
            $told = $problem->record('errors')->string(array_key_first($wrong));
            self::assertDoesNotMatchRegularExpression('/[{}]/', $told);
        }
        self::assertSame(
            'At most 300 of these can be read.',
            $this->read($this->ask('PUT', '/api/shelf', ['media' => $many] + $shelf), 422)
                ->record('errors')
                ->string('media'),
        );
    }

    public function testWhatGoesWrongInsideIsLoggedUnderTheNumberThatIsTold(): void
    {
        $this->readyJob();
        $this->service(EntityManagerInterface::class)->getConnection()->executeStatement('DROP TABLE quote');
        $problem = $this->read($this->ask('GET', '/api/quotes'), 500);
        self::assertSame(
            1,
            preg_match('/number (\d{3}-\d{3})/', $problem->string('title'), $found),
            $problem->string('title'),
        );
        $log = (string) file_get_contents((string) ((array) glob($this->data . '/logs/errors-*.log'))[0]);
        self::assertStringContainsString(($found[1] ?? '') . ': GET /api/quotes', $log);
        self::assertStringContainsString('no such table: quote', $log);
        self::assertStringContainsString('QuoteController.php', $log, 'where it was');
    }

    public function testAddressesThatCannotBeReadAreNobodysFault(): void
    {
        foreach (
            ['/api/jobs?words=%ff', '/api/logbook?words=%00', '/api/jobs?words[]=a', '/api/costs?x=%c3%28']
            as $path
        ) {
            $problem = $this->read($this->ask('GET', $path), 400);
            self::assertStringNotContainsString('inside Wubbin', $problem->string('title'), $path);
        }
    }
}
