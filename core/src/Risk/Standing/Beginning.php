<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Risk\Harm;
use Velbrin\Core\Risk\Layer\Credit;

/** One way a hazard begins, at the moment it weighs most: what stands against it then. */
final readonly class Beginning
{
    /** @param  list<Credit>  $credits  at their bad end */
    public function __construct(public string $by, public ?Harm $harm, public array $credits)
    {
    }
}
