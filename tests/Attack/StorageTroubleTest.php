<?php

declare(strict_types=1);

namespace Wubbin\Tests\Attack;

use Doctrine\DBAL\Connection;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Wubbin\Storage\MigrateCommand;
use Wubbin\Storage\StorageTrouble;
use Wubbin\Storage\TroubleKind;
use Wubbin\Tests\Support\ShopTestCase;

/** What is wrong with the disk is told in words; what can still be read is read, and nothing is written over. */
final class StorageTroubleTest extends ShopTestCase
{
    private ?string $mounted = null;

    protected function tearDown(): void
    {
        if (null !== $this->mounted) {
            (new Process(['umount', '-l', $this->mounted]))->run();
        }
        parent::tearDown();
    }

    private function start(): TroubleKind
    {
        $this->restart();
        try {
            $this->service(MigrateCommand::class)->run(new ArrayInput([]), new BufferedOutput());
        } catch (StorageTrouble $trouble) {
            return $trouble->kind;
        }
        self::fail('It starts.');
    }

    private function database(): string
    {
        return $this->data . '/wubbin.sqlite';
    }

    public function testADatabaseOfNoBytesIsNeverAnEmptyShop(): void
    {
        $this->readyJob();
        file_put_contents($this->database(), '');
        array_map(unlink(...), array_filter((array) glob($this->database() . '-*'), is_string(...)));
        self::assertSame(TroubleKind::Empty, $this->start());
        self::assertSame(0, filesize($this->database()), 'nothing was written');
    }

    public function testPicturesWithoutADatabaseAreNoEmptyShop(): void
    {
        $this->readyJob();
        array_map(unlink(...), array_filter((array) glob($this->database() . '*'), is_string(...)));
        self::assertSame(TroubleKind::Missing, $this->start());
        self::assertFileDoesNotExist($this->database());
        self::assertSame(503, $this->ask('GET', '/api/jobs')->getStatusCode());
        self::assertFileDoesNotExist($this->database(), 'a page asked for makes none either');
    }

    public function testADamagedDatabaseIsNamed(): void
    {
        $this->readyJob();
        $this->service(Connection::class)->close();
        $this->restart();
        $file = fopen($this->database(), 'r+');
        self::assertNotFalse($file);
        for ($page = 1; $page < (int) filesize($this->database()) / 4096; ++$page) {
            fseek($file, 4096 * $page);
            fwrite($file, str_repeat("\xA5", 4096));
        }
        fclose($file);
        mkdir($this->data . '.backups');
        touch($this->data . '.backups/wubbin-20261126-180000.backup');
        self::assertSame(TroubleKind::Damaged, $this->start());
        $problem = $this->read($this->ask('GET', '/api/jobs'), 503);
        self::assertStringContainsString($this->database(), $problem->string('title'));
        self::assertStringContainsString(
            'restore ' . $this->data . '.backups/wubbin-20261126-180000.backup',
            $problem->string('title'),
        );
        (new Filesystem())->remove($this->data . '.backups');
    }

    public function testAShopOfANewerVersionIsLeftAlone(): void
    {
        $this->readyJob();
        $this->service(Connection::class)->executeStatement(
            "INSERT INTO doctrine_migration_versions (version) VALUES ('Wubbin\\Migrations\\Version99')",
        );
        $this->restart();
        $before = hash_file('sha256', $this->database());
        self::assertSame(TroubleKind::Newer, $this->start());
        self::assertSame($before, hash_file('sha256', $this->database()));
    }

    public function testWhoWritesLongMakesOthersWaitOrAskAgain(): void
    {
        $this->readyJob();
        $other = new \PDO('sqlite:' . $this->database());
        $other->exec('BEGIN IMMEDIATE');
        $answer = $this->ask('PATCH', '/api/settings', ['theme' => 'dark']);
        $problem = $this->read($answer, 503);
        self::assertSame('/problems/busy', $problem->string('type'));
        self::assertGreaterThan(0, (int) $answer->headers->get('Retry-After'));
        $this->read($this->ask('GET', '/api/settings'));
        $other->exec('ROLLBACK');
        $this->read($this->ask('PATCH', '/api/settings', ['theme' => 'dark']));
    }

    public function testOnAFullDiskEverythingCanBeReadAndNothingIsHalfWritten(): void
    {
        $this->onADiskOf('24m');
        $before = (string) $this->ask('GET', '/api/jobs/crew')->getContent();
        // Told while there is still time: there are less than 500 MB.
        $lines = $this->read($this->ask('GET', '/api/condition'))->records('lines');
        self::assertContains('disk', array_map(static fn($line): string => $line->string('id'), $lines));
        file_put_contents($this->data . '/ballast', '');
        (new Process(['dd', 'if=/dev/zero', 'of=' . $this->data . '/ballast', 'bs=64k']))->run();
        $problem = $this->read($this->ask('PATCH', '/api/settings', ['theme' => 'dark']), 507);
        self::assertSame('/problems/disk-full', $problem->string('type'));
        self::assertTrue($before === (string) $this->ask('GET', '/api/jobs/crew')->getContent(), 'it is read');
        unlink($this->data . '/ballast');
        $this->read($this->ask('PATCH', '/api/settings', ['theme' => 'dark']));
    }

    public function testADirectoryThatCannotBeWrittenIsTold(): void
    {
        $this->onADiskOf('24m');
        (new Process(['mount', '-o', 'remount,ro', (string) $this->mounted]))->mustRun();
        self::assertSame(TroubleKind::ReadOnly, $this->start());
        $problem = $this->read($this->ask('PATCH', '/api/settings', ['theme' => 'dark']), 503);
        self::assertSame('/problems/read-only', $problem->string('type'));
        $this->read($this->ask('GET', '/api/jobs/crew'));
    }

    /** Only who may mount can have a small disk; elsewhere these two are tried by hand. */
    private function onADiskOf(string $size): void
    {
        $this->readyJob();
        $small = sys_get_temp_dir() . '/wubbin-small-' . bin2hex(random_bytes(4));
        mkdir($small);
        $mount = new Process(['mount', '-t', 'tmpfs', '-o', 'size=' . $size, 'tmpfs', $small]);
        $mount->run();
        if (!$mount->isSuccessful()) {
            rmdir($small);
            self::markTestSkipped('Nothing can be mounted here: ' . trim($mount->getErrorOutput()));
        }
        $this->mounted = $small;
        (new Filesystem())->mirror($this->data, $small);
        (new Filesystem())->remove($this->data);
        $this->data = $small;
        $this->restart();
    }
}
