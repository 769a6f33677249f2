<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Days;
use App\House\PlainSentence;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Emergency\Needs;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Rates;
use Velbrin\Core\Risk\Standing\HazardRow;
use Velbrin\Core\Risk\Standing\Year;
use Velbrin\Core\Version;

/** Works out a year of risk, for a page or to be kept for the fleet. */
final class Years
{
    /** @return list<HazardRow>|string what one system's year says now, or what is still to be said */
    public static function of(Known|string $known, ?Rates $rates = null): array|string
    {
        if (is_string($known)) {
            return $known;
        }
        try {
            return Year::of($known->standing, $known->moments, $rates ?? RiskRate::rates());
        } catch (OutOfRange $e) {
            return "a sound {$e->field}";
        }
    }

    /**
     * Those whose year is missing, touched by an edit, or of another day: everything ages.
     *
     * @param  list<int>  $ids
     * @return list<int>
     */
    public static function due(array $ids): array
    {
        $fresh = DB::table('risk_sums')->whereIn('system_id', $ids)->where('key', self::key())->pluck('system_id')->all();

        return array_values(array_diff($ids, array_map(fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $fresh)));
    }

    /**
     * @param  Collection<int, System>  $systems  loaded with {@see StandingReader::loads()}
     */
    public static function keep(Collection $systems): void
    {
        if ($systems->isEmpty()) {
            return;
        }
        $rates = RiskRate::rates();
        $reader = StandingReader::around($systems);
        $at = CarbonImmutable::now();
        $rows = $sums = $months = [];
        foreach ($systems as $system) {
            $known = $reader->read($system);
            $year = self::of($known, $rates);
            $sums[] = [...self::sum($system, $year, $at), 'ready' => is_string($known) ? null : self::ready($system, $known)];
            if (is_string($year)) {
                continue;
            }
            foreach ($year as $row) {
                $rows[] = self::row($system, $row);
            }
            $months[] = self::month($system, $year);
        }
        $ids = $systems->map(fn (System $s): int => $s->id)->all();
        DB::transaction(function () use ($ids, $rows, $sums, $months): void {
            DB::table('hazard_years')->whereIn('system_id', $ids)->delete();
            foreach (array_chunk($rows, 300) as $chunk) {
                DB::table('hazard_years')->insert($chunk);
            }
            DB::table('risk_sums')->upsert($sums, ['system_id']);
            DB::table('risk_months')->upsert($months, ['system_id', 'month']);
        });
    }

    /** What has to stand ready for it in its coldest room, by code; null: an amount cannot be told (E-1). */
    private static function ready(System $system, Known $known): ?string
    {
        $share = $system->emergency_share_pct;
        try {
            $needs = Needs::of($known->cold, $share === null ? null : $share / 100);
        } catch (OutOfRange) {
            return null;
        }

        return json_encode(array_column($needs, 'amount', 'code'), JSON_THROW_ON_ERROR);
    }

    /** What a year rests on beside the records: the arithmetic's version, and the day. */
    private static function key(): string
    {
        return hash('sha256', Version::NUMBER.'|'.Days::text());
    }

    /**
     * @param  list<HazardRow>|string  $year
     * @return array<string, mixed>
     */
    private static function sum(System $system, array|string $year, CarbonImmutable $at): array
    {
        $isMoney = is_array($year) && array_filter($year, fn (HazardRow $r): bool => $r->loss === null && $r->harms->high > 0) === [];
        $total = fn (callable $of): float => is_array($year) ? (float) array_sum(array_map($of, $year)) : 0.0;

        return [
            'system_id' => $system->id,
            'loss' => $isMoney ? $total(fn (HazardRow $r): float => $r->loss->likely ?? 0.0) : null,
            'loss_high' => $isMoney ? $total(fn (HazardRow $r): float => $r->loss->high ?? 0.0) : null,
            'harms' => $total(fn (HazardRow $r): float => $r->harms->likely),
            'dearest' => is_array($year) ? ($year[0]->hazard->value ?? null) : null,
            'key' => self::key(),
            'needs' => is_string($year) ? mb_substr($year, 0, 300) : null,
            'computed_at' => $at,
        ];
    }

    /** @return array<string, mixed> */
    private static function row(System $system, HazardRow $row): array
    {
        return [
            'system_id' => $system->id,
            'hazard' => $row->hazard->value,
            'rate' => $row->rate->likely,
            'harms' => $row->harms->likely,
            'harms_high' => $row->harms->high,
            'loss_low' => $row->loss?->low,
            'loss' => $row->loss?->likely,
            'loss_high' => $row->loss?->high,
            'weakest' => json_encode(PlainSentence::of($row->weakest), JSON_THROW_ON_ERROR),
        ];
    }

    /**
     * Kept once a month, so that what changed since, and by which hazard, can be said.
     *
     * @param  list<HazardRow>  $year
     * @return array<string, mixed>
     */
    private static function month(System $system, array $year): array
    {
        $sum = self::sum($system, $year, CarbonImmutable::now());
        $by = [];
        foreach ($year as $row) {
            $by[$row->hazard->value] = $row->loss->likely ?? $row->harms->likely;
        }

        return [
            'system_id' => $system->id,
            'month' => substr(Days::text(), 0, 7),
            'loss' => $sum['loss'],
            'harms' => $sum['harms'],
            'hazards' => json_encode($by, JSON_THROW_ON_ERROR),
        ];
    }
}
