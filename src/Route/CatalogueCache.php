<?php

declare(strict_types=1);

namespace Wubbin\Route;

use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\CatalogueReader;

/**
 * The reference data, read once for each state of its files: reading the YAML takes longer than any plan.
 */
final class CatalogueCache
{
    /** @var array<string, Catalogue> what this process has read already, by its file: nothing in it can change */
    private static array $read = [];

    public function __construct(private readonly string $cacheDirectory, private readonly string $projectDirectory) {}

    public function get(): Catalogue
    {
        $path = $this->cacheDirectory . '/catalogue-' . $this->state() . '.ser';

        return self::$read[$path] ??= $this->read($path);
    }

    private function read(string $path): Catalogue
    {
        $kept = is_file($path) ? @unserialize((string) file_get_contents($path)) : null;
        if ($kept instanceof Catalogue) {
            return $kept;
        }
        $catalogue = CatalogueReader::builtIn();
        $temporary = $path . '.' . bin2hex(random_bytes(4));
        file_put_contents($temporary, serialize($catalogue));
        rename($temporary, $path);

        return $catalogue;
    }

    /** Changes with the newest of the data and of the classes that hold it. */
    private function state(): int
    {
        $files = (array) glob(
            $this->projectDirectory . '/core/{data/*.yaml,src/{Artwork,Blank,Measure,Route}/*.php}',
            \GLOB_BRACE,
        );

        return max([0, ...array_map(static fn(string|false $file): int => (int) filemtime((string) $file), $files)]);
    }
}
