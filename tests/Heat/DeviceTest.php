<?php

declare(strict_types=1);

namespace Wubbin\Tests\Heat;

use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Wubbin\Core\Heat\PressBody;
use Wubbin\Core\Route\CatalogueReader;
use Wubbin\Core\Route\HeatKind;
use Wubbin\Heat\Device\DeviceTrouble;
use Wubbin\Heat\Device\LineProtocol;
use Wubbin\Heat\Device\SimulatedPress;
use Wubbin\Tests\Support\ShopTestCase;

/** A simulated press and probe by themselves, by their lines, and in the shop. */
#[Group('serial')]
final class DeviceTest extends ShopTestCase
{
    private float $now = 1000.0;

    private function device(bool $weak = false): SimulatedPress
    {
        return new SimulatedPress(
            PressBody::cold(HeatKind::FlatPress, CatalogueReader::builtIn()->heat->parameters),
            fn(): float => $this->now,
            3,
            $weak,
        );
    }

    public function testItHeatsCountsAndBeeps(): void
    {
        $press = $this->device();
        $press->set(180.0);
        self::assertFalse($press->state()->ready);
        $this->now += 1500.0;
        self::assertTrue($press->state()->ready);
        $press->close();
        $press->start(30.0);
        $this->now += 20.0;
        self::assertSame(10.0, $press->state()->remaining_s);
        self::assertFalse($press->state()->beeping);
        $this->now += 15.0;
        self::assertSame([-5.0, true], [$press->state()->remaining_s, $press->state()->beeping]);
        $press->open();
        self::assertSame([null, false], [$press->state()->remaining_s, $press->state()->beeping]);
    }

    public function testTheProbeFlickersAboutWhatItLiesOn(): void
    {
        $press = $this->device();
        $press->set(150.0);
        $this->now += 1500.0;
        $readings = array_map(static fn(): float => $press->celsius(), range(1, 40));
        self::assertEqualsWithDelta($press->state()->celsius, array_sum($readings) / 40.0, 0.5);
        self::assertGreaterThan(0.2, max($readings) - min($readings));
    }

    public function testAPressThatNeverGetsHotSaysSo(): void
    {
        $press = $this->device(weak: true);
        $press->set(180.0);
        for ($minute = 1; $minute < 30; ++$minute) {
            $this->now += 61.0;
            $press->state();
        }
        $this->now += 61.0;
        $state = $press->state();
        self::assertTrue($state->stuck);
        self::assertFalse($state->ready);
    }

    public function testWhatItCannotIsRefused(): void
    {
        $this->expectException(DeviceTrouble::class);
        $this->device()->set(400.0);
    }

    public function testLinesAreAnsweredOnlyAfterTheToken(): void
    {
        self::assertNull(
            (new LineProtocol($this->device(), 'secret'))->answer("POST / HTTP/1.1\r\n"),
            'a browser is hung up on',
        );
        self::assertNull((new LineProtocol($this->device(), 'secret'))->answer('HELLO guess'));
        $lines = new LineProtocol($this->device(), 'secret');
        self::assertSame('OK wubbin-device 1', $lines->answer("HELLO secret\n"));
        self::assertSame('OK', $lines->answer('SET 150'));
        self::assertMatchesRegularExpression(
            '/^STATE celsius=20\.0 setting=150\.0 closed=0 ready=0 remaining=- beeping=0 stuck=0$/',
            (string) $lines->answer('STATE'),
        );
        self::assertMatchesRegularExpression('/^PROBE celsius=\d+\.\d$/', (string) $lines->answer('PROBE'));
        self::assertStringStartsWith('NO ', (string) $lines->answer('SET hot'));
        self::assertStringStartsWith('NO ', (string) $lines->answer('START 99999'));
        self::assertStringStartsWith('NO It knows', (string) $lines->answer('DANCE'));
        self::assertNull($lines->answer('BYE'));
    }

    public function testTheShopReadsAndSetsItOverItsPort(): void
    {
        self::assertNull($this->read($this->ask('GET', '/api/device'))->stringOrNull('address'));
        self::assertTrue(
            $this->read($this->ask('POST', '/api/device/commands', ['do' => 'open']), 422)->record('errors')->has('do'),
        );
        $process = new Process([
            \PHP_BINARY,
            self::PROJECT . '/bin/wubbin',
            'device',
            '--port',
            '0',
            '--token',
            'orchard1',
        ]);
        $process->start();
        try {
            $process->waitUntil(static fn(string $type, string $output): bool => str_contains($output, 'token'));
            preg_match('/address (\S+)/', $process->getOutput(), $found);
            $address = $found[1] ?? '';
            $view = $this->read($this->ask('PUT', '/api/device', ['address' => $address, 'token' => 'orchard1']));
            self::assertSame('', $view->string('trouble'));
            self::assertEqualsWithDelta(20.0, $view->record('press')->number('celsius'), 1.0);
            self::assertEqualsWithDelta(20.0, $view->number('probe_c'), 3.0);
            self::assertSame(
                175.0,
                $this->read($this->ask('POST', '/api/device/commands', ['do' => 'set', 'value' => 175]))
                    ->record('press')
                    ->number('setting'),
            );
            self::assertStringContainsString(
                '30 to 230',
                $this->read($this->ask('POST', '/api/device/commands', ['do' => 'set', 'value' => 500]), 422)
                    ->record('errors')
                    ->string('do'),
            );
            self::assertStringContainsString(
                'token',
                $this->read($this->ask('PUT', '/api/device', ['address' => $address, 'token' => 'wrong-one']))->string(
                    'trouble',
                ),
            );
            $this->read($this->ask('PUT', '/api/device', ['address' => $address, 'token' => 'orchard1']));
        } finally {
            $process->stop(1.0);
        }
        // It stops answering in the middle: that is told, and nothing else breaks.
        $gone = $this->read($this->ask('GET', '/api/device'));
        self::assertStringContainsString('does not answer', $gone->string('trouble'));
        self::assertNull($gone->numberOrNull('probe_c'));
        self::assertSame(
            '',
            $this->read($this->ask('PUT', '/api/device', ['address' => '', 'token' => '']))->string('trouble'),
        );
    }

    public function testOnlyThisMachineIsReached(): void
    {
        self::assertTrue(
            $this->read($this->ask('PUT', '/api/device', ['address' => '192.168.1.7:80', 'token' => 'orchard1']), 422)
                ->record('errors')
                ->has('address'),
        );
        self::assertTrue(
            $this->read($this->ask('PUT', '/api/device', ['address' => '127.0.0.1:80', 'token' => 'a b']), 422)
                ->record('errors')
                ->has('token'),
        );
    }
}
