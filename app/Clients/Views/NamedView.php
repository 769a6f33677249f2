<?php

declare(strict_types=1);

namespace App\Clients\Views;

/** A thing with a name, a line about it and a way there. */
final readonly class NamedView
{
    public function __construct(public int $id, public string $name, public string $about, public string $href)
    {
    }
}
