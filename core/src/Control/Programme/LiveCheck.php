<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/** What a controller reports against what it was told: loads that do not do what their outlet says (K-44, K-65). */
final class LiveCheck
{
    private const CODE = 'K-44';

    /** What an outlet draws by itself, or its meter sees, W. */
    private const NOTHING_W = 2.0;

    /** A load that draws less than this share of what is known draws nothing, and one that is off no more than it. */
    private const SHARE = 0.1;

    /** A thermostat within this of its point may rightly be open, K. */
    private const THERMOSTAT_K = 0.5;

    /** Falls by more steps of its probe in an hour: it is no reading error. */
    private const STEPS_PER_H = 2.0;

    /** @return list<Finding> what is not reported says nothing, and nobody is told that it is well */
    public static function of(Setup $setup, AlarmSight $sight): array
    {
        $found = [];
        foreach ($setup->programme->outlets as $outlet) {
            $draws = $sight->draws[$outlet->id] ?? null;
            if ($draws === null) {
                continue;
            }
            $parts = ['place' => $outlet->place, 'watts' => Quantity::of($draws['w'], Kind::Power)];
            if (! $draws['on'] && $draws['w'] > max(self::NOTHING_W, self::SHARE * $draws['knownW'])) {
                $found[] = Objection::of(
                    Severity::Fix,
                    self::CODE,
                    $outlet->id,
                    Phrase::IsOffAndDraws,
                    Phrase::ARelayThatIsWeldedOrAnotherPlug,
                    Phrase::PullThePlugAndSeeWhatStops,
                    $parts,
                );
            } elseif ($draws['on'] && $draws['w'] < self::SHARE * $draws['knownW'] && ! self::mayBeOpen($setup, $outlet, $sight)) {
                // A thermostat nobody has tried may have opened: it is asked, not called dead.
                $isAsked = self::mayHaveThermostat($setup, $outlet);
                $found[] = Objection::of(
                    $isAsked ? Severity::Watch : Severity::Fix,
                    self::CODE,
                    $outlet->id,
                    Phrase::IsOnAndDrawsNothing,
                    $isAsked ? Phrase::ItIsDeadOrAThermostatOfItsOwnIsOpen : Phrase::TheLoadIsDeadOrItsPlugIsOut,
                    Phrase::LookAtItsPlugThenChangeIt,
                    $parts,
                );
            } elseif ($draws['on'] && self::coolsAllTheSame($setup, $outlet, $sight)) {
                $found[] = Objection::of(
                    Severity::Fix,
                    self::CODE,
                    $outlet->id,
                    Phrase::HeatsAndTheWaterCools,
                    Phrase::ThereAreWattsEnoughForTheColdest,
                    Phrase::IsItInTheWaterIsTheProbe,
                    $parts,
                );
            }
        }

        return $found;
    }

    private static function mayHaveThermostat(Setup $setup, Outlet $outlet): bool
    {
        $hung = $setup->hung[$outlet->id] ?? null;

        return $hung?->job === Job::Heater && $hung->thermostatC === null;
    }

    /** Its own thermostat is known and may have opened: the water stands near it, or nobody sees where it stands. */
    private static function mayBeOpen(Setup $setup, Outlet $outlet, AlarmSight $sight): bool
    {
        $hung = $setup->hung[$outlet->id] ?? null;
        if ($hung?->job !== Job::Heater || ! $outlet->rule instanceof Hold || $hung->thermostatC === null) {
            return false;
        }
        $value = $sight->probes[$outlet->rule->probe] ?? null;

        return $value === null || $value >= $hung->thermostatC - self::THERMOSTAT_K;
    }

    /** It draws what it should, all heaters together more than the coldest night takes, and the water falls. */
    private static function coolsAllTheSame(Setup $setup, Outlet $outlet, AlarmSight $sight): bool
    {
        $rule = $outlet->rule;
        $facts = $setup->facts;
        if (! $rule instanceof Hold || ! $rule->raises() || ($setup->hung[$outlet->id] ?? null)?->job !== Job::Heater) {
            return false;
        }
        $value = $sight->probes[$rule->probe] ?? null;
        $perH = $sight->ratesPerH[$rule->probe] ?? null;
        $step = ($setup->probes[$rule->probe] ?? null)?->resolution;
        if ($value === null || $perH === null || $step === null || $facts->lossWK === null || $facts->coldestC === null) {
            return false;
        }
        $heats = 0.0;
        foreach ($setup->doing(Job::Heater) as $heater) {
            $draws = $sight->draws[$heater->id] ?? null;
            $heats += $draws !== null && $draws['on'] ? $draws['w'] : 0.0;
        }
        $leaves = $facts->lossWK * ($value - $facts->coldestC) - ($facts->backgroundW ?? 0.0);

        return $heats > $leaves && $perH < -self::STEPS_PER_H * $step;
    }
}
