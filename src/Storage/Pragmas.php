<?php

declare(strict_types=1);

namespace Wubbin\Storage;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsMiddleware;
use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * SQLite as Wubbin wants it: what is confirmed is on the disk, readers do not wait for writers, writers wait their
 * turn.
 */
#[AsMiddleware]
final readonly class Pragmas implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class ($driver) extends AbstractDriverMiddleware {
            public function connect(array $params): Connection
            {
                $connection = parent::connect($params);
                $connection->exec('PRAGMA busy_timeout = 5000');
                $connection->exec('PRAGMA journal_mode = WAL');
                $connection->exec('PRAGMA synchronous = FULL');
                $connection->exec('PRAGMA foreign_keys = ON');

                return $connection;
            }
        };
    }
}
