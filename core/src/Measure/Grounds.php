<?php

declare(strict_types=1);

namespace Velbrin\Core\Measure;

/** What an answer rests on: its weakest basis, and the facts that have it (X-1). */
final readonly class Grounds
{
    /**
     * @param  list<string>  $fields  names of the facts with the weakest basis
     * @param  list<string>  $unconfirmed  facts nobody gave, whose counted default might flatter
     */
    private function __construct(public Basis $basis, public array $fields, public array $unconfirmed = [])
    {
    }

    /**
     * @param  array<string, Basis>  $used  basis by fact
     * @param  list<string>  $unconfirmed
     */
    public static function of(array $used, array $unconfirmed = []): self
    {
        $weakest = Basis::weakest([Basis::Computed, ...array_values($used)]);
        $fields = array_keys(array_filter($used, fn (Basis $b): bool => $b === $weakest));

        return new self($weakest, $fields, $unconfirmed);
    }

    public static function plain(Basis $basis): self
    {
        return new self($basis, []);
    }
}
