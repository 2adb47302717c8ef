<?php

declare(strict_types=1);

namespace Wubbin\Tests\Cost;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\File\UploadedFile;
use Symfony\Component\Process\Process;
use Wubbin\Core\Measure\Record;
use Wubbin\Tests\Support\ShopTestCase;

final class CostApiTest extends ShopTestCase
{
    private const RATES = [
        'hour' => '18.00',
        'kwh' => '0.32',
        'overhead' => '10',
        'spares' => '0',
        'margin' => '40',
        'set_up' => '12.00',
        'tax' => '19',
    ];
    private const WISH = [
        'jobs' => ['crew'],
        'for' => 'Rowan Mill',
        'by' => 'margin',
        'margin' => '40',
        'target' => '0',
        'breaks' => '10, 50',
        'set_up' => '12.00',
        'tax' => '19',
        'valid' => '2099-12-31',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->readyJob();
    }

    public function testWhatAPieceCostsAndWhatOfIt(): void
    {
        $this->priced();
        $cost = $this->read($this->ask('GET', '/api/jobs/crew/cost?pieces=4'));
        self::assertTrue($cost->boolean('whole'));
        self::assertSame(
            $cost->integer('total'),
            array_sum(array_map(static fn(Record $line): int => $line->integer('minor'), $cost->records('lines'))),
            'parts add up to the last cent',
        );
        self::assertSame(
            ['sheet', 'ink', 'blank', 'energy', 'hands', 'overhead'],
            array_map(
                static fn(Record $line): string => $line->string('id'),
                array_values(
                    array_filter(
                        $cost->records('lines'),
                        static fn(Record $line): bool => 'cover' !== $line->string('id'),
                    ),
                ),
            ),
        );
    }

    /** A small picture has most of its sheet cut away: more of them on it are cheaper. */
    public function testWhatWouldMakeItCheaper(): void
    {
        $this->priced();
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');
        $this->read(
            $this->ask('PATCH', '/api/jobs/crew', ['revision' => $revision, 'changes' => ['width' => '50 mm']]),
        );
        $cost = $this->read($this->ask('GET', '/api/jobs/crew/cost?pieces=1'));
        self::assertSame('fill', $cost->records('cheaper')[0]->string('kind'));
        self::assertGreaterThan(0.0, $cost->records('cheaper')[0]->number('saved'));
    }

    /** Six good of six at this very setting: what was spoiled at another one does not count. */
    public function testLossesAreThoseOfTheSetting(): void
    {
        $this->priced();
        $facts = $this->read($this->ask('GET', '/api/jobs/crew'))
            ->record('plan')
            ->records('transfers')[0]
            ->record('facts');
        $line = static fn(int $n, string $outcome, float $seconds): string => sprintf(
            '2026-03-01T10:%02d:00+01:00,Shirts,%s,light-film,%s,%s,%s,%s',
            $n,
            $outcome,
            $facts->number('setting_c'),
            $seconds,
            $facts->stringOrNull('pressure'),
            $facts->stringOrNull('base'),
        );
        $other = array_map(
            static fn(int $n): string => $line($n, 'spoiled', $facts->number('dwell_s') + 10.0),
            range(10, 20),
        );
        $this->logged($other);
        self::assertEqualsWithDelta(
            0.5 / 12.0,
            $this->read($this->ask('GET', '/api/jobs/crew/cost'))->number('success'),
            1e-9,
            'of the route, where nothing better is known',
        );
        $this->logged(
            array_map(static fn(int $n): string => $line($n, 'good', $facts->number('dwell_s')), range(30, 35)),
        );
        self::assertEqualsWithDelta(
            6.5 / 7.0,
            $this->read($this->ask('GET', '/api/jobs/crew/cost'))->number('success'),
            1e-9,
        );
    }

    /** @param list<string> $lines */
    private function logged(array $lines): void
    {
        $path = $this->data . '/log-' . bin2hex(random_bytes(4)) . '.csv';
        file_put_contents(
            $path,
            "at,name,outcome,route,celsius,seconds_planned,pressure,base\n" . implode("\n", $lines) . "\n",
        );
        $this->read($this->ask('POST', '/api/logbook/import', file: new UploadedFile($path, 'log.csv', test: true)));
    }

    public function testWhatNobodyKnowsIsNamed(): void
    {
        $cost = $this->read($this->ask('GET', '/api/jobs/crew/cost'));
        self::assertFalse($cost->boolean('whole'));
        self::assertContains(
            'hour',
            array_map(static fn(Record $line): ?string => $line->stringOrNull('wanted'), $cost->records('lines')),
        );
    }

    #[TestWith(['0'])]
    #[TestWith(['-2'])]
    #[TestWith(['many'])]
    #[TestWith(['10001'])]
    public function testPiecesThatCannotBe(string $pieces): void
    {
        self::assertTrue(
            $this->read($this->ask('GET', '/api/jobs/crew/cost?pieces=' . $pieces), 422)
                ->record('errors')
                ->has('pieces'),
        );
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badRates(): iterable
    {
        yield 'an hour that pays' => [['hour' => '-5'], 'hour'];
        yield 'words' => [['kwh' => 'cheap'], 'kwh'];
        yield 'a margin of all' => [['margin' => '100'], 'margin'];
        yield 'a tax below zero' => [['tax' => '-1'], 'tax'];
        yield 'half a sheet' => [['spares' => '0.5'], 'spares'];
    }

    /** @param array<string, string> $with */
    #[DataProvider('badRates')]
    public function testRatesThatCannotBeAreToldAtTheirField(array $with, string $field): void
    {
        self::assertTrue(
            $this->read($this->ask('PUT', '/api/rates', $with + self::RATES), 422)->record('errors')->has($field),
        );
        self::assertSame('', $this->read($this->ask('GET', '/api/rates'))->string('hour'), 'nothing of it was kept');
    }

    public function testAQuoteIsReckonedKeptAndNumbered(): void
    {
        $this->priced();
        $reckoned = $this->read($this->ask('POST', '/api/quotes/reckoned', self::WISH));
        self::assertNull($reckoned->has('number') ? $reckoned->numberOrNull('number') : null);
        self::assertSame(
            [10, 50],
            array_map(
                static fn(Record $break): int => $break->integer('quantity'),
                $reckoned->records('lines')[0]->records('breaks'),
            ),
        );
        self::assertSame($reckoned->integer('gross'), $reckoned->integer('net') + $reckoned->integer('tax'));
        self::assertSame($reckoned->integer('net'), $reckoned->records('lines')[0]->integer('amount') + 1200);
        $kept = $this->read($this->ask('POST', '/api/quotes?id=one', self::WISH), 201);
        self::assertSame(1, $kept->integer('number'));
        self::assertSame(
            1,
            $this->read($this->ask('POST', '/api/quotes?id=one', self::WISH), 201)->integer('number'),
            'a second click',
        );
        self::assertSame(2, $this->read($this->ask('POST', '/api/quotes?id=two', self::WISH), 201)->integer('number'));
        self::assertCount(2, $this->rows('/api/quotes'));
    }

    /** What changes in the shop later does not change what was given. */
    public function testAQuoteStaysAsItWasGiven(): void
    {
        $this->priced();
        $gross = $this->read($this->ask('POST', '/api/quotes?id=one', self::WISH), 201)->integer('gross');
        $this->read($this->ask('PUT', '/api/rates', ['hour' => '90.00'] + self::RATES));
        self::assertSame($gross, $this->rows('/api/quotes')[0]->integer('gross'));
        self::assertGreaterThan(
            $gross,
            $this->read($this->ask('POST', '/api/quotes/reckoned', self::WISH))->integer('gross'),
        );
    }

    /** Read back by poppler. */
    public function testAQuoteOnPaper(): void
    {
        $this->priced();
        $kept = $this->read(
            $this->ask('POST', '/api/quotes?id=one', ['for' => 'Rowan Mill, Ölkeller'] + self::WISH),
            201,
        );
        file_put_contents($this->data . '/quote.pdf', (string) $this->ask('GET', '/api/quotes/one.pdf')->getContent());
        $text = (new Process(['pdftotext', '-layout', $this->data . '/quote.pdf', '-']))->mustRun()->getOutput();
        foreach (
            [
                'Quote 1',
                'Rowan Mill, Ölkeller',
                'Crew shirts',
                'valid until 2099-12-31',
                number_format($kept->integer('gross') / 100, 2, '.', ''),
                'Set-up, once',
                'Tax, 19 %',
            ]
            as $said
        ) {
            self::assertStringContainsString($said, $text);
        }
        self::assertStringNotContainsString('margin', strtolower($text), 'what it costs is nobody’s business');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badQuotes(): iterable
    {
        yield 'for nothing' => [['jobs' => []], 'jobs'];
        yield 'a margin of more than all' => [['margin' => '120'], 'margin'];
        yield 'a target below zero' => [['by' => 'target', 'target' => '-1'], 'target'];
        yield 'a break of words' => [['breaks' => 'lots'], 'breaks'];
        yield 'too many breaks' => [['breaks' => '1,2,3,4,5,6,7'], 'breaks'];
        yield 'a day that is over' => [['valid' => '2020-01-01'], 'valid'];
        yield 'no day' => [['valid' => 'soon'], 'valid'];
        yield 'a day there is not' => [['valid' => '2099-02-30'], 'valid'];
        yield 'by feeling' => [['by' => 'feeling'], 'by'];
        yield 'a name too long' => [['for' => str_repeat('a', 121)], 'for'];
    }

    /** @param array<string, mixed> $with */
    #[DataProvider('badQuotes')]
    public function testAQuoteThatCannotBeIsToldAtItsField(array $with, string $field): void
    {
        self::assertTrue(
            $this->read($this->ask('POST', '/api/quotes/reckoned', $with + self::WISH), 422)
                ->record('errors')
                ->has($field),
        );
    }

    public function testATargetThatDoesNotPaySaysSo(): void
    {
        $this->priced();
        self::assertLessThan(
            0.0,
            $this->read($this->ask('POST', '/api/quotes/reckoned', ['by' => 'target', 'target' => '1.00'] + self::WISH))
                ->records('lines')[0]
                ->number('margin'),
        );
    }

    private function priced(): void
    {
        $this->read($this->ask('PUT', '/api/rates', self::RATES));
        foreach (
            [
                'sheet film-clear-a4' => '90',
                'ink inkjet-dye' => '50',
                'blank shirt M #ffffff' => '450',
                'cover parchment' => '20',
                'cover silicone' => '20',
            ]
            as $item => $each
        ) {
            $this->read(
                $this->ask('POST', '/api/stock', [
                    'id' => 'bought',
                    'item' => $item,
                    'kind' => 'bought',
                    'amount' => '100',
                    'price' => $each,
                    'note' => '',
                ]),
            );
        }
    }
}
