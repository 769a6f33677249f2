<?php

declare(strict_types=1);

namespace App\Team;

/** Codes from the clock (RFC 6238): six digits, a new one every 30 s, SHA-1, as every authenticator reads them. */
final class Totp
{
    private const STEP_S = 30;

    private const DIGITS = 6;

    private const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** 160 bits, in base 32. */
    public static function newSecret(): string
    {
        $secret = '';
        foreach (str_split(random_bytes(32)) as $byte) {
            $secret .= self::ALPHABET[ord($byte) & 31];
        }

        return $secret;
    }

    public static function code(string $secret, int $step): string
    {
        $digest = hash_hmac('sha1', pack('J', $step), self::bytes($secret), true);
        $word = unpack('N', substr($digest, ord($digest[19]) & 15, 4));
        $number = (is_int($word[1] ?? null) ? $word[1] : 0) & 0x7FFFFFFF;

        return str_pad((string) ($number % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }

    /** The step a code belongs to, if it is of now or one step off; null when it is none, or not after the last one used. */
    public static function stepOf(string $secret, string $code, int $now, ?int $lastUsed = null): ?int
    {
        $here = intdiv($now, self::STEP_S);
        foreach ([$here, $here - 1, $here + 1] as $step) {
            if (hash_equals(self::code($secret, $step), $code) && $step > ($lastUsed ?? -1)) {
                return $step;
            }
        }

        return null;
    }

    /** What an authenticator reads from the picture. */
    public static function address(string $secret, string $account): string
    {
        return 'otpauth://totp/'.rawurlencode("Velbrin:{$account}").'?'.
            http_build_query(['secret' => $secret, 'issuer' => 'Velbrin', 'digits' => self::DIGITS, 'period' => self::STEP_S]);
    }

    private static function bytes(string $secret): string
    {
        $bits = '';
        foreach (str_split($secret) as $letter) {
            $bits .= str_pad(decbin((int) strpos(self::ALPHABET, $letter)), 5, '0', STR_PAD_LEFT);
        }
        $bytes = '';
        foreach (str_split(substr($bits, 0, intdiv(strlen($bits), 8) * 8), 8) as $eight) {
            $bytes .= chr((int) bindec($eight));
        }

        return $bytes;
    }
}
