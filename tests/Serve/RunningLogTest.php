<?php

declare(strict_types=1);

namespace Wubbin\Tests\Serve;

use PHPUnit\Framework\TestCase;
use Wubbin\Serve\RunningLog;

final class RunningLogTest extends TestCase
{
    public function testWhatIsOldIsPutAsideAndAtLastGone(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'wubbin-log');
        $log = new RunningLog($path);
        // Held open, as by a server that writes its lines.
        $writer = fopen($path, 'a');
        self::assertNotFalse($writer);
        for ($round = 1; $round <= 5; ++$round) {
            fwrite($writer, 'round ' . $round . str_repeat('.', 5 << 20));
            $log->rotate();
            fwrite($writer, "a line after it\n");
        }
        self::assertSame("a line after it\n", file_get_contents($path), 'whoever writes goes on in the emptied one');
        self::assertCount(3, (array) glob($path . '.*'));
        self::assertStringStartsWith("a line after it\nround 5", (string) file_get_contents($path . '.1'));
        self::assertStringStartsWith("a line after it\nround 3", (string) file_get_contents($path . '.3'));
        fclose($writer);
        array_map(unlink(...), array_filter((array) glob($path . '*'), is_string(...)));
    }

    public function testASmallOneIsLeft(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'wubbin-log');
        file_put_contents($path, 'few lines');
        (new RunningLog($path))->rotate();
        self::assertSame('few lines', file_get_contents($path));
        unlink($path);
    }
}
