<?php

declare(strict_types=1);

namespace App\House\Http;

use Illuminate\Http\Request;

/** A word of the address line or a form that no rule has looked at: a list or a tree in its place is no word. */
final class Asked
{
    /** Trimmed; empty when it is missing or no word. */
    public static function word(Request $request, string $name): string
    {
        $given = $request->input($name);

        return is_scalar($given) ? trim((string) $given) : '';
    }
}
