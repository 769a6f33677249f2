<?php

declare(strict_types=1);

namespace App\Team;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Ends everything by which somebody is in: sessions, the stay-signed-in cookie, tokens, links to choose a password, calendars. */
final class EndAccess
{
    public static function of(User $user): void
    {
        DB::transaction(function () use ($user): void {
            self::sessions($user);
            $user->tokens()->delete();
            DB::table('password_reset_tokens')->where('email', $user->email)->delete();
            event(new AccessEnded($user));
        });
    }

    /** Everywhere but in the session named, if one is. */
    public static function sessions(User $user, ?string $but = null): void
    {
        DB::table('sessions')
            ->where('user_id', $user->id)
            ->when($but !== null, fn ($sessions) => $sessions->where('id', '<>', $but))
            ->delete();
        self::staying($user);
    }

    /** Every stay-signed-in cookie under this name. */
    public static function staying(User $user): void
    {
        $user->forceFill(['remember_token' => Str::random(60)])->save();
    }
}
