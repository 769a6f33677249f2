<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** The jobs a regime asks for on one system, and those that its record makes pointless (S-3, S-51). */
final readonly class StandardSet
{
    /**
     * @param  array<string, float>  $everyDays  by kind of job
     * @param  array<string, string>  $leftOut  why, by kind of job
     */
    public function __construct(public array $everyDays, public array $leftOut)
    {
    }
}
