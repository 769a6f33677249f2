<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Licensed;
use Velbrin\Core\Measure\Units;

/** A finding as plain values, in metric units. */
final class PlainFinding
{
    /**
     * What a judging answer carries besides its numbers.
     *
     * @return list<Field>
     */
    public static function fields(): array
    {
        return [
            Field::any('findings', 'severity, what, why, remedy, rule, basis, and who confirms', ['type' => 'array']),
            Field::text('basis', 'the weakest of what it rests on; nobody said more of the numbers asked with'),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return array{findings: list<array<string, string|null>>, basis: string}
     */
    public static function judged(array $findings): array
    {
        return ['findings' => self::all($findings), 'basis' => self::weakest(...$findings)];
    }

    /** The weakest basis of findings: what an answer made of them rests on. */
    public static function weakest(Finding ...$findings): string
    {
        return Basis::weakest(array_map(fn (Finding $f): Basis => $f->grounds->basis, array_values($findings)))->value;
    }

    /** @return array<string, string|null> */
    public static function of(Finding $f): array
    {
        $units = Units::metric();

        return [
            'severity' => $f->severity->value,
            'rule' => $f->rule,
            'about' => $f->about,
            'what' => $f->what->in($units),
            'why' => $f->why->in($units),
            'remedy' => $f->remedy?->in($units),
            'basis' => $f->grounds->basis->value,
            'confirm' => Licensed::for($f->rule)?->value,
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array<string, string|null>>
     */
    public static function all(array $findings): array
    {
        return array_map(self::of(...), $findings);
    }
}
