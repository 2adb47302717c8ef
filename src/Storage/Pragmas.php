<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Exception as DriverException;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * SQLite as Wubbin wants it: what is confirmed is on the disk, readers do not wait for writers, writers wait their
 * turn. One that is not there is not made in silence; where nothing can be written, it is read all the same.
 */
#[AsMiddleware]
final readonly class Pragmas implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class ($driver) extends AbstractDriverMiddleware {
            public function connect(array $params): Connection
            {
                $flags = \PDO::SQLITE_ATTR_OPEN_FLAGS;
                try {
                    $connection = parent::connect(
                        ['driverOptions' => [$flags => \PDO::SQLITE_OPEN_READWRITE]] + $params,
                    );
                    $connection->exec('PRAGMA busy_timeout = 5000');
                    $connection->exec('PRAGMA journal_mode = WAL');
                    $connection->exec('PRAGMA synchronous = FULL');
                    $connection->exec('PRAGMA foreign_keys = ON');

                    return $connection;
                } catch (DriverException $e) {
                    $path = $params['path'] ?? '';
                    if (!DatabaseFile::isReadableAlone($path)) {
                        throw $e;
                    }

                    // Without room for the file that readers and writers agree by, nobody writes, and reading is safe.
                    return parent::connect(
                        [
                            'path' => 'file:' . $path . '?immutable=1',
                            'driverOptions' => [$flags => \PDO::SQLITE_OPEN_READONLY],
                        ] + $params,
                    );
                }
            }
        };
    }
}
