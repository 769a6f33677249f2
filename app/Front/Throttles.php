<?php

declare(strict_types=1);

namespace App\Front;

use App\House\Http\Asked;
use App\Team\Http\SessionController;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;

/** How often is enough: counted per purpose, so that one door knocked at too often shuts no other, and per account and address. */
final class Throttles
{
    public static function register(): void
    {
        // Five tries a minute for one name from one address, thirty for the address, sixty an hour for the name from anywhere.
        RateLimiter::for(
            'sign-in',
            fn (Request $request): array => [
                Limit::perMinute(5)->by(self::mail($request).'|'.$request->ip()),
                Limit::perMinute(30)->by((string) $request->ip()),
                Limit::perHour(60)->by('account|'.self::mail($request)),
            ],
        );
        RateLimiter::for(
            'reset-mail',
            fn (Request $request): array => [
                Limit::perMinute(3)->by('mail|'.self::mail($request)),
                Limit::perMinute(6)->by('ip|'.$request->ip()),
            ],
        );
        // A code has a million faces and one minute: five tries a minute, twenty an hour, for whoever stands at the door.
        RateLimiter::for(
            'code',
            fn (Request $request): array => [
                Limit::perMinute(5)->by('code|'.self::atTheDoor($request)),
                Limit::perHour(20)->by('codes|'.self::atTheDoor($request)),
            ],
        );
        RateLimiter::for('reset', fn (Request $request): Limit => Limit::perMinute(6)->by((string) $request->ip()));
        foreach (['own-password' => 5, 'door-code' => 12, 'token' => 6, 'own-factor' => 6] as $purpose => $aMinute) {
            RateLimiter::for($purpose, fn (Request $request): Limit => Limit::perMinute($aMinute)->by(self::who($request)));
        }
        RateLimiter::for('feed', fn (Request $request): Limit => Limit::perMinute(30)->by((string) $request->ip()));
        // A device reports once a minute, and what it kept while the line was down in one go; a whole place may stand behind one address.
        RateLimiter::for(
            'link',
            fn (Request $request): array => [
                Limit::perMinute(1200)->by('link|'.hash('sha256', (string) $request->bearerToken())),
                Limit::perMinute(60_000)->by('link-ip|'.$request->ip()),
            ],
        );
        RateLimiter::for(
            'api',
            fn (Request $request): Limit => Limit::perMinute(240)->by(
                $request->bearerToken() === null ? (string) $request->ip() : hash('sha256', $request->bearerToken()),
            ),
        );
    }

    private static function mail(Request $request): string
    {
        return mb_strtolower(Asked::word($request, 'email'));
    }

    private static function atTheDoor(Request $request): string
    {
        $kept = $request->hasSession() ? $request->session()->get(SessionController::AT_THE_DOOR) : null;
        $user = is_array($kept) ? $kept['user'] ?? null : null;

        return is_int($user) ? (string) $user : 'ip|'.$request->ip();
    }

    private static function who(Request $request): string
    {
        $id = $request->user()?->getAuthIdentifier();

        return is_scalar($id) ? "user|{$id}" : 'ip|'.$request->ip();
    }
}
