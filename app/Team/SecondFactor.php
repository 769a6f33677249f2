<?php

declare(strict_types=1);

namespace App\Team;

use App\House\Keys;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** A code from a phone beside the password, with ten codes on paper for the day the phone is gone. */
final class SecondFactor
{
    private const CODES = 10;

    public static function isOn(User $user): bool
    {
        return $user->factor_since !== null;
    }

    /** Whether somebody has to set it up before anything else. */
    public static function isMissing(User $user): bool
    {
        return ! self::isOn($user) && $user->plans() && CompanyRule::holds(CompanyRule::SECOND_FACTOR);
    }

    /**
     * Turns it on once the phone has shown that it reads the secret.
     *
     * @return list<string>|null the codes for paper, shown this once; null when the code is wrong
     */
    public static function turnOn(User $user, string $secret, string $code): ?array
    {
        $step = Totp::stepOf($secret, $code, time());
        if ($step === null) {
            return null;
        }
        $user->forceFill(['factor_secret' => Crypt::encryptString($secret), 'factor_since' => now(), 'factor_step' => $step])->save();

        return self::newCodes($user);
    }

    public static function turnOff(User $user): void
    {
        $user
            ->forceFill(['factor_secret' => null, 'factor_since' => null, 'factor_step' => null, 'recovery_codes' => null])
            ->save();
    }

    /** @return list<string> those before hold no more */
    public static function newCodes(User $user): array
    {
        $codes = [];
        for ($n = 0; $n < self::CODES; $n++) {
            $letters = strtolower(substr(Totp::newSecret(), 0, 10));
            $codes[] = substr($letters, 0, 5).'-'.substr($letters, 5);
        }
        $user->forceFill(['recovery_codes' => json_encode(array_map(fn (string $code): string => self::digest($code), $codes))])->save();

        return $codes;
    }

    public static function codesLeft(User $user): int
    {
        return count(self::digests($user));
    }

    /** A code opens once: the phone's until the next one comes, one on paper for ever. */
    public static function passes(User $user, string $given): bool
    {
        $given = strtolower(preg_replace('/\s+/', '', $given) ?? '');

        return DB::transaction(function () use ($user, $given): bool {
            $here = User::query()->lockForUpdate()->findOrFail($user->id);

            return preg_match('/^\d{6}$/', $given) === 1 ? self::passesByPhone($here, $given) : self::passesByPaper($here, $given);
        });
    }

    private static function passesByPhone(User $user, string $code): bool
    {
        if ($user->factor_secret === null) {
            return false;
        }
        $step = Totp::stepOf(Crypt::decryptString($user->factor_secret), $code, time(), $user->factor_step);
        if ($step === null) {
            return false;
        }
        $user->forceFill(['factor_step' => $step])->save();

        return true;
    }

    private static function passesByPaper(User $user, string $code): bool
    {
        $fits = array_map(fn (string $key): string => self::digest($code, $key), Keys::all());
        $left = array_values(array_filter(self::digests($user), fn (string $d): bool => ! in_array($d, $fits, true)));
        if (count($left) === self::codesLeft($user)) {
            return false;
        }
        $user->forceFill(['recovery_codes' => json_encode($left)])->save();

        return true;
    }

    /** @return list<string> */
    private static function digests(User $user): array
    {
        $kept = json_decode((string) $user->recovery_codes, true);

        return is_array($kept) ? array_values(array_filter($kept, is_string(...))) : [];
    }

    /** Fifty random bits behind a fresh sign-in's throttle need no slow hash. */
    private static function digest(string $code, ?string $key = null): string
    {
        return hash_hmac('sha256', str_replace('-', '', $code), $key ?? Keys::all()[0]);
    }

    /** Somebody who changes how they are let in shows first that they are themselves. */
    public static function knows(User $user, string $password): bool
    {
        return Hash::check($password, $user->password);
    }
}
