<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Basis;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;
use Velbrin\Core\Measure\Severity;

/** An objection of the checker, put as the house puts findings. */
final readonly class Objection
{
    /**
     * @param  string  $code  of the row
     * @param  string  $subject  outlet, probe, guard or alarm it speaks of
     * @param  array<string, string|float|Quantity>  $parts
     */
    public static function of(
        Severity $severity,
        string $code,
        string $subject,
        Phrase $what,
        Phrase $why,
        Phrase $remedy,
        array $parts = [],
    ): Finding {
        $parts = array_map(fn (string|float|Quantity $p): string|Quantity => is_float($p) ? self::plain($p) : $p, $parts);

        return Finding::of(
            severity: $severity,
            rule: preg_replace('/[a-z]$/', '', $code) ?? $code,
            about: 'control',
            what: Sentence::of($what, $parts),
            why: Sentence::of($why, $parts),
            remedy: Sentence::of($remedy, $parts),
            basis: Basis::Computed,
            subject: $subject,
        )->answering($code);
    }

    /** What cannot be judged since something was never said: it is asked for, never passed over. */
    public static function unknown(string $code, string $subject, string $place, string $needs): Finding
    {
        return self::of(
            Severity::Watch,
            $code,
            $subject,
            Phrase::NobodyCanSayYetWhetherKeeps,
            Phrase::ItNeeds,
            Phrase::CompleteTheRecord,
            ['place' => $place, 'needs' => $needs],
        );
    }

    /** In the unit of its probe. */
    public static function value(float $value, Probe $probe): string|Quantity
    {
        return $probe->quantity === 'temperature' ? Quantity::of($value, Kind::Temperature) : self::plain($value);
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
