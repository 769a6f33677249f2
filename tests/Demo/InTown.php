<?php

declare(strict_types=1);

namespace Tests\Demo;

/** Of a test that begins with the demo world instead of empty tables. */
trait InTown
{
    protected function beforeRefreshingDatabase(): void
    {
    }

    /** Before the transaction begins, so that the next test finds it as well. */
    public function beginDatabaseTransaction(): void
    {
        Town::open();
        parent::beginDatabaseTransaction();
    }
}
