<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** What an answer rests on: its weakest basis, and the facts that have it (X-1). */
final readonly class Grounds
{
    /** @param  list<string>  $fields names of the facts with the weakest basis */
    private function __construct(public Basis $basis, public array $fields)
    {
    }

    /** @param  array<string, Basis>  $used basis by fact */
    public static function of(array $used): self
    {
        $weakest = Basis::weakest([Basis::Computed, ...array_values($used)]);

        return new self($weakest, array_keys(array_filter($used, fn (Basis $b): bool => $b === $weakest)));
    }

    public static function plain(Basis $basis): self
    {
        return new self($basis, []);
    }
}
