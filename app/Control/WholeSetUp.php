<?php

declare(strict_types=1);

namespace App\Control;

use App\House\Days;
use App\Systems\Item;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\SetupReader;

/**
 * The reader between records and the core: what somebody wrote of outlets and guards, with what the register, the sensors, their
 * readings and the alarms know.
 */
final class WholeSetUp
{
    /** @var array<int, list<array<string, mixed>>> alarms by controller, where several were asked for at once */
    private array $watched = [];

    /** @var array<int, array<string, array{dailyLow?: float, dailyHigh?: float, historyDays: float}>>|null by system and quantity */
    private ?array $usual = null;

    public function __construct(private readonly Watches $watches, private readonly SystemKnown $known)
    {
    }

    /**
     * Asks at once what several controllers want; they are read one by one afterwards.
     *
     * @param  list<Controller>  $controllers  loaded as a page of one is
     */
    public function gather(array $controllers): void
    {
        $this->known->gather($controllers);
        $this->watched = $this->watches->of($controllers);
        $this->usual = UsualDay::of(array_merge(...array_map(fn (Controller $c): array => $c->sensors->all(), $controllers)));
    }

    /**
     * @param  array<array-key, mixed>  $written  outlets and guards
     * @return array<string, mixed> a document SetupReader reads
     */
    public function of(Controller $controller, array $written): array
    {
        $outlets = $this->outlets($controller);
        $known = [];
        foreach (is_array($written['outlets'] ?? null) ? $written['outlets'] : [] as $one) {
            $record = is_array($one) && is_string($one['id'] ?? null) ? $outlets->get($one['id']) : null;
            if ($record !== null) {
                $known[] = array_diff_key($one, ['hung' => 1]) + $this->hung($record);
            }
        }
        $ids = array_column($known, 'id');

        return [
            'schema' => SetupReader::SCHEMA,
            'probes' => $this->probes($controller),
            'outlets' => $known,
            'guards' => array_values(array_filter(
                is_array($written['guards'] ?? null) ? $written['guards'] : [],
                fn (mixed $g): bool => is_array($g) && in_array($g['outlet'] ?? null, $ids, true),
            )),
            'alarms' => $this->watched[$controller->id] ?? $this->watches->of([$controller])[$controller->id],
            'facts' => $this->known->of($controller),
            'names' => $controller->sensors->mapWithKeys(fn (Sensor $s): array => [$s->key() => $s->name])->all(),
        ];
    }

    /** @return Collection<string, Outlet> of its strips, by their name in a set-up */
    public function outlets(Controller $controller): Collection
    {
        return $controller->loadMissing('strips.outlets.items.vessel')->strips
            ->flatMap(fn (Strip $s) => $s->outlets)
            ->filter(fn (Outlet $o): bool => ! $o->isArchived())
            ->keyBy(fn (Outlet $o): string => $o->key());
    }

    /** @return array{hung: array<string, mixed>}|array{} nothing where nothing is plugged in */
    private function hung(Outlet $outlet): array
    {
        $items = $outlet->items;
        $first = $items->first();
        if (! $first instanceof Item) {
            return [];
        }

        return [
            'hung' => array_filter([
                'job' => ($first->job ?? Job::Other)->value,
                'watts' => (float) $items->sum(fn (Item $i): float => $i->watts ?? 0.0),
                'strip' => $outlet->strip?->name,
                'water' => self::water($first),
                'thermostatC' => self::opensC($outlet),
                'labelled' => $outlet->is_labelled,
                'stripRatedW' => $outlet->strip?->rated_w,
                'doses' => $first->doses?->value,
                'fillsL' => $first->ro_span_l,
                'spillTakesL' => $first->ro_takes_l,
                ...$first->job === Job::Doser ? self::line($first) : [],
                'testedDaysAgo' => ($first->job ?? null) === Job::Battery ? self::triedDaysAgo($first) : null,
            ], fn (mixed $v): bool => $v !== null),
        ];
    }

    /** @return array<string, float|bool|null> of the line from its vessel */
    private static function line(Item $head): array
    {
        return [
            'vesselAboveMm' => $head->vessel_above_mm,
            'lineBreak' => $head->line_break,
            'lineBoreMm' => $head->line_bore_mm,
            'lineLengthM' => $head->line_length_m,
        ];
    }

    /** Where everything on the outlet has stopped by itself, °C; null as long as one of it does not. */
    private static function opensC(Outlet $outlet): ?float
    {
        $stops = $outlet->items->map(fn (Item $i): ?float => $i->stopsItselfC());

        return $stops->contains(null) ? null : $stops->max();
    }

    /** Since a battery there was last tried under load; null: never. */
    private static function triedDaysAgo(Item $battery): ?float
    {
        $last = DB::table('tasks')
            ->join('task_types', 'task_types.id', '=', 'tasks.task_type_id')
            ->where('task_types.key', 'battery-test')
            ->where('tasks.system_id', $battery->system_id)
            ->whereNull('tasks.ended_at')
            ->max('tasks.last_done_on');

        return is_string($last) ? (float) (Days::number(Days::today()) - Days::number(CarbonImmutable::parse($last))) : null;
    }

    /** The water it stands in, by the words probes are hung with; a further vessel by its own name. */
    private static function water(Item $item): ?string
    {
        $role = $item->vessel?->role;

        return in_array($role, ['display', 'sump'], true) ? $role : ($item->vessel_id === null ? null : "v{$item->vessel_id}");
    }

    /** @return list<array<string, mixed>> */
    private function probes(Controller $controller): array
    {
        $probes = [];
        $usual = $this->usual ?? UsualDay::of($controller->sensors->all());
        foreach ($controller->sensors as $sensor) {
            if ($sensor->kind !== Sensor::PROBE || $sensor->isArchived()) {
                continue;
            }
            $probes[] = array_filter([
                'id' => $sensor->key(),
                'quantity' => (string) $sensor->quantity,
                'resolution' => $sensor->resolution ?? 0.1,
                'water' => $sensor->hangs_in === 'room' ? null : $sensor->hangs_in,
                'overdueDays' => $this->overdue($sensor),
                ...($usual[$sensor->system_id][$sensor->quantity] ?? ['historyDays' => 0.0]),
            ], fn (mixed $v): bool => $v !== null);
        }

        return $probes;
    }

    private function overdue(Sensor $sensor): ?float
    {
        return $sensor->calibrated_on === null || $sensor->calibrate_every_days === null
            ? null
            : (float) (Days::number(Days::today()) - Days::number($sensor->calibrated_on) - $sensor->calibrate_every_days);
    }
}
