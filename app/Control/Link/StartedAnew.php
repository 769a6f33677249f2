<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Controller;
use Illuminate\Foundation\Events\Dispatchable;

/** A controller has started again: its power was gone, or somebody reset it. */
final readonly class StartedAnew
{
    use Dispatchable;

    public function __construct(public Controller $controller, public LinkDevice $device)
    {
    }
}
