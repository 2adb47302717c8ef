<?php

declare(strict_types=1);

namespace Wubbin\Tests\Serve;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;

/** A shop that is opened and closed in every way that happens: nothing is ever left behind. */
#[Group('serial')]
final class ServeTest extends TestCase
{
    private string $data;

    /** @var list<OpenShop> */
    private array $shops = [];

    protected function setUp(): void
    {
        $this->data = sys_get_temp_dir() . '/wubbin-open-' . bin2hex(random_bytes(5));
    }

    protected function tearDown(): void
    {
        array_map(static fn(OpenShop $shop) => $shop->close(), $this->shops);
        (new Filesystem())->remove($this->data);
    }

    /** @param array<string, string> $environment */
    private function shop(array $environment = []): OpenShop
    {
        return $this->shops[] = new OpenShop($this->data, $environment);
    }

    /** The terminal is closed, Ctrl-C is pressed, the machine is shut down, and the worst. */
    #[TestWith([\SIGHUP])]
    #[TestWith([\SIGINT])]
    #[TestWith([\SIGTERM])]
    #[TestWith([\SIGKILL])]
    public function testHoweverItEndsNothingIsLeft(int $signal): void
    {
        $shop = $this->shop();
        self::assertTrue($shop->isOpen(), $shop->said());
        // The command, the server with its six, and two workers.
        self::assertTrue(OpenShop::wait(static fn(): bool => count($shop->processes()) >= 10));
        $shop->signal($signal);
        self::assertTrue($shop->hasEnded());
        self::assertTrue(
            OpenShop::wait(static fn(): bool => [] === $shop->processes()),
            implode("\n", $shop->processes()),
        );
    }

    #[TestWith(['-S'])]
    #[TestWith(['bin/wubbin work'])]
    public function testAChildThatIsKilledIsStartedAgain(string $which): void
    {
        $shop = $this->shop();
        self::assertTrue($shop->isOpen(), $shop->said());
        $of = static fn(): array => array_keys(
            array_filter($shop->processes(), static fn(string $one): bool => str_contains($one, $which)),
        );
        self::assertTrue(OpenShop::wait(static fn(): bool => [] !== $of()));
        $before = $of();
        $killed = $before[0];
        posix_kill($killed, \SIGKILL);
        self::assertTrue(OpenShop::wait(static fn(): bool => [] !== array_diff($of(), $before)), 'another is there');
        self::assertTrue(OpenShop::wait(static fn(): bool => !in_array($killed, $of(), true)));
    }

    public function testTheSameShopIsNotOpenedTwice(): void
    {
        $first = $this->shop();
        self::assertTrue($first->isOpen(), $first->said());
        $second = $this->shop();
        self::assertFalse($second->isOpen());
        self::assertMatchesRegularExpression('/open already at http:\S+ \(process \d+\)/', $second->said());
        self::assertTrue($first->isOpen());
    }

    public function testWhatItLeftBehindIsClearedWhenItOpens(): void
    {
        mkdir($this->data . '/tmp/half-made', 0o700, true);
        $shop = $this->shop();
        self::assertTrue($shop->isOpen(), $shop->said());
        self::assertSame(['.', '..'], scandir($this->data . '/tmp'));
        self::assertSame('0700', substr(sprintf('%o', (int) fileperms($this->data)), -4));
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($this->data . '/wubbin.sqlite')), -4));
    }

    #[TestWith(['ADDRESS', '192.0.2.200', 'is not an address of this machine. Its own are 127.0.0.1'])]
    #[TestWith(['ADDRESS', 'nowhere.invalid', 'is not an address of this machine'])]
    #[TestWith(['PORT', 'many', 'is no port'])]
    #[TestWith(['PORT', '70000', 'is no port'])]
    public function testAPlaceThatCannotBeIsToldInASentence(string $name, string $value, string $told): void
    {
        $shop = $this->shop([$name => $value]);
        self::assertFalse($shop->isOpen());
        self::assertStringContainsString($told, $shop->said());
        self::assertSame(1, substr_count($shop->said(), "\n"), 'one sentence');
        self::assertSame([], $shop->processes());
    }

    public function testAPortThatIsTakenIsTold(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($taken);
        $port = substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        $shop = $this->shop(['PORT' => $port]);
        self::assertFalse($shop->isOpen());
        self::assertStringContainsString('Port ' . $port . ' of 127.0.0.1 is in use', $shop->said());
        fclose($taken);
    }
}
