<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Job;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Wubbin\Core\Job\JobFile;
use Wubbin\Core\Job\OnePictureFile;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Tests\Orchard;

/** Files that were written before a piece could have several pictures. */
final class OnePictureFileTest extends TestCase
{
    public function testAnOldFileIsTheSameJob(): void
    {
        $now = Orchard::jobFile();
        $old = array_diff_key($now['transfers'][0], ['side' => 1, 'over' => 1, 'shows' => 1]) + array_diff_key($now, ['transfers' => 1]);
        $again = JobFile::read(Record::of(json_decode(OnePictureFile::upgraded((string) json_encode($old)), true)));
        self::assertEquals(Orchard::job(), $again);
    }

    #[TestWith(['mug', 'round'])]
    #[TestWith(['pillar-candle', 'round'])]
    #[TestWith(['shirt', 'front'])]
    public function testItsPictureIsOnTheSideThatThereWas(string $kind, string $side): void
    {
        $old = (string) json_encode(['blank' => ['kind' => $kind], 'placement' => [], 'route' => 'light-film']);
        self::assertSame($side, Record::of(json_decode(OnePictureFile::upgraded($old), true))->records('transfers')[0]->string('side'));
    }

    public function testWhatIsEmptyStaysAnObject(): void
    {
        self::assertStringContainsString('"things":{}', OnePictureFile::upgraded('{"blank":{"kind":"shirt"},"placement":{},"route":"x","choices":{"things":{}}}'));
    }

    #[TestWith(['not JSON at all'])]
    #[TestWith(['[1,2]'])]
    #[TestWith(['{"transfers":[],"placement":{},"route":"x"}'])]
    public function testAnythingElseComesBackAsItCame(string $json): void
    {
        self::assertSame($json, OnePictureFile::upgraded($json));
    }
}
