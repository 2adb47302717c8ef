<?php

declare(strict_types=1);

namespace Wubbin\Tests\Sheet;

use Wubbin\Core\Measure\Record;
use Wubbin\Sheet\SearchSheets;
use Wubbin\Task\Progress;
use Wubbin\Tests\Support\ShopTestCase;

/** A search for fewer sheets: what it finds is kept with the job and read wherever sheets are counted. */
final class SearchSheetsTest extends ShopTestCase
{
    public function testWhatIsFoundIsReadEverywhere(): void
    {
        $this->readyJob();
        $this->changed(['width' => '70 mm', 'breakdown' => '10 S 84 mm, 8 M 112 mm']);
        self::assertSame(202, $this->ask('POST', '/api/jobs/crew/sheets/search')->getStatusCode());
        $before = $this->sheets();
        /** @var object{before: int, after: int} $told */
        $told = $this->service(SearchSheets::class)->run(Record::of(['job' => 'crew']), self::patient(300));
        self::assertSame($before, $told->before);
        self::assertLessThan($before, $told->after);
        self::assertSame($told->after, $this->sheets());
        $lines = $this->read($this->ask('GET', '/api/jobs/crew/cost'))->records('lines');
        self::assertStringContainsString(
            $told->after . ' sheets',
            implode("\n", array_map(static fn(Record $line): string => (string) json_encode($line->raw()), $lines)),
        );

        $this->changed(['breakdown' => '10 S 84 mm, 9 M 112 mm']);
        self::assertSame($before, $this->sheets(), 'another count is another question');
        $this->changed(['breakdown' => '10 S 84 mm, 8 M 112 mm']);
        self::assertSame($told->after, $this->sheets(), 'and the old one is answered as before');
    }

    public function testOnePictureASheet(): void
    {
        $this->readyJob();
        $this->changed(['width' => '70 mm', 'quantity' => '12']);
        self::assertLessThan(12, $this->sheets());
        $this->changed(['alone' => 'yes']);
        self::assertSame(12, $this->sheets());
        $this->read($this->ask('POST', '/api/jobs/nobody/sheets/search'), 404);
    }

    /** Has enough after so many tries, however long they take. */
    private static function patient(int $tries): Progress
    {
        return new class ($tries) implements Progress {
            public function __construct(private int $tries) {}

            public function at(float $share, string $doing): void {}

            public function enough(): bool
            {
                return --$this->tries < 0;
            }
        };
    }

    private function sheets(): int
    {
        return $this->read($this->ask('GET', '/api/jobs/crew'))->record('work')->integer('sheets');
    }

    /** @param array<string, string> $changes */
    private function changed(array $changes): void
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read($this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => $changes]));
    }
}
