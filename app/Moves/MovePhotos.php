<?php

declare(strict_types=1);

namespace App\Moves;

use App\Clients\Attachment;
use App\Clients\Attachments;
use App\Team\User;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/** Photos of a move stand with the place it leaves, each by what it shows: a piece, or where the corals stood. */
final class MovePhotos
{
    public static function take(Move $move, Request $request, User $user): void
    {
        $request->validate(['uuid' => ['nullable', 'uuid']]);
        $uuid = $request->filled('uuid') ? strtolower($request->string('uuid')->toString()) : null;
        if ($uuid !== null && Attachment::query()->where('client_uuid', $uuid)->exists()) {
            // Sent twice, kept once.
            return;
        }
        $about = $request->input('about');
        if (! is_string($about) || ! str_starts_with($about, self::prefix($move))) {
            throw ValidationException::withMessages(['about' => 'Say what of this move it shows.']);
        }
        Attachments::take($request, $move->from()->firstOrFail(), $user, $uuid);
        // Its line in the list is worked out anew.
        $move->touch();
    }

    /** @return list<string> what is shown by one at least */
    public static function of(Move $move): array
    {
        return array_values(self::all($move)->map(fn (Attachment $a): string => self::shows($move, $a))->unique()->all());
    }

    /** @return list<array{id: int, of: string, href: string}> */
    public static function rows(Move $move): array
    {
        return array_values(self::all($move)->map(fn (Attachment $a): array => [
            'id' => $a->id,
            'of' => self::shows($move, $a),
            'href' => "/attachments/{$a->id}",
        ])->all());
    }

    /** @return Collection<int, Attachment> */
    private static function all(Move $move): Collection
    {
        return Attachment::query()
            ->current()
            ->where(['subject_type' => 'site', 'subject_id' => $move->from_site_id, 'kind' => Attachment::PHOTO])
            ->where('about', 'like', self::prefix($move).'%')
            ->oldest('id')
            ->get()
            ->toBase();
    }

    private static function shows(Move $move, Attachment $photo): string
    {
        return substr((string) $photo->about, strlen(self::prefix($move)));
    }

    private static function prefix(Move $move): string
    {
        return "move:{$move->id}:";
    }
}
