<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Rounds\Views\LiftedView;
use App\Rounds\Views\NextStopView;
use App\Rounds\Views\RunningView;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;

/** What stands round a visit, in one question: report, photos, next stop, clocks, locks, what was lifted, what was missing. */
final class VisitSurroundings
{
    public readonly ?int $reportId;

    public readonly int $photos;

    /** @var list<array{id: int, name: string}> whose sheet for hands is wanted when one is dead */
    public readonly array $controllers;

    /** @var list<string> what was missing here last time */
    public readonly array $missing;

    public readonly ?NextStopView $next;

    /** @var list<RunningView> */
    public readonly array $running;

    /** Since when things may have changed: the last visit's end. */
    public readonly CarbonImmutable $since;

    /** @var Collection<array-key, Collection<int, stdClass>> what this place does differently, by kind of job */
    public readonly Collection $own;

    /** @var array<int, list<string>> by system */
    public readonly array $locks;

    /** @var array<int, list<LiftedView>> by system */
    public readonly array $lifted;

    public function __construct(Visit $visit, User $user)
    {
        $row = DB::query()
            ->selectSub(DB::table('reports')->where('visit_id', $visit->id)->select('id')->limit(1), 'report_id')
            ->selectSub(
                DB::table('attachments')
                    ->where('subject_type', 'visit')
                    ->where('subject_id', $visit->id)
                    ->whereNull('archived_at')
                    ->selectRaw('count(*)'),
                'photos',
            )
            ->selectSub(self::ownSteps($visit->site_id), 'own')
            ->selectSub(self::locks($visit->site_id), 'locks')
            ->selectSub(
                DB::table('lifted')
                    ->where('visit_id', $visit->id)
                    ->selectRaw(
                        "json_arrayagg(json_object('system_id', system_id, 'uuid', client_uuid, 'what', what, 'place', ".
                        "coalesce(back_place, place), 'back', back_at is not null))",
                    ),
                'lifted',
            )
            ->selectSub(
                DB::table('controllers')
                    ->where('site_id', $visit->site_id)
                    ->whereNull('archived_at')
                    ->selectRaw("json_arrayagg(json_object('id', id, 'name', name))"),
                'controllers',
            )
            ->selectSub(self::bring($visit), 'bring')
            ->selectSub(self::nextStop($visit), 'next')
            ->selectSub(RunningClocks::mixing($visit), 'mixing')
            ->selectSub(RunningClocks::disturbed($visit->site_id), 'disturbed')
            ->selectSub(RunningClocks::holds($visit->site_id), 'holds')
            ->selectSub(
                DB::table('visits')
                    ->where('site_id', $visit->site_id)
                    ->where('state', Visit::CLOSED)
                    ->where('id', '<>', $visit->id)
                    ->selectRaw('max(closed_at)'),
                'last',
            )
            ->first();
        $this->reportId = is_numeric($row?->report_id) ? (int) $row->report_id : null;
        $this->photos = is_numeric($row?->photos) ? (int) $row->photos : 0;
        $this->controllers = array_values(
            self::rows($row?->controllers)
                ->map(fn (stdClass $c): array => ['id' => (int) $c->id, 'name' => (string) $c->name])
                ->all(),
        );
        $this->own = self::rows($row?->own)->groupBy('task_type_id');
        $locks = $lifted = [];
        foreach (self::rows($row?->locks) as $lock) {
            $locks[(int) $lock->system_id][] = Lock::say((string) $lock->what, (string) $lock->until, (string) $lock->because);
        }
        foreach (self::rows($row?->lifted) as $one) {
            $lifted[(int) $one->system_id][] = LiftedView::of($one);
        }
        [$this->locks, $this->lifted] = [$locks, $lifted];
        $this->missing = array_values(
            self::rows($row?->bring)
                ->map(fn (stdClass $b): string => LoadList::missed((string) $b->text))
                ->unique()
                ->all(),
        );
        $next = json_decode(is_string($row?->next) ? $row->next : 'null');
        $this->next = $next instanceof stdClass ? NextStopView::of($visit, $next, $user->units()) : null;
        $this->running = RunningClocks::of(
            $visit,
            self::rows($row?->mixing),
            self::rows($row?->disturbed),
            self::rows($row?->holds),
            fn (float $l): string => $user->units()->show(Quantity::of($l, Kind::Volume)),
        );
        $this->since = is_string($row?->last) ? CarbonImmutable::parse($row->last) : CarbonImmutable::now()->subMonth();
    }

    /** @return Collection<int, stdClass> */
    private static function rows(mixed $json): Collection
    {
        $rows = json_decode(is_string($json) ? $json : '[]');

        return collect(
            is_array($rows) ? array_values(array_filter($rows, fn (mixed $r): bool => $r instanceof stdClass)) : [],
        );
    }

    private static function locks(int $siteId): Builder
    {
        return DB::table('locks')
            ->join('systems', 'systems.id', '=', 'locks.system_id')
            ->where('systems.site_id', $siteId)
            ->whereNull('locks.lifted_at')
            ->where('locks.until_on', '>=', Days::text())
            ->selectRaw(
                "json_arrayagg(json_object('system_id', locks.system_id, 'what', locks.what, 'because', locks.because, 'until', ".
                'locks.until_on))',
            );
    }

    private static function bring(Visit $visit): Builder
    {
        return DB::table('follow_ups')
            ->join('systems', 'systems.id', '=', 'follow_ups.system_id')
            ->where('systems.site_id', $visit->site_id)
            ->where('follow_ups.kind', 'bring')
            ->whereNull('follow_ups.done_at')
            ->where(fn ($q) => $q->whereNull('follow_ups.visit_id')->orWhere('follow_ups.visit_id', '<>', $visit->id))
            ->selectRaw("json_arrayagg(json_object('text', follow_ups.text))");
    }

    /** The crew’s next stop of that day. */
    private static function nextStop(Visit $visit): Builder
    {
        return DB::table('visits')
            ->join('sites', 'sites.id', '=', 'visits.site_id')
            ->where('visits.crew_id', $visit->crew_id ?? 0)
            ->where('visits.planned_on', $visit->planned_on?->toDateString())
            ->where('visits.id', '<>', $visit->id)
            ->where('visits.state', Visit::PLANNED)
            ->whereNotNull('visits.starts_at')
            ->orderBy('visits.starts_at')
            ->limit(1)
            ->selectRaw(
                "json_object('id', visits.id, 'place', sites.name, 'street', sites.street, 'town', sites.town, 'lat', ".
                "sites.lat, 'lon', sites.lon, 'starts_at', visits.starts_at, 'salt_l', visits.salt_l, 'ro_l', visits.ro_l)",
            );
    }

    /** As one value: a page asks a fixed number of questions. */
    private static function ownSteps(int $siteId): Builder
    {
        return DB::table('site_steps')
            ->where('site_id', $siteId)
            ->whereNull('archived_at')
            ->selectRaw(
                "json_arrayagg(json_object('id', id, 'task_type_id', task_type_id, 'step', step, 'does', does, 'text', text, ".
                "'why', why, 'attachment_id', attachment_id))",
            );
    }
}
