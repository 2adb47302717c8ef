<?php

declare(strict_types=1);

namespace Wubbin\Tests\Support;

use Symfony\Component\Filesystem\Filesystem;
use Wubbin\Artwork\Examined;
use Wubbin\Artwork\Examiner;
use Wubbin\Artwork\PictureExaminer;
use Wubbin\Task\Progress;

/**
 * Examines a picture once, and then remembers it: tests take in the same few pictures hundreds of times. What is kept
 * stands under the picture's SHA-256, in a directory for the state of the code and of the programs that examine. Tests
 * of reading have every picture examined anew.
 */
final class KeptExaminer implements Examiner
{
    private const PROJECT = __DIR__ . '/../..';
    private const PLACE = self::PROJECT . '/var/examined';

    /** Who examines: their code, and the list of what is installed, with its versions. */
    private const CODE = ['src/Artwork', 'src/Task/OutsideProgram.php', 'core/src/Artwork', 'core/src/Measure'];
    private const PROGRAMS = '/var/lib/dpkg/status';

    private const WHAT = 'examined';

    public static bool $anew = false;

    private static ?string $state = null;

    public function __construct(private readonly PictureExaminer $examiner) {}

    public function takesLong(string $path): bool
    {
        return $this->examiner->takesLong($path);
    }

    public function examine(string $path, string $into, Progress $progress): Examined
    {
        $kept = self::PLACE . '/' . self::state() . '/' . hash_file('sha256', $path);
        if (self::$anew) {
            return $this->examiner->examine($path, $into, $progress);
        }
        $known = self::known($kept, $into);
        if (null !== $known) {
            return $known;
        }
        $examined = $this->examiner->examine($path, $into, $progress);
        $this->keep($examined, $into, $kept);

        return $examined;
    }

    /** What is kept, with its files laid out; null where there is none, or it was damaged. */
    private static function known(string $kept, string $into): ?Examined
    {
        $written = @file_get_contents($kept . '/' . self::WHAT);
        [$sum, $text] = [...explode("\n", (string) $written, 2), ''];
        $examined = hash('sha256', $text) === $sum ? @unserialize($text) : null;
        if (!is_array($examined) || !($examined[0] instanceof Examined) || !is_array($examined[1])) {
            return null;
        }
        foreach ($examined[1] as $name => $hash) {
            if (
                !@copy($kept . '/' . $name, $into . '/' . $name) ||
                $hash !== hash_file('sha256', $into . '/' . $name)
            ) {
                return null;
            }
        }

        return $examined[0];
    }

    private function keep(Examined $examined, string $into, string $kept): void
    {
        $files = new Filesystem();
        $made = $kept . '.' . bin2hex(random_bytes(4));
        $files->mkdir($made);
        $hashes = [];
        foreach ($examined->read->files() as $name) {
            if (is_file($into . '/' . $name)) {
                copy($into . '/' . $name, $made . '/' . $name);
                $hashes[$name] = hash_file('sha256', $into . '/' . $name);
            }
        }
        $text = serialize([$examined, $hashes]);
        file_put_contents($made . '/' . self::WHAT, hash('sha256', $text) . "\n" . $text);
        // Others may be at the same picture, or have left a damaged one.
        $files->remove($kept);
        if (!@rename($made, $kept)) {
            $files->remove($made);
        }
    }

    private static function state(): string
    {
        if (null === self::$state) {
            $hash = hash_init('sha256');
            foreach (self::CODE as $place) {
                $files = is_file(self::PROJECT . '/' . $place)
                    ? [self::PROJECT . '/' . $place]
                    : (array) glob(self::PROJECT . '/' . $place . '/{*,*/*}.php', \GLOB_BRACE);
                array_map(static fn(mixed $file): bool => hash_update_file($hash, (string) $file), $files);
            }
            hash_update($hash, \PHP_VERSION . \Imagick::getVersion()['versionString']);
            @hash_update_file($hash, self::PROGRAMS);
            self::$state = substr(hash_final($hash), 0, 16);
        }

        return self::$state;
    }
}
