<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Controller;
use Illuminate\Foundation\Events\Dispatchable;
use Velbrin\Core\Control\Link\Row;
use Velbrin\Core\Control\Link\Seen;

/** Rows of a batch are in, in the order they were measured; whoever decides from them does so in the same transaction. */
final readonly class RowsStored
{
    use Dispatchable;

    /**
     * @param  list<array{row: Row, atS: float}>  $rows  in time
     * @param  Seen  $seen  what was known before them; whoever takes them in order knows after them
     * @param  array<string, float>  $watts  what is known to hang on each outlet
     */
    public function __construct(
        public LinkDevice $device,
        public Controller $controller,
        public array $rows,
        public Seen $seen,
        public array $watts,
    ) {
    }
}
