<?php

declare(strict_types=1);

namespace Wubbin\Route;

use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\CatalogueReader;

/**
 * The reference data, read once for each version of the code: reading the YAML takes longer than any plan. It lies in
 * the kernel's own cache directory, which is emptied whenever code or data have changed.
 */
final readonly class CatalogueCache
{
    public function __construct(private string $cacheDirectory)
    {
    }

    public function get(): Catalogue
    {
        $path = $this->cacheDirectory.'/catalogue.ser';
        $kept = is_file($path) ? @unserialize((string) file_get_contents($path)) : null;
        if ($kept instanceof Catalogue) {
            return $kept;
        }
        $catalogue = CatalogueReader::builtIn();
        $temporary = $path.'.'.bin2hex(random_bytes(4));
        file_put_contents($temporary, serialize($catalogue));
        rename($temporary, $path);

        return $catalogue;
    }
}
