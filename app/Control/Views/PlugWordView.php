<?php

declare(strict_types=1);

namespace App\Control\Views;

/** A word for an outlet or a circuit that nobody has confirmed. */
final readonly class PlugWordView
{
    /** @param  list<string>  $items  devices that carry the word */
    public function __construct(public int $id, public string $kind, public string $name, public array $items)
    {
    }
}
