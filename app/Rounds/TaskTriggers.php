<?php

declare(strict_types=1);

namespace App\Rounds;

use App\House\Days;
use App\Systems\Material;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Rounds\Interval;
use Velbrin\Core\Rounds\Sign;
use Velbrin\Core\Rounds\TaskFacts;
use Velbrin\Core\Rounds\Trigger;
use Velbrin\Core\Rounds\TriggerKind;
use Velbrin\Core\Rounds\UsedBy;

/** The reader between a task’s record and the core’s triggers: its reasons, and what is known of them today. */
final class TaskTriggers
{
    public const MOST = 4;

    private const ML_A_LITRE = 1000.0;

    /** @return array<string, list<mixed>> of a form that names further reasons */
    public static function rules(): array
    {
        $of = fn (string $kind): string => "required_if:triggers.*.kind,{$kind}";

        return [
            'triggers' => ['nullable', 'array', 'max:'.self::MOST],
            'triggers.*.kind' => [
                'required',
                Rule::in(array_map(fn (TriggerKind $k): string => $k->value, TriggerKind::chosen())),
            ],
            'triggers.*.days' => [$of('weekdays'), 'array', 'max:7'],
            'triggers.*.days.*' => ['integer:strict', 'between:1,7', 'distinct'],
            'triggers.*.parameter' => [$of('reading'), 'string', 'max:40'],
            'triggers.*.below' => ['nullable', 'numeric:strict'],
            'triggers.*.above' => ['nullable', 'numeric:strict'],
            'triggers.*.stop' => ['nullable', 'numeric:strict'],
            'triggers.*.sign' => [$of('sign'), Rule::enum(Sign::class)],
            'triggers.*.vesselL' => [$of('run-out'), 'numeric:strict', 'gt:0', 'max:1000'],
            'triggers.*.mlPerDay' => [$of('run-out'), 'numeric:strict', 'gt:0', 'max:100000'],
            'triggers.*.leadDays' => ['nullable', 'numeric:strict', 'min:0', 'max:60'],
            'triggers.*.by' => [$of('usage'), Rule::enum(UsedBy::class)],
            'triggers.*.limit' => [$of('usage'), 'numeric:strict', 'gt:0', 'max:1000000'],
            'triggers.*.perDay' => ['nullable', 'numeric:strict', 'gt:0', 'max:100000'],
            'triggers.*.on' => [$of('event'), $of('once'), 'date'],
            'triggers.*.everyDays' => ['nullable', 'numeric:strict', 'gt:0', 'max:365'],
            'triggers.*.forDays' => ['nullable', 'numeric:strict', 'gt:0', 'max:365'],
        ];
    }

    /** @return list<Trigger> */
    public static function of(Task $task, TaskFacts $facts): array
    {
        $triggers =
            $task->every_days === null
                ? []
                : [Trigger::every(Interval::of($task->every_days, $task->earliest_days, $task->latest_days))];
        foreach ($task->triggers ?? [] as $row) {
            $triggers[] = self::one($row);
        }
        // A charge of media asks for its job by itself.
        if ($facts->chargeDueDay !== null) {
            $triggers[] = Trigger::charge();
        }

        return $triggers;
    }

    public static function facts(Task $task, ?CarbonImmutable $today = null): TaskFacts
    {
        $on = Days::number($today ?? Days::today());
        $last = $task->dateText('last_done_on');
        $lastDay = $last === null ? null : (float) Days::ofText($last);
        $rows = collect($task->triggers ?? []);
        $kinds = $rows->pluck('kind')->all();
        $runOut = $rows->firstWhere('kind', TriggerKind::RunOut->value);
        $filled = $lastDay ?? (float) ($task->first_on === null ? $on : Days::number($task->first_on));

        return new TaskFacts(
            today: (float) $on,
            lastDoneDay: $lastDay,
            readings: in_array(TriggerKind::Reading->value, $kinds, true) ? self::readings($task) : [],
            signs: in_array(TriggerKind::Sign->value, $kinds, true) ? self::signs($task) : [],
            runOutDay: $runOut === null
                ? null
                : $filled +
                    (self::ML_A_LITRE * self::number($runOut, 'vesselL')) /
                        max(1e-9, self::number($runOut, 'mlPerDay')),
            used: in_array(TriggerKind::Usage->value, $kinds, true)
                ? self::used(
                    $task,
                    $rows->where('kind', TriggerKind::Usage->value)->all(),
                    $lastDay ?? $filled,
                    (float) $on,
                )
                : [],
            series: self::series(
                $task,
                $rows
                    ->where('kind', TriggerKind::Reading->value)
                    ->whereNotNull('stop')
                    ->pluck('parameter')
                    ->filter(fn (mixed $p): bool => is_string($p))
                    ->values()
                    ->all(),
            ),
            chargeDueDay: self::chargeDue($task),
            perDay: $rows
                ->where('kind', TriggerKind::Usage->value)
                ->mapWithKeys(fn (array $r): array => [self::text($r, 'by') => self::number($r, 'perDay')])
                ->all(),
        );
    }

    /** @param  array<string, mixed>  $row */
    private static function one(array $row): Trigger
    {
        $limit = fn (string $key): ?float => is_numeric($row[$key] ?? null) ? (float) $row[$key] : null;
        $day = fn (): float => (float) Days::ofText(self::text($row, 'on'));

        return match (TriggerKind::from(self::text($row, 'kind'))) {
            TriggerKind::Every => Trigger::every(Interval::of(self::number($row, 'everyDays'))),
            TriggerKind::Weekdays => Trigger::weekdays(
                array_values(array_filter(is_array($row['days'] ?? null) ? $row['days'] : [], is_int(...))),
            ),
            TriggerKind::Reading => Trigger::reading(
                self::text($row, 'parameter'),
                $limit('below'),
                $limit('above'),
                $limit('stop'),
                $limit('everyDays') ?? 1,
            ),
            TriggerKind::Charge => Trigger::charge(),
            TriggerKind::Sign => Trigger::sign(Sign::from(self::text($row, 'sign'))),
            TriggerKind::RunOut => Trigger::runOut($limit('leadDays') ?? Trigger::RUN_OUT_LEAD_DAYS),
            TriggerKind::Usage => Trigger::usage(UsedBy::from(self::text($row, 'by')), self::number($row, 'limit')),
            TriggerKind::Event => Trigger::event($day(), $limit('everyDays') ?? 1, $limit('forDays') ?? 7),
            TriggerKind::Once => Trigger::once($day()),
        };
    }

    /**
     * Checked before it is kept: what the core refuses is a field’s error.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    public static function check(array $rows): void
    {
        foreach ($rows as $row) {
            self::one($row);
        }
    }

    /** @return array<string, array{value: float, day: float}> */
    private static function readings(Task $task): array
    {
        $readings = [];
        foreach (
            DB::table('judgements')
                ->where('system_id', $task->system_id)
                ->get(['parameter', 'latest', 'latest_at']) as $row
        ) {
            $readings[(string) $row->parameter] = [
                'value' => (float) $row->latest,
                'day' => (float) Days::ofMoment((string) $row->latest_at),
            ];
        }

        return $readings;
    }

    /**
     * The readings of the last year, without those marked as wrong.
     *
     * @param  array<int, string>  $parameters
     * @return array<string, list<array{value: float, day: float}>>
     */
    private static function series(Task $task, array $parameters): array
    {
        $series = [];
        if ($parameters !== []) {
            $rows = DB::table('readings')
                ->where('system_id', $task->system_id)
                ->whereIn('parameter', $parameters)
                ->whereNull('marked_at')
                ->where('taken_at', '>=', Days::today()->subYear())
                ->orderBy('taken_at')
                ->orderBy('id')
                ->get(['parameter', 'value', 'taken_at']);
            foreach ($rows as $row) {
                $series[(string) $row->parameter][] = [
                    'value' => (float) $row->value,
                    'day' => (float) Days::ofMoment((string) $row->taken_at),
                ];
            }
        }

        return $series;
    }

    private static function chargeDue(Task $task): ?float
    {
        $due = $task->exists ? Material::charges($task->system_id)->where('task_id', $task->id)->min('due_on') : null;

        return is_string($due) ? (float) Days::ofText($due) : null;
    }

    /** @return array<string, float> */
    private static function signs(Task $task): array
    {
        $seen = DB::table('observations')
            ->where('system_id', $task->system_id)
            ->groupBy('sign')
            ->selectRaw('sign, max(seen_at) as seen')
            ->get();

        return $seen
            ->mapWithKeys(
                fn (object $row): array => [(string) $row->sign => (float) Days::ofMoment((string) $row->seen)],
            )
            ->all();
    }

    /**
     * @param  array<int, array<string, mixed>>  $rows
     * @return array<string, float> since it was last done
     */
    private static function used(Task $task, array $rows, float $since, float $today): array
    {
        $from = Days::date((int) $since)->addDay()->toDateString();
        $done = DB::table('visit_tasks')
            ->join('visits', 'visits.id', '=', 'visit_tasks.visit_id')
            ->where('visit_tasks.system_id', $task->system_id)
            ->where('visits.state', Visit::CLOSED)
            ->where('visits.closed_at', '>=', $from);
        $used = [];
        foreach ($rows as $row) {
            $by = UsedBy::from(self::text($row, 'by'));
            $used[$by->value] = match ($by) {
                UsedBy::Litres => (float) (clone $done)->sum('visit_tasks.in_l'),
                UsedBy::Visits => (float) (clone $done)->distinct()->count('visits.id'),
                UsedBy::Hours => ($today - $since) * self::number($row, 'perDay'),
            };
        }

        return $used;
    }

    /** @param  array<string, mixed>  $row */
    private static function number(array $row, string $key): float
    {
        return is_numeric($row[$key] ?? null) ? (float) $row[$key] : 0.0;
    }

    /** @param  array<string, mixed>  $row */
    private static function text(array $row, string $key): string
    {
        return is_string($row[$key] ?? null) ? $row[$key] : '';
    }

    /** @return list<string> each reason in words, for a list */
    public static function words(Task $task): array
    {
        $words = [];
        foreach ($task->triggers ?? [] as $row) {
            $n = fn (string $key): string => rtrim(rtrim(number_format(self::number($row, $key), 2, '.', ''), '0'), '.');
            $names = ['', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
            $words[] = match (TriggerKind::from(self::text($row, 'kind'))) {
                TriggerKind::Every => 'every '.$n('everyDays').' d',
                TriggerKind::Weekdays => 'each '.
                    implode(
                        ', ',
                        array_map(
                            fn (mixed $d): string => is_int($d) ? $names[$d] : '',
                            is_array($row['days'] ?? null) ? $row['days'] : [],
                        ),
                    ),
                TriggerKind::Reading => (Parameter::tryFrom(self::text($row, 'parameter'))?->label() ??
                    self::text($row, 'parameter')).
                    (isset($row['below']) ? ' below '.$n('below') : '').
                    (isset($row['below'], $row['above']) ? ' or' : '').
                    (isset($row['above']) ? ' above '.$n('above') : '').
                    (isset($row['stop'])
                        ? ', until '.
                            $n('stop').
                            ', every '.
                            (isset($row['everyDays']) ? $n('everyDays') : '1').
                            ' d'
                        : ''),
                TriggerKind::Charge => 'when a charge is due',
                TriggerKind::Sign => 'when seen: '.lcfirst(Sign::from(self::text($row, 'sign'))->label()),
                TriggerKind::RunOut => 'before '.$n('vesselL').' L run out at '.$n('mlPerDay').' mL a day',
                TriggerKind::Usage => 'after '.$n('limit').' '.UsedBy::from(self::text($row, 'by'))->label(),
                TriggerKind::Event => 'from '.
                    self::text($row, 'on').
                    ' on, for '.
                    (isset($row['forDays']) ? $n('forDays') : '7').
                    ' d',
                TriggerKind::Once => 'once, on '.self::text($row, 'on'),
            };
        }

        return $words;
    }
}
