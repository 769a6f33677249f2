<?php

declare(strict_types=1);

namespace App\Systems;

use Carbon\CarbonImmutable;
use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Water\AmmoniaAnswer;
use Velbrin\Core\Water\AmmoniaTable;

/**
 * Ammonia wherever animals live (C-59): its latest reading, judged by the free part and kept with the system, band or no band,
 * until a re-test.
 */
final class AmmoniaWatch
{
    private const INPUTS = [
        'ammonia_ph' => Parameter::Ph,
        'ammonia_temp_c' => Parameter::Temperature,
        'ammonia_salinity' => Parameter::Salinity,
    ];

    /** An alkalinity counts this long in the answer, days (C-60). */
    private const ALK_DAYS = 14.0;

    /** Whether a reading of this one moves the judgement. */
    public static function hangsOn(Measured $parameter): bool
    {
        return in_array($parameter, [Parameter::Ammonia, Parameter::Alkalinity, ...array_values(self::INPUTS)], true);
    }

    /** Judges the latest reading again and keeps what it says. */
    public static function again(System $system): void
    {
        $latest = self::latest($system, Parameter::Ammonia, null, null);
        if ($latest === null) {
            $columns = ['ammonia_total_mg_l', 'ammonia_at', ...array_keys(self::INPUTS), 'ammonia_alk_dkh'];
            self::keep($system, array_fill_keys($columns, null));

            return;
        }
        $at = $latest->taken_at;
        $beside = function (Parameter $p, float $days) use ($system, $at): ?float {
            return self::latest($system, $p, $at->subSeconds((int) (86400 * $days)), $at->addDay())?->value;
        };
        self::keep($system, [
            'ammonia_total_mg_l' => $latest->value,
            'ammonia_at' => $at,
            'ammonia_alk_dkh' => $beside(Parameter::Alkalinity, self::ALK_DAYS),
            ...array_map(fn (Parameter $p): ?float => $beside($p, AmmoniaJudgement::FRESH_DAYS), self::INPUTS),
        ]);
    }

    /** What the kept reading says; null without a reading, or where nothing lives. */
    public static function of(System $system): ?AmmoniaAnswer
    {
        $judged = self::judged($system);

        $mixAlkDkh = MixWater::here()->alkDkh($system);

        return $judged === null
            ? null
            : AmmoniaAnswer::of($judged, $system->volumeL(), $system->ammonia_alk_dkh, $mixAlkDkh);
    }

    public static function judged(System $system): ?AmmoniaJudgement
    {
        if ($system->ammonia_total_mg_l === null || $system->has_animals === false) {
            return null;
        }

        return AmmoniaJudgement::of(
            $system->ammonia_total_mg_l,
            $system->ammonia_ph,
            $system->ammonia_temp_c,
            $system->ammonia_salinity,
            self::warmestC($system),
            self::leastSalinity($system),
        );
    }

    /** For a phone without signal; null where nothing lives. The bands are loaded. */
    public static function table(System $system): ?AmmoniaTable
    {
        if ($system->has_animals === false) {
            return null;
        }
        $alk = StoredJudgement::for($system, Parameter::Alkalinity);
        $fresh = $alk !== null && $alk->latest_at->isAfter(CarbonImmutable::now()->subDays((int) self::ALK_DAYS));

        $mixAlkDkh = MixWater::here()->alkDkh($system);

        return AmmoniaTable::of(
            self::leastSalinity($system),
            self::warmestC($system),
            $fresh ? $alk->latest : null,
            $mixAlkDkh,
        );
    }

    /** @param  array<string, mixed>  $columns */
    private static function keep(System $system, array $columns): void
    {
        $system->forceFill($columns);
        $system->ammonia_severity = self::judged($system)?->finding->severity->value;
        // A judgement is no change anybody made to the record: no trace in the audit.
        $system->saveQuietly();
    }

    private static function latest(
        System $system,
        Parameter $parameter,
        ?CarbonImmutable $from,
        ?CarbonImmutable $until,
    ): ?Reading {
        return $system
            ->readings()
            ->where('parameter', $parameter->key())
            ->whereNull('marked_at')
            ->when($from !== null, fn ($q) => $q->where('taken_at', '>=', $from))
            ->where('taken_at', '<=', $until?->min(now()) ?? now())
            ->latest('taken_at')
            ->latest('id')
            ->first();
    }

    /** Warmest water inside the system's own band, else its regime's, °C. */
    private static function warmestC(System $system): float
    {
        return Band::for($system, Parameter::Temperature)->fine_high ??
            (self::regime($system->regime, Parameter::Temperature)->fineHigh ?? $system->regime->harmC()[1]);
    }

    /** Least salinity inside it, g/kg: the less salt, the larger the free share. */
    private static function leastSalinity(System $system): float
    {
        return Band::for($system, Parameter::Salinity)->fine_low ??
            (self::regime($system->regime, Parameter::Salinity)->fineLow ?? 0.0);
    }

    private static function regime(Regime $regime, Parameter $parameter): ?\Velbrin\Core\Chemistry\Band
    {
        return $regime->bands()[$parameter->value] ?? null;
    }
}
