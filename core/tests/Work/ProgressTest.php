<?php

declare(strict_types=1);

namespace Wubbin\Core\Tests\Work;

use PHPUnit\Framework\TestCase;
use Wubbin\Core\Work\Progress;

final class ProgressTest extends TestCase
{
    /** @return list<string> */
    private static function of(Progress $progress): array
    {
        return array_map(
            static fn(array $stage): string => sprintf('%s %d/%d', $stage['id'], $stage['count'], $stage['of']),
            $progress->stages(),
        );
    }

    public function testEachStageIsAsFarAsItIs(): void
    {
        self::assertSame(
            ['picture 1/1', 'checked 1/1', 'printed 12/12', 'pressed 9/12', 'finished 7/12', 'handed 0/12'],
            self::of(new Progress(12, true, 0, 14, 9, 7, 0)),
        );
    }

    public function testWhatIsNotPrintedHasNoSuchStage(): void
    {
        self::assertNotContains('printed 0/2', self::of(new Progress(2, true, 0, null, 0, 0, 0)));
        self::assertCount(5, self::of(new Progress(2, true, 0, null, 0, 0, 0)));
    }

    public function testWithoutAPictureNothingIsChecked(): void
    {
        $none = self::of(new Progress(2, false, 0, 0, 0, 0, 0));
        self::assertSame(['picture 0/1', 'checked 0/1'], array_slice($none, 0, 2));
        self::assertSame('checked 0/1', self::of(new Progress(2, true, 3, 0, 0, 0, 0))[1]);
    }

    public function testMoreThanWantedIsAllThatIsWanted(): void
    {
        self::assertContains('finished 2/2', self::of(new Progress(2, true, 0, 2, 3, 3, 5)));
    }
}
