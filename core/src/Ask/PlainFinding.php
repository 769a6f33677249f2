<?php

declare(strict_types=1);

namespace Velbrin\Core\Ask;

use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

/** A finding as plain values, in metric units. */
final class PlainFinding
{
    /** @return array<string, string|null> */
    public static function of(Finding $f): array
    {
        $units = Units::metric();

        return [
            'severity' => $f->severity->value, 'rule' => $f->rule, 'about' => $f->about, 'what' => $f->what->in($units), 'why' => $f->why->in($units), 'remedy' => $f->remedy?->in($units), 'basis' => $f->grounds->basis->value,
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
