<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Measure;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\ProvenanceKind;
use Wubbin\Core\Measure\Record;

final class RecordTest extends TestCase
{
    public function testValuesComeWithTheirTypes(): void
    {
        $record = Record::of([
            's' => 'x',
            'n' => 1.5,
            'i' => 3,
            'b' => true,
            'kind' => 'assumed',
            'in' => ['s' => 'y'],
            'list' => [['s' => 'z']],
            'words' => ['a', 'b'],
        ]);
        self::assertSame('x', $record->string('s'));
        self::assertSame(1.5, $record->number('n'));
        self::assertSame(3, $record->integer('i'));
        self::assertTrue($record->boolean('b'));
        self::assertSame(ProvenanceKind::Assumed, $record->enum('kind', ProvenanceKind::class));
        self::assertSame('y', $record->record('in')->string('s'));
        self::assertSame('z', $record->records('list')[0]->string('s'));
        self::assertSame(['a', 'b'], $record->strings('words'));
        self::assertNull($record->stringOrNull('none'));
        self::assertNull($record->numberOrNull('none'));
        self::assertNull($record->recordOrNull('none'));
        self::assertSame([], $record->records('none'));
        self::assertSame([], $record->strings('none'));
        self::assertSame(['s' => 'y'], $record->record('in')->stringMap());
    }

    /** @return iterable<string, array{\Closure(Record): mixed, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'missing text' => [static fn(Record $r): string => $r->string('gone'), 'gone', 'missing'];
        yield 'number for text' => [static fn(Record $r): string => $r->string('n'), 'n', 'Text'];
        yield 'missing number' => [static fn(Record $r): float => $r->number('gone'), 'gone', 'missing'];
        yield 'text for number' => [static fn(Record $r): float => $r->number('s'), 's', 'number'];
        yield 'endless number' => [static fn(Record $r): float => $r->number('inf'), 'inf', 'number'];
        yield 'part for whole' => [static fn(Record $r): int => $r->integer('n'), 'n', 'whole'];
        yield 'text for yes' => [static fn(Record $r): bool => $r->boolean('s'), 's', 'Yes or no'];
        yield 'unknown word' => [
            static fn(Record $r): \BackedEnum => $r->enum('s', ProvenanceKind::class),
            's',
            'published',
        ];
        yield 'text for entries' => [static fn(Record $r): Record => $r->record('s'), 's', 'Entries'];
        yield 'deep inside' => [
            static fn(Record $r): string => $r->record('in')->record('deeper')->string('x'),
            'in.deeper.x',
            'missing',
        ];
    }

    /** @param \Closure(Record): mixed $read */
    #[DataProvider('mistakes')]
    public function testEachMistakeNamesItsPlace(\Closure $read, string $field, string $message): void
    {
        $record = Record::of(['s' => 'x', 'n' => 1.5, 'inf' => \INF, 'in' => ['deeper' => []]]);
        try {
            $read($record);
            self::fail('A mistake was let through.');
        } catch (BadRecord $e) {
            self::assertSame($field, $e->field);
            self::assertStringContainsString($message, $e->getMessage());
        }
    }

    public function testAFigureThatIsPublishedMustNameItsSource(): void
    {
        self::assertSame(
            'ISO 216',
            Provenance::fromRecord(Record::of(['kind' => 'published', 'source' => 'ISO 216']))->source,
        );
        self::assertNull(Provenance::fromRecord(Record::of(['kind' => 'common-practice']))->source);
        $this->expectException(BadRecord::class);
        Provenance::fromRecord(Record::of(['kind' => 'from-memory']));
    }
}
