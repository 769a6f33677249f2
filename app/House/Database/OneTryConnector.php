<?php

declare(strict_types=1);

namespace App\House\Database;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;

/** Connects once: a second try at a server that hangs doubles the wait and finds the same. */
final class OneTryConnector extends MariaDbConnector
{
    /**
     * @param  string  $dsn
     * @param  array<string, mixed>  $config
     * @param  array<int, mixed>  $options
     */
    public function createConnection($dsn, array $config, array $options): PDO
    {
        $name = $config['username'] ?? null;
        $password = $config['password'] ?? null;

        return $this->createPdoConnection($dsn, is_string($name) ? $name : '', is_string($password) ? $password : '', $options);
    }
}
