<?php

declare(strict_types=1);

namespace Velbrin\Core\Control;

use Velbrin\Core\Build\Comparison;
use Velbrin\Core\Build\Figure;
use Velbrin\Core\Build\PlanField as F;

/** What a change of a running system re-opens (X-30), a dosing line's flow that was false (X-31), and what one sump level serves (X-32). */
final class Ripples
{
    /** @var array<string, array{0: string, 1: string, 2: string}> subject → label, check, rule */
    private const SUBJECTS = [
        'changes' => ['Litres of a change', 'The same share is other litres now. Set the habit anew.', 'X-30'],
        'doses' => [
            'Daily doses',
            'They were tuned on the old litres. Recompute them and what a whole vessel would do at once.',
            'X-30',
        ],
        'reserve' => ['Water kept in reserve', 'The emergency share follows the litres.', 'X-30'],
        'heaters' => [
            'Heaters and their alarm',
            'Number, watts, one failed, one stuck on: check the set and its alarm times.',
            'X-30',
        ],
        'summer' => [
            'Summer, fans, reservoir',
            'Evaporation and the warm day moved. Check cooling and how long the reservoir lasts.',
            'X-30',
        ],
        'drain-down' => ['Power-cut room', 'Rehearse it: switch off and look.', 'X-30'],
        'drains' => ['Drains', 'Check the main drain at this flow, and blocked.', 'X-30'],
        'flow' => ['Flow through the sump', 'Skimmer, trap and turnover were set for the old flow.', 'X-30'],
        'light' => ['Light', 'More light starts a ramp; less is felt too. Check the day and the programme.', 'X-30'],
        'light-survey' => [
            'Light survey',
            'It was read under other lamps or another scape. Read the same points again.',
            'B-83',
        ],
        'flow-survey' => ['Flow survey', 'It was read with other pumps or another scape. Read it again.', 'B-83'],
        'skimmer' => ['Skimmer depth', 'One sump level serves skimmer, top-off and power-cut room at once.', 'X-32'],
        'top-off' => ['Top-off set point', 'It holds the level that moved. Set and try it.', 'X-32'],
        'dose-flow' => [
            'Programmed dose',
            'It was tuned on a false flow. Read alkalinity and calcium, then set the dose from today’s mL a minute. What '.
            'priming pumped in counts as dose.',
            'X-31',
        ],
        'run-limit' => [
            'Run limit of its line',
            'It brings a tenth more or less than before. Set the limit by today’s litres an hour at the coldest feed.',
            'W-63',
        ],
        'spares' => ['Spares', 'The old part’s spare may not fit the new one.', 'X-30'],
    ];

    /** @var array<string, list<string>> figure → what hangs on it; the first figure named stands beside it */
    private const BY_FIGURE = [
        'systemL' => ['changes', 'doses', 'reserve'],
        'heaters' => ['heaters'],
        'stuckOnH' => ['heaters'],
        'oneOffC' => ['heaters'],
        'settlesSummerC' => ['summer'],
        'evaporationLd' => ['summer'],
        'marginPct' => ['drain-down'],
        'drainLh' => ['drains'],
        'blockedMm' => ['drains'],
        'turnover' => ['flow'],
        'parMid' => ['light', 'light-survey'],
        'dliMol' => ['light'],
        'streamTurnover' => ['flow-survey'],
        'pumpLh' => ['flow'],
    ];

    /** @var array<string, list<string>> fact → what hangs on it */
    private const BY_FACT = [
        F::LightsW->value => ['light', 'light-survey'],
        F::LampAboveRimMm->value => ['light', 'light-survey'],
        F::RockKg->value => ['light-survey', 'flow-survey'],
        F::ReturnLevelMm->value => ['skimmer', 'top-off', 'drain-down'],
        F::SumpHeightMm->value => ['skimmer', 'top-off', 'drain-down'],
        F::FlowLh->value => ['flow', 'drains', 'drain-down'],
        F::WeirLengthMm->value => ['drains', 'drain-down'],
    ];

    /** @return list<Ripple> none while there was nothing to move */
    public static function of(Comparison $moved): array
    {
        $ripples = [];
        foreach ($moved->figures as [$before, $after]) {
            $key = $after->key ?? ($before->key ?? '');
            // An answer that was only waited for does not re-open anything.
            if ($before === null || $before->needs !== [] || self::same($before, $after)) {
                continue;
            }
            foreach (self::BY_FIGURE[$key] ?? [] as $subject) {
                $ripples[$subject] ??= self::ripple($subject, $before, $after);
            }
        }
        foreach ($moved->facts as [$field, $was]) {
            foreach ($was === null ? [] : self::BY_FACT[$field] ?? [] as $subject) {
                $ripples[$subject] ??= self::ripple($subject);
            }
        }

        $order = array_flip(array_keys(self::SUBJECTS));
        usort($ripples, fn (Ripple $a, Ripple $b): int => $order[$a->subject] <=> $order[$b->subject]);

        return $ripples;
    }

    /** @return list<Ripple> what a changed or exchanged device re-opens */
    public static function ofDevice(Job $job): array
    {
        return array_map(
            self::ripple(...),
            match ($job) {
                Job::ReturnPump => ['flow', 'drain-down', 'spares'],
                Job::Light => ['light', 'light-survey', 'summer'],
                Job::Heater => ['heaters', 'spares'],
                Job::Chiller, Job::Fan => ['summer'],
                Job::Skimmer => ['skimmer'],
                Job::TopOff => ['top-off', 'spares'],
                Job::Doser => ['dose-flow', 'spares'],
                default => [],
            },
        );
    }

    /** @return list<Ripple> air was found in its line, or it was calibrated anew (X-31) */
    public static function ofDosingFlow(): array
    {
        return [self::ripple('dose-flow')];
    }

    /**
     * A line from the mains brings more or less than its limit was set for (W-63).
     *
     * @return list<Ripple>
     */
    public static function ofRunLimit(): array
    {
        return [self::ripple('run-limit')];
    }

    /** A limit taken over from another system holds only while its condition does (X-3). */
    public static function ofCondition(string $label, string $key, string $holdsWhile): Ripple
    {
        return new Ripple("holds-{$key}", $label, "These limits hold while: {$holdsWhile}. Is that so here?", 'X-3');
    }

    private static function ripple(string $subject, ?Figure $before = null, ?Figure $after = null): Ripple
    {
        [$label, $check, $rule] = self::SUBJECTS[$subject];

        return new Ripple($subject, $label, $check, $rule, $before, $after);
    }

    /** A change nobody could notice re-opens nothing: half a percent of the figure. */
    private static function same(Figure $before, ?Figure $after): bool
    {
        $a = $before->quantity?->value;
        $b = $after?->quantity?->value;

        return $a !== null && $b !== null && abs($a - $b) <= 0.005 * max(abs($a), abs($b));
    }
}
