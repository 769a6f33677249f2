<?php

declare(strict_types=1);

namespace App\Risk;

use App\House\Days;
use App\House\Money;
use App\Systems\Item;
use App\Systems\System;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Risk\FailureChance;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Rate\Assumed;
use Velbrin\Core\Risk\Rate\Cohort;

/** The fleet by yearly loss, by devices of one month, and by what changed since last month. */
final class FleetYear
{
    private const A_PAGE = 40;

    /** Fewer of one month are no cohort. */
    private const COHORT = 4;

    /** @return list<array<string, mixed>> the dearest first; where nobody said what is at stake, what harms most often */
    public static function lines(): array
    {
        $rows = DB::table('risk_sums')
            ->join('systems', 'systems.id', '=', 'risk_sums.system_id')
            ->join('sites', 'sites.id', '=', 'systems.site_id')
            ->join('clients', 'clients.id', '=', 'sites.client_id')
            ->whereNull('systems.archived_at')
            ->orderByRaw('risk_sums.loss is null, risk_sums.loss desc, risk_sums.harms desc')
            ->limit(self::A_PAGE)
            ->get([
                'systems.id', 'systems.name', DB::raw("concat(clients.name, ', ', sites.name) as place"), 'risk_sums.loss',
                'risk_sums.loss_high', 'risk_sums.harms', 'risk_sums.dearest', 'risk_sums.needs',
            ]);

        return array_values(
            $rows->map(fn (object $r): array => [
                'id' => (int) $r->id,
                'name' => (string) $r->name,
                'where' => (string) $r->place,
                'loss' => $r->loss === null ? null : Money::about((float) $r->loss),
                'lossHigh' => $r->loss_high === null ? null : Money::about((float) $r->loss_high),
                'weight' => (float) ($r->loss ?? 0),
                'harms' => Views\YearRowView::often((float) $r->harms),
                'dearest' => Hazard::tryFrom((string) $r->dearest)?->label(),
                'needs' => $r->needs === null ? null : (string) $r->needs,
            ])->all(),
        );
    }

    /**
     * @return list<array{
     *     job: string, month: string, count: int, expected: float, twoOrMorePct: float,
     *     systems: list<array{id: int, name: string}>
     * }>
     */
    public static function cohorts(): array
    {
        $rates = RiskRate::rates();
        $cohorts = [];
        $rows = Item::query()
            ->whereNull('retired_at')
            ->whereNotNull('installed_on')
            ->whereHas('system', fn ($s) => $s->current())
            ->groupBy('job', DB::raw("date_format(installed_on, '%Y-%m')"))
            ->havingRaw('count(*) >= ?', [self::COHORT])
            ->get(['job', DB::raw("date_format(installed_on, '%Y-%m') as month"), DB::raw('count(*) as n')]);
        foreach ($rows as $row) {
            $job = $row->job;
            $scale = $rates->scaleYears($job);
            $month = (string) $row->getAttribute('month');
            if ($scale === null) {
                continue;
            }
            $age = CarbonImmutable::parse("{$month}-15")->diffInDays(CarbonImmutable::now()) / 365.25;
            $cohort = Cohort::of((int) $row->getAttribute('n'), FailureChance::of(max(0.0, $age), 1.0, $scale, $rates->of(Assumed::Shape)));
            $cohorts[] = [
                'job' => $job->label(),
                'jobKey' => $job->value,
                'month' => $month,
                'count' => $cohort->count,
                'expected' => $cohort->expected,
                'twoOrMorePct' => 100 * $cohort->twoOrMore,
            ];
        }
        usort($cohorts, fn (array $a, array $b): int => $b['expected'] <=> $a['expected']);

        return array_map(self::withSystems(...), array_slice($cohorts, 0, 8));
    }

    /**
     * @param  array{job: string, jobKey: string, month: string, count: int, expected: float, twoOrMorePct: float}  $cohort
     * @return array{
     *     job: string, month: string, count: int, expected: float, twoOrMorePct: float,
     *     systems: list<array{id: int, name: string}>
     * }
     */
    private static function withSystems(array $cohort): array
    {
        $systems = System::query()
            ->current()
            ->whereHas('items', fn ($i) => $i
                ->whereNull('retired_at')
                ->where('job', $cohort['jobKey'])
                ->whereRaw("date_format(installed_on, '%Y-%m') = ?", [$cohort['month']]))
            ->orderBy('name')
            ->limit(12)
            ->get(['id', 'name']);
        unset($cohort['jobKey']);

        return [...$cohort, 'systems' => array_values($systems->map(fn (System $s): array => ['id' => $s->id, 'name' => $s->name])->all())];
    }

    /**
     * What moved most since last month.
     *
     * @return list<array{id: int, name: string, before: string, now: string, by: string|null, worse: bool}>
     */
    public static function changes(): array
    {
        $month = substr(Days::text(), 0, 7);
        $before = Days::today()->startOfMonth()->subMonth()->format('Y-m');
        $rows = DB::table('risk_months as now')
            ->join('risk_months as before', fn ($j) => $j->on('before.system_id', '=', 'now.system_id')->where('before.month', $before))
            ->join('systems', 'systems.id', '=', 'now.system_id')
            ->where('now.month', $month)
            ->whereNull('systems.archived_at')
            ->whereRaw(
                'abs(coalesce(now.loss, now.harms) - coalesce(before.loss, before.harms)) > 0.05 * coalesce(before.loss, before.harms)',
            )
            ->orderByRaw('abs(coalesce(now.loss, now.harms) - coalesce(before.loss, before.harms)) desc')
            ->limit(10)
            ->get(
                [
                    'systems.id',
                    'systems.name',
                    'now.loss as n',
                    'before.loss as b',
                    'now.harms as nh',
                    'before.harms as bh',
                    'now.hazards as nj',
                    'before.hazards as bj',
                ],
            );

        return array_values($rows->map(fn (object $r): array => [
            'id' => (int) $r->id,
            'name' => (string) $r->name,
            'before' => self::shown($r->b, $r->bh),
            'now' => self::shown($r->n, $r->nh),
            'by' => self::moved((string) $r->nj, (string) $r->bj),
            'worse' => (float) ($r->n ?? $r->nh) > (float) ($r->b ?? $r->bh),
        ])->all());
    }

    /**
     * What a client put off until a day that has passed: to be taken up again. Only the last paper of a system counts.
     *
     * @return list<array{id: int, name: string, until: string, signedBy: string, what: list<string>}>
     */
    public static function putOff(): array
    {
        $today = Days::text();
        $last = DB::table('signed_offers')->selectRaw('max(id)')->groupBy('system_id');

        return array_values(
            SignedOffer::query()
                ->whereIn('id', $last)
                ->where('next_on', '<', $today)
                ->whereHas('system', fn ($s) => $s->current())
                ->with('system')
                ->orderBy('next_on')
                ->limit(self::A_PAGE)
                ->get()
                ->map(fn (SignedOffer $o): array => [
                    'id' => $o->system_id,
                    'name' => (string) $o->system?->name,
                    'until' => (string) $o->next_on?->toDateString(),
                    'signedBy' => $o->signed_by,
                    'what' => array_column(array_filter($o->put_off, fn (array $p): bool => $p['until'] < $today), 'label'),
                ])
                ->all(),
        );
    }

    private static function shown(mixed $loss, mixed $harms): string
    {
        return is_numeric($loss)
            ? Money::about((float) $loss)
            : Views\YearRowView::often(is_numeric($harms) ? (float) $harms : 0.0);
    }

    /** The hazard that moved most. */
    private static function moved(string $now, string $before): ?string
    {
        $read = fn (string $json): array => is_array($all = json_decode($json, true)) ? array_filter($all, is_numeric(...)) : [];
        [$now, $before] = [$read($now), $read($before)];
        $most = null;
        $by = 0.0;
        foreach (array_keys($now + $before) as $hazard) {
            $moved = abs((float) ($now[$hazard] ?? 0) - (float) ($before[$hazard] ?? 0));
            if ($moved > $by) {
                [$most, $by] = [(string) $hazard, $moved];
            }
        }

        return $most === null ? null : Hazard::tryFrom($most)?->label();
    }
}
