<?php

declare(strict_types=1);

namespace App\Demo;

use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\SystemFacts;
use App\Systems\TakeReading;
use App\Team\User;
use Illuminate\Support\Str;
use Velbrin\Core\Build\DisplayTank;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\Overflow;
use Velbrin\Core\Build\PlanField;
use Velbrin\Core\Build\SumpWater;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;

/** What is wrong in Merrowick this week. Each story is a set of ordinary records. */
final class Stories
{
    public const SPILL_L = 12.0;

    /**
     * Readings on their way out of the band, by system name: value now, change a day. @var array<string, array<string, array{0:
     * float, 1: float}>>
     */
    public const SERIES = [
        'Long wall' => ['alkalinity' => [7.1, -0.018]],
        'Boardroom' => ['nitrate' => [9.3, 0.11]],
        'Gallery' => ['calcium' => [424.5, -0.7]],
        'Loft reef' => ['phosphate' => [0.0365, 0.0004]],
        'Bar reef' => ['salinity' => [35.8, 0.02]],
        'Reception' => ['temperature' => [26.7, 0.02]],
    ];

    /** The outlet so deep that the sump lacks exactly that many litres. */
    public static function drainDown(System $system): void
    {
        $brief = SystemBrief::read($system->load('vessels'));
        $facts = Facts::of($brief);
        $weir = Overflow::of($facts);
        $area = DisplayTank::vessel($facts)->insideAreaM2();
        $depth =
            (SumpWater::of($facts)->spareL() + self::SPILL_L - $facts->number(PlanField::PipesL)) / $area -
            $weir->headMm;
        $values = [
            ...$brief->values,
            'outletBelowRimMm' => $weir->edgeBelowRimMm + $depth,
            'breakBelowRimMm' => 'none',
        ];
        $bases = array_map(
            fn (string $b): array => [
                'basis' => $b,
                'by' => 'Ines Callard',
                'at' => now()->subMonths(5)->toDateString(),
            ],
            SystemBrief::raw($system)['bases'],
        );
        SystemFacts::write($system, $values, $bases, array_values($system->chambers));
        self::log(
            $system,
            'change',
            'Return outlet pushed down on a longer elbow against surface noise. Drain-down not tried since.',
            160,
        );
    }

    public static function tell(System $system, User $user): void
    {
        match ($system->name) {
            'Living room' => self::heater($system),
            'Window reef' => $system
                ->items()
                ->create([
                    'job' => 'controller',
                    'name' => 'pH cut-out',
                    'installed_on' => now()->subMonths(20),
                    'installed_precision' => 'month',
                    'plug_label' => 'doser guard',
                    'note' => 'Cuts the dosers at pH 8.45; the evening peak reaches 8.41. Probe calibrated nine months ago.',
                ]),
            'Boardroom' => $system
                ->items()
                ->create([
                    'job' => 'other',
                    'name' => 'Alarm dialler',
                    'installed_on' => now()->subMonths(26),
                    'installed_precision' => 'month',
                    'note' => 'Calls one number: Lukas Ferrin’s. He is on leave.',
                ]),
            'Long wall' => self::heads($system),
            'Old tank' => self::log(
                $system,
                'observed',
                'Hairline crack in the stand’s left rear foot. The move to the new club room is next week.',
                3,
                $user,
            ),
            default => null,
        };
    }

    /** One runs out on Friday; the other’s vessel stands on the hood and can run out by itself. */
    private static function heads(System $system): void
    {
        $head = [
            'job' => 'doser',
            'installed_on' => now()->subMonths(14),
            'installed_precision' => 'day',
            'holds_ml' => 5000,
        ];
        $system->items()->createMany([
            $head + [
                'name' => 'Calcium doser',
                'doses' => 'calcium',
                'note' => 'Vessel: 410 mL left of 5 L at 88 mL a day. Runs out on Friday.',
            ],
            $head + [
                'name' => 'Alkalinity doser',
                'doses' => 'carbonate',
                'strength_meq_ml' => 2.0,
                'vessel_above_mm' => 640,
                'line_break' => false,
                'line_bore_mm' => 3.0,
                'line_length_m' => 1.4,
                'note' => 'Vessel on the hood since the cabinet was filled.',
            ],
        ]);
    }

    private static function heater(System $system): void
    {
        foreach ([1, 2] as $n) {
            $installed = now()->subDays(430);
            $system->items()->create([
                'vessel_id' => $system->vessels->firstWhere('role', 'sump')?->id,
                'job' => 'heater',
                'name' => "Heater {$n}",
                'watts' => 400,
                'installed_on' => $installed,
                'installed_precision' => 'day',
                'plug_label' => "H{$n}",
                'outlet' => "strip A, {$n}",
                'switched_by' => 'thermostat 1',
                'senses_own_vessel' => true,
                'replace_on' => $installed->addDays(457),
                'note' => 'Both bought on one day, one strip, one set point.',
            ]);
        }
    }

    public static function log(System $system, string $kind, string $text, int $daysAgo, ?User $user = null): void
    {
        $system
            ->logEntries()
            ->create([
                'kind' => $kind,
                'text' => $text,
                'happened_at' => now()->subDays($daysAgo)->setTime(11, 20),
                'user_id' => $user !== null
                        ? $user->id
                        : User::query()->where('role', 'technician')->orderBy('id')->firstOrFail()->id,
            ]);
    }

    /** A filter that died over night: the last test of a quarantine is a Stop until the next one. */
    public static function ammonia(User $by): void
    {
        $system = System::query()
            ->where('name', 'Quarantine')
            ->whereHas('site', fn ($s) => $s->where('name', 'Mill cottage'))
            ->with('bands')
            ->first();
        if ($system === null) {
            return;
        }
        foreach (
            [
                [Parameter::Temperature, 25.2, ReadingUnit::Celsius],
                [Parameter::Ph, 8.15, ReadingUnit::PhUnit],
                [Parameter::Ammonia, 1.1, ReadingUnit::MgL],
            ] as $n => [$parameter, $value, $unit]
        ) {
            TakeReading::take(
                system: $system,
                user: $by,
                parameter: $parameter,
                typed: $value,
                unit: $unit,
                at: now()->subMinutes(90 - 5 * $n),
                uuid: (string) Str::uuid(),
                sure: true,
                method: 'kit',
            );
        }
    }
}
