<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Programme\Check;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Phrase;
use Velbrin\Core\Control\Programme\Hold;
use Velbrin\Core\Control\Programme\KnownFacts;
use Velbrin\Core\Control\Programme\Objection;
use Velbrin\Core\Control\Programme\Outlet;
use Velbrin\Core\Control\Programme\Row;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Heat\LimitSide;
use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Severity;

/**
 * A heater without its link, winter and summer apart: the state that leaves more hours until harm, the others as they stand. Its own
 * thermostat counts only where somebody has tried it, above where its rule stops and below where an alarm begins.
 */
final readonly class HeaterWithoutLink implements Row
{
    /** Between rule, thermostat and alarm, K. */
    private const APART_K = 1.0;

    /** So much more has to be gained before it is worth a word, h. */
    private const WORTH_H = 1.0;

    /** Longer nobody is needed, h. */
    private const LONG_H = 72.0;

    public function code(): string
    {
        return 'K-13';
    }

    public function look(Setup $setup): array
    {
        $found = [];
        foreach ($setup->doing(Job::Heater) as $heater) {
            foreach ([false, true] as $isSummer) {
                $worse = $this->worse($setup, $heater, $isSummer);
                if ($worse !== null) {
                    $found[] = $worse;
                }
            }
        }

        return $found;
    }

    private function worse(Setup $setup, Outlet $heater, bool $isSummer): ?Finding
    {
        $state = $heater->lostLinkAt($isSummer);
        $facts = $setup->facts;
        $roomC = $isSummer ? $facts->hottestC : $facts->coldestC;
        if ($state === null || $roomC === null) {
            return null;
        }
        $now = self::hours($setup, $facts, $roomC, $isSummer, [$heater->id => $state]);
        $other = self::hours($setup, $facts, $roomC, $isSummer, [$heater->id => $state > 0 ? 0.0 : 1.0]);
        if ($now === null || $other === null || $now >= self::LONG_H || $other < $now + self::WORTH_H) {
            return null;
        }

        return Objection::of(
            Severity::Fix,
            $this->code(),
            $heater->id,
            $state > 0
                ? Phrase::WithoutItsLinkStays
                : Phrase::WithoutItsLinkGoesOff,
            $state > 0 ? Phrase::OffItWouldBeOrMore : Phrase::OnItWouldBeOrMore,
            $state > 0 ? Phrase::OffWithoutALink : Phrase::OnWithoutALink,
            [
                'place' => $heater->place,
                'season' => $isSummer ? 'summer' : 'winter',
                'now' => Quantity::of($now, Kind::Hours),
                'other' => Quantity::of(min(self::LONG_H, $other), Kind::Hours),
            ],
        );
    }

    /**
     * Until harm with every heater in its state without a link; INF: none comes. Null: not enough is known.
     *
     * @param  array<string, float>  $instead  states to be tried
     */
    private static function hours(Setup $setup, KnownFacts $facts, float $roomC, bool $isSummer, array $instead): ?float
    {
        if ($facts->volumeL === null || $facts->lossWK === null || $facts->lowHarmC === null || $facts->highHarmC === null) {
            return null;
        }
        $warms = $sticks = $facts->backgroundW ?? 0.0;
        $startC = null;
        foreach ($setup->doing(Job::Heater) as $heater) {
            $hung = $setup->hung[$heater->id] ?? null;
            $startC ??= $heater->rule instanceof Hold ? $heater->rule->stopAt : null;
            $watts = ($instead[$heater->id] ?? $heater->lostLinkAt($isSummer) ?? 0.0) * ($hung->watts ?? 0.0);
            $warms += $watts;
            $sticks += self::stopsItself($setup, $heater) ? 0.0 : $watts;
        }
        if ($startC === null) {
            return null;
        }
        $course = fn (float $powerW, float $limitC, LimitSide $side): float => TemperatureCourse::of(
            volumeL: $facts->volumeL,
            uaWK: $facts->lossWK,
            powerW: $powerW,
            evaporationW: 0.0,
            roomC: $roomC,
            startC: $startC,
            hours: 1.0,
            limitC: $limitC,
            limitSide: $side,
        )->hoursToLimit ?? INF;

        return min(
            $course($warms, $facts->lowHarmC, LimitSide::Lower),
            $course($sticks, $facts->highHarmC, LimitSide::Upper),
        );
    }

    private static function stopsItself(Setup $setup, Outlet $heater): bool
    {
        $stops = ($setup->hung[$heater->id] ?? null)?->thermostatC;
        $rule = $heater->rule instanceof Hold ? $heater->rule->stopAt : null;
        if ($stops === null || $rule === null || $stops < $rule + self::APART_K) {
            return false;
        }
        $highs = [];
        foreach ($setup->alarms as $alarm) {
            $isTemperature = $alarm->probe !== null && ($setup->probes[$alarm->probe] ?? null)?->quantity === 'temperature';
            if ($isTemperature && $alarm->high !== null) {
                $highs[] = $alarm->high;
            }
        }

        return $highs === [] || $stops <= min($highs) - self::APART_K;
    }
}
