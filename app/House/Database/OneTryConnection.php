<?php

declare(strict_types=1);

namespace App\House\Database;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;

/**
 * A question to a database that does not answer is asked once. The framework asks again on a new connection, and
 * whoever renders the error asks once more: with a time limit on each, a visitor waits four times as long for the
 * same sentence.
 */
final class OneTryConnection extends MariaDbConnection
{
    /** So long nothing is asked after the database did not answer, s. */
    private const REST_S = 2.0;

    private float $lostAt = 0.0;

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     */
    protected function run($query, $bindings, Closure $callback): mixed
    {
        $this->refuseWhileAway();

        return parent::run($query, $bindings, $callback);
    }

    public function beginTransaction(): void
    {
        $this->refuseWhileAway();
        parent::beginTransaction();
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     */
    protected function tryAgainIfCausedByLostConnection(QueryException $e, $query, $bindings, Closure $callback): never
    {
        if (DatabaseAway::isSaidBy($e)) {
            $this->lostAt = microtime(true);
            // A process that serves on finds a fresh connection after the rest.
            $this->disconnect();
        }

        throw $e;
    }

    private function refuseWhileAway(): void
    {
        if ($this->lostAt > 0 && microtime(true) - $this->lostAt < self::REST_S) {
            throw new DatabaseAway();
        }
    }
}
