<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Sentence;

/**
 * Something else for a while, asked from afar (K-11, X-11): it ranks under locks, guards and longest times, and it always has an end.
 */
final class Order
{
    /** Shorter is over before anybody has seen it, s. */
    public const LEAST_S = 60.0;

    /** Longer is no order any more but another set-up, s. */
    public const MOST_S = 14_400.0;

    /** Not fetched by then it is let go: whoever asked has thought again, s. */
    public const WAITS_S = 120.0;

    /** Its end was not heard of so long after: somebody looks, s. */
    public const GRACE_S = 300.0;

    /** What these give is counted by their rule only. */
    private const GIVE = [Job::TopOff, Job::Doser, Job::Reactor, Job::RoUnit, Job::Valve];

    /**
     * @param  float  $level  0 to 1
     * @param  bool  $plans  whoever asks is a planner
     * @return Sentence|null why it cannot be asked; null: it can
     */
    public static function against(Setup $setup, string $outletId, float $level, bool $plans): ?Sentence
    {
        $outlet = array_column($setup->programme->outlets, null, 'id')[$outletId] ?? null;
        if ($outlet === null) {
            return Sentence::of(Phrase::NotInWhatRuns);
        }
        $hung = $setup->hung[$outletId] ?? null;
        $gives = $outlet->rule instanceof Refill || $outlet->rule instanceof Pulse || in_array($hung?->job, self::GIVE, true);
        $why = match (true) {
            $outlet->override === MayOverride::Nobody => Phrase::NobodyMayOverride,
            $outlet->override === null && ! $plans => Phrase::NobodyHasSaidWhoMayOverride,
            $outlet->override === MayOverride::Planners && ! $plans => Phrase::OnlyPlannersOverride,
            $level > 0 && $gives => Phrase::WhatItGivesIsNotCounted,
            $level > 0 && $hung?->job === Job::Heater && ! self::isStopped($setup, $outlet) => Phrase::NothingWouldStopIt,
            default => null,
        };

        return $why === null ? null : Sentence::of($why, ['place' => $outlet->place]);
    }

    /** A guard switches it off, or it stops by itself as somebody has seen: both outrank an order. */
    private static function isStopped(Setup $setup, Outlet $outlet): bool
    {
        if (($setup->hung[$outlet->id] ?? null)?->thermostatC !== null) {
            return true;
        }
        foreach ($setup->programme->guards as $guard) {
            if ($guard->outlet === $outlet->id && $guard->level <= 0) {
                return true;
            }
        }

        return false;
    }
}
