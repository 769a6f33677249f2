<?php

declare(strict_types=1);

namespace App\Systems;

use Velbrin\Core\Chemistry\Parameter;

/** What was read last of a parameter, and nobody has doubted. */
final class LastRead
{
    /** In the parameter’s own unit; null: nobody has read it. */
    public static function of(System $system, Parameter $parameter): ?float
    {
        $value = $system
            ->readings()
            ->where('parameter', $parameter->value)
            ->whereNull('marked_at')
            ->latest('taken_at')
            ->value('value');

        return is_numeric($value) ? (float) $value : null;
    }
}
