<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Layer;

/** What fails first: the parts that fail with it, and what it is kin to. */
final readonly class Initiator
{
    /** @param  list<string>  $outlets  that end it when they are cut */
    public function __construct(
        public string $name,
        public Hangs $hangs,
        public ?Kin $kin = null,
        public array $outlets = [],
    ) {
    }
}
