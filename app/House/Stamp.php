<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Spatie\Activitylog\Models\Activity;

/** What a page has read of a record, in a few letters: whoever writes on top of something else is told, never the last one wins. */
final class Stamp
{
    private const LETTERS = 16;

    /** @param  list<string>  $columns */
    public static function of(Model $record, array $columns): string
    {
        $values = array_map(fn (string $c): mixed => $record->getAttributes()[$c] ?? null, $columns);

        return self::ofValues($values);
    }

    /** @param  array<array-key, mixed>  $values */
    public static function ofValues(array $values): string
    {
        return substr(hash('sha256', (string) json_encode($values)), 0, self::LETTERS);
    }

    /**
     * Refuses what was typed on top of an older state. A page that names no state is taken at its word.
     *
     * @throws ValidationException
     */
    public static function guard(Request $request, string $now, Model $record): void
    {
        $given = $request->input('stamp');
        if (! is_string($given) || $given === '' || hash_equals($now, $given)) {
            return;
        }
        $last = Activity::query()
            ->where('subject_type', $record->getMorphClass())
            ->where('subject_id', $record->getKey())
            ->with('causer')
            ->latest('id')
            ->first();
        if ($last?->causer !== null && $last->causer->is($request->user())) {
            // One’s own words, whose answer was lost on the way, are nobody else’s.
            return;
        }
        $who = $last?->causer?->getAttribute('name');
        $by = is_string($who) ? " by {$who}" : '';

        throw ValidationException::withMessages([
            'stamp' => "Changed meanwhile{$by}. What you typed stays on this page.",
        ]);
    }
}
