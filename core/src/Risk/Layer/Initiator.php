<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** What fails first: the parts that fail with it, and what it is kin to. */
final readonly class Initiator
{
    public function __construct(public string $name, public Hangs $hangs, public ?Kin $kin = null)
    {
    }
}
