<?php

declare(strict_types=1);

namespace Wubbin\Tests\Proof;

use PHPUnit\Framework\Attributes\DataProvider;
use Wubbin\Core\Measure\Record;
use Wubbin\Task\OutsideProgram;
use Wubbin\Tests\Support\ShopTestCase;

final class ProofApiTest extends ShopTestCase
{
    /** @param array<string, string> $changes */
    private function change(array $changes): Record
    {
        $revision = $this->read($this->ask('GET', '/api/jobs/crew'))->integer('revision');

        return $this->read(
            $this->ask('PATCH', '/api/jobs/crew', [
                'revision' => $revision,
                'changes' => $changes,
                'transfer' => 0,
            ]),
        );
    }

    /** @param array<string, string> $wish */
    private function proof(array $wish = []): Record
    {
        return $this->read($this->ask('POST', '/api/jobs/crew/proofs', $wish), 201);
    }

    /** Ids of what blocks. */
    private function blocking(): string
    {
        $checks = $this->read($this->ask('GET', '/api/jobs/crew'))
            ->record('plan')
            ->records('transfers')[0]
            ->records('checks');

        return implode(
            ' ',
            array_map(
                static fn(Record $one): string => $one->string('id'),
                array_filter($checks, static fn(Record $one): bool => $one->boolean('blocks')),
            ),
        );
    }

    public function testWhatIsShownIsFrozen(): void
    {
        $this->readyJob();
        $proof = $this->proof(['for' => 'The crew', 'price' => '120.50', 'valid' => '2031-01-31', 'words' => 'Hello.']);
        $this->change(['width' => '100 mm', 'name' => 'Other shirts']);
        $file = $this->data . '/proof.pdf';
        $pdf = $this->ask('GET', $proof->string('url'));
        ob_start();
        $pdf->sendContent();
        file_put_contents($file, (string) ob_get_clean());
        $text = OutsideProgram::run(['pdftotext', '-layout', $file, '-'], 20.0);
        foreach (['Crew shirts', 'The crew', '240', '120.50 EUR', '2031-01-31', 'Hello.'] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertFalse($this->rows('/api/jobs/crew/proofs')[0]->boolean('current'));
    }

    public function testAJobThatWasChangedAfterItWasApprovedStopsBeforePrinting(): void
    {
        $this->readyJob();
        $proof = $this->proof();
        $this->read(
            $this->ask('POST', '/api/proofs/' . $proof->string('id') . '/answer', [
                'state' => 'approved',
                'by' => 'Hazel',
            ]),
        );
        self::assertSame('', $this->blocking());
        $this->change(['right' => '10 mm']);
        self::assertSame('proof.changed', $this->blocking());
        $this->read($this->ask('POST', '/api/jobs/crew/sheet'), 422);
        $this->change(['override.proof.changed' => 'Told on the telephone.']);
        self::assertSame('', $this->blocking());
        $this->change(['override.proof.changed' => '', 'right' => '0 mm']);
        self::assertStringNotContainsString('proof', $this->blocking());
    }

    public function testRemarksComeBackAndNothingIsApproved(): void
    {
        $this->readyJob();
        $id = $this->proof()->string('id');
        $answered = $this->read(
            $this->ask('POST', "/api/proofs/{$id}/answer", [
                'state' => 'remarks',
                'by' => 'Hazel',
                'remarks' => 'Larger, please.',
            ]),
        );
        self::assertSame('Larger, please.', $answered->string('remarks'));
        self::assertFalse($this->read($this->ask('GET', '/api/jobs/crew'))->record('job')->has('approval'));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function mistakes(): iterable
    {
        yield 'no such day' => [['valid' => '2026-02-31'], 'valid'];
        yield 'no money' => [['price' => 'a lot'], 'price'];
    }

    /** @param array<string, string> $wish */
    #[DataProvider('mistakes')]
    public function testAMistakeIsToldAtItsField(array $wish, string $field): void
    {
        $this->readyJob();
        $problem = $this->read($this->ask('POST', '/api/jobs/crew/proofs', $wish), 422);
        self::assertTrue($problem->record('errors')->has($field));
    }

    public function testSomebodyHasToAnswer(): void
    {
        $this->readyJob();
        $id = $this->proof()->string('id');
        foreach (
            [
                'by' => ['state' => 'approved', 'by' => ' '],
                'remarks' => ['state' => 'remarks', 'by' => 'Hazel'],
                'state' => ['state' => 'perhaps', 'by' => 'Hazel'],
            ]
            as $field => $body
        ) {
            $problem = $this->read($this->ask('POST', "/api/proofs/{$id}/answer", $body), 422);
            self::assertTrue($problem->record('errors')->has($field), $field);
        }
    }
}
