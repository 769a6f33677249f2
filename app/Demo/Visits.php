<?php

declare(strict_types=1);

namespace App\Demo;

use App\Clients\Site;
use App\House\Days;
use App\Reports\DraftReport;
use App\Reports\Report;
use App\Rounds\Crew;
use App\Rounds\TaskType;
use App\Rounds\Visit;
use App\Systems\Judge;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingUnit;

/** The visits that lie behind the town, each closed, with its report. */
final class Visits
{
    public function __construct(private readonly Chance $chance, private readonly int $weeks)
    {
    }

    public function past(): void
    {
        $crews = Crew::query()->with('members')->orderBy('id')->get()->values();
        /** @var array<string, TaskType> $types */
        $types = TaskType::query()->get()->keyBy('key')->all();
        $sites = Site::query()->current()->orderBy('id')->get();
        $systems = System::query()->current()->orderBy('id')->get()->toBase()->groupBy('site_id');
        $visits = $tasks = [];
        $id = 0;
        foreach ($sites as $n => $site) {
            /** @var Crew $crew */
            $crew = $crews[$n % max(1, $crews->count())];
            // Spread over the working days; the last one lies one to seven days back.
            $back = 1 + ($n % 7);
            for ($week = $this->weeks - 1; $week >= 0; $week--) {
                $on = Rounds::workday(Days::today()->subDays($back + 7 * $week));
                $starts = Days::moment($on->toDateString(), 495 + 70 * ($n % 6));
                $member = $crew->members->first();
                $visits[] = [
                    'id' => ++$id,
                    'site_id' => $site->id,
                    'crew_id' => $crew->id,
                    'planned_on' => $on->toDateString(),
                    'position' => $n % 6,
                    'starts_at' => $starts,
                    'minutes' => 62,
                    'state' => Visit::CLOSED,
                    'earliest_on' => $on->subDays(2)->toDateString(),
                    'due_on' => $on->toDateString(),
                    'latest_on' => $on->addDays(2)->toDateString(),
                    'persons' => 1,
                    'skills' => '[]',
                    'salt_l' => 0,
                    'kg' => 15,
                    'opened_at' => $starts,
                    'opened_by' => $member?->id,
                    'closed_at' => $starts->addMinutes($actual = $this->chance->int(42, 84)),
                    'closed_by' => $member?->id,
                    'actual_min' => $actual,
                    'created_at' => $starts,
                    'updated_at' => $starts,
                ];
                foreach ($systems[$site->id] ?? [] as $system) {
                    foreach (
                        $week % 2 === 0 ? ['look', 'change', 'glass', 'floss'] : ['look', 'glass', 'floss'] as $key
                    ) {
                        $litres = $key === 'change' ? round(0.1 * ($system->volumeL() ?? 100)) : null;
                        $tasks[] = [
                            'visit_id' => $id,
                            'system_id' => $system->id,
                            'task_type_id' => $types[$key]->id,
                            'minutes' => $types[$key]->minutes,
                            'litres' => $litres,
                            'out_l' => $litres,
                            'in_l' => $litres,
                            'reason' => $litres === null ? null : 'routine',
                            'state' => 'done',
                            'steps' => '[]',
                            'done_at' => $starts->addMinutes(20),
                            'done_by' => $member?->id,
                            'created_at' => $starts,
                            'updated_at' => $starts,
                        ];
                    }
                }
            }
        }
        foreach (array_chunk($visits, 400) as $chunk) {
            DB::table('visits')->insert($chunk);
        }
        foreach (array_chunk($tasks, 600) as $chunk) {
            DB::table('visit_tasks')->insert($chunk);
        }
        if ($this->weeks > 1) {
            $this->drafts();
        }
    }

    /** Drafted from what was written down at each visit; the newest one holds fresh readings. */
    private function drafts(): void
    {
        $visits = Visit::query()->where('state', Visit::CLOSED)->orderBy('closed_at')->get();
        $newest = $visits->groupBy('site_id')->map(fn ($of): int => (int) $of->last()?->id);
        foreach ($visits as $visit) {
            $this->seen($visit);
            if ($newest[$visit->site_id] === $visit->id) {
                $this->readings($visit);
            }
            $next = $visits->first(
                fn (Visit $v): bool => $v->site_id === $visit->site_id &&
                    $v->closed_at?->greaterThan($visit->closed_at ?? now()) === true,
            );
            DraftReport::of($visit)->update(['next_on' => $next?->planned_on?->toDateString()]);
        }
        $this->photo();
    }

    /** All sent, but for the newest three; the hotel’s last one corrected by a note. */
    public function send(): void
    {
        $planner = User::query()->where('role', 'planner')->firstOrFail();
        $next = Visit::query()->where('state', Visit::PLANNED)->orderByDesc('planned_on')->get()->keyBy('site_id');
        $reports = Report::query()
            ->with('visit')
            ->get()
            ->sortBy(fn (Report $r): int => $r->visit?->closed_at?->getTimestamp() ?? 0)
            ->values();
        foreach ($reports as $i => $report) {
            $content =
                $i % 9 === 0
                    ? [
                        ...$report->content,
                        'recommendations' => [
                            [
                                'text' => 'A second heater on its own socket: one that sticks then warms half as fast.',
                                'priceMinor' => 8900,
                            ],
                        ],
                    ]
                    : $report->content;
            $report->fill([
                'content' => $content,
                'next_on' => $report->next_on ?? $next->get($report->site_id)?->planned_on?->toDateString(),
            ]);
            $report
                ->fill(
                    $i < $reports->count() - 3
                        ? [
                            'sent_at' => $report->visit?->closed_at?->addHours(3),
                            'sent_by' => $planner->id,
                            'sent_to' => ['by hand'],
                        ]
                        : [],
                )
                ->save();
        }
        $hotel = Report::query()
            ->whereNotNull('sent_at')
            ->whereHas('site', fn ($s) => $s->where('name', 'Lobby'))
            ->latest('id')
            ->first();
        $hotel
            ?->notes()
            ->create([
                'user_id' => $planner->id,
                'text' => 'The salinity stood at 34.6 g/kg, not 36.4: two digits were swapped when it was typed.',
            ]);
    }

    /** As read at the tank: what was last known, a step of the kit to either side. */
    private function readings(Visit $visit): void
    {
        foreach (
            System::query()
                ->where('site_id', $visit->site_id)
                ->with(['judgements', 'bands'])
                ->get() as $system
        ) {
            foreach (
                $system->judgements->whereIn('parameter', [
                    Parameter::Temperature,
                    Parameter::Salinity,
                    Parameter::Alkalinity,
                    Parameter::Nitrate,
                ]) as $j
            ) {
                $value = round($j->latest / $j->parameter->resolution()) * $j->parameter->resolution();
                $system
                    ->readings()
                    ->create([
                        'parameter' => $j->parameter,
                        'taken_at' => $visit->opened_at?->addMinutes(12),
                        'value' => $value,
                        'given_value' => $value,
                        'given_unit' => ReadingUnit::for($j->parameter)[0]->value,
                        'method' => 'kit',
                        'user_id' => $visit->closed_by,
                        'client_uuid' => Str::uuid()->toString(),
                    ]);
                Judge::again($system, $j->parameter);
            }
        }
    }

    private function seen(Visit $visit): void
    {
        if ($this->chance->int(0, 2) === 0) {
            $task = $visit->tasks()->firstOrFail();
            DB::table('observations')->insert([
                'system_id' => $task->system_id,
                'visit_id' => $visit->id,
                'sign' => $this->chance->pick(['green-algae', 'film', 'noise', 'corals-closed', 'bubbles']),
                'grade' => 'little',
                'note' => null,
                'seen_at' => $visit->opened_at,
                'user_id' => $visit->closed_by,
                'client_uuid' => Str::uuid()->toString(),
                'created_at' => now(),
                'updated_at' => now(),
            ]);
        }
    }

    /** A picture for the practice’s newest report: drawn, since nobody in Merrowick has a camera. */
    private function photo(): void
    {
        $report = Report::query()
            ->whereHas('site', fn ($s) => $s->where('name', 'Waiting rooms'))
            ->latest('id')
            ->first();
        if ($report === null) {
            return;
        }
        $path = 'attachments/'.CarbonImmutable::now()->format('Y/m').'/'.Str::uuid()->toString();
        $bytes = Picture::reef($this->chance);
        Storage::disk('local')->put($path, $bytes);
        $id = DB::table('attachments')->insertGetId([
            'subject_type' => 'visit',
            'subject_id' => $report->visit_id,
            'kind' => 'photo',
            'caption' => 'The long wall after the change',
            'original_name' => 'long-wall.jpg',
            'mime' => 'image/jpeg',
            'bytes' => strlen($bytes),
            'sha256' => hash('sha256', $bytes),
            'path' => $path,
            'user_id' => $report->visit?->closed_by,
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        DB::table('reports')
            ->where('id', $report->id)
            ->update(['photo_id' => $id]);
    }
}
