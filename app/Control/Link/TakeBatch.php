<?php

declare(strict_types=1);

namespace App\Control\Link;

use App\Control\Controller;
use App\Control\Orders\OrderState;
use App\Control\Orders\OutletOrder;
use App\Control\Outlet;
use App\Control\Sensor;
use App\Control\Strip;
use App\Systems\Item;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\Link\LinkClock;
use Velbrin\Core\Control\Link\Plausible;
use Velbrin\Core\Control\Link\Row;
use Velbrin\Core\Control\Link\Seen;

/**
 * Takes a batch: each row stored once under device, run and number; what cannot be is held back or refused beside the good ones. What
 * is answered as stored is on the disk.
 */
final class TakeBatch
{
    /** Turned back by another transaction it is done again from its beginning. */
    private const TRIES = 3;

    /** @var list<array{seq: int|null, code: string, message: string}> */
    private array $held = [];

    /** @var list<array{seq: int|null, code: string, message: string}> */
    private array $refused = [];

    /** @var list<array{row: Row, atS: float}> */
    private array $good = [];

    private int $repeated = 0;

    private function __construct(private readonly LinkDevice $device, private readonly string $run, private readonly LinkClock $clock)
    {
    }

    /**
     * @param  list<mixed>  $rows
     * @return array{through: int, stored: int, repeated: int, held: list<array<string, mixed>>, refused: list<array<string, mixed>>,
     *     orders: list<array<string, mixed>>, everyS: int}
     */
    public static function of(LinkDevice $device, string $run, LinkClock $clock, array $rows, ?float $skewS): array
    {
        return DB::transaction(function () use ($device, $run, $clock, $rows, $skewS): array {
            // Whatever reports for one controller comes one after the other: its alarms are decided in order.
            $controller = Controller::query()->whereKey($device->controller_id)->with('sensors')->lockForUpdate()->sole();
            $locked = LinkDevice::query()->findOrFail($device->id);
            $take = new self($locked, $run, $clock);
            $through = $take->rows($rows, $controller);
            $take->store($controller, $skewS);

            return [
                'through' => $through,
                'stored' => count($take->good),
                'repeated' => $take->repeated,
                'held' => $take->held,
                'refused' => $take->refused,
                'orders' => self::orders($locked),
                'everyS' => $locked->every_s,
            ];
        }, self::TRIES);
    }

    /** @return list<array{id: int, place: string, want: float|null, forS: int, ttlS: int, by: string, why: string}> null: its rule again */
    private static function orders(LinkDevice $device): array
    {
        return array_values(OutletOrder::waitingFor($device->controller_id)
            ->with(['user', 'outlet'])
            ->get()
            ->map(fn (OutletOrder $o): array => [
                'id' => $o->id,
                'place' => (string) $o->outlet?->key(),
                'want' => $o->state === OrderState::Ending ? null : $o->level,
                'forS' => $o->for_s,
                'ttlS' => max(0, (int) CarbonImmutable::now()->diffInSeconds($o->expires_at)),
                'by' => (string) $o->user?->name,
                'why' => $o->because,
            ])
            ->all());
    }

    /**
     * @param  list<mixed>  $rows
     * @return int the highest number answered
     */
    private function rows(array $rows, Controller $controller): int
    {
        $quantities = self::quantities($controller);
        $read = [];
        foreach ($rows as $given) {
            $row = Row::read($given);
            if (is_string($row)) {
                $this->refused[] = ['seq' => Row::seqOf($given), 'code' => 'malformed', 'message' => $row];

                continue;
            }
            $read[] = $row;
        }
        $known = StoredRows::known($this->device, $this->run, array_map(fn (Row $r): int => $r->seq, $read));
        foreach ($read as $row) {
            $this->sort($row, $known, $quantities);
        }
        usort($this->good, fn (array $a, array $b): int => $a['atS'] <=> $b['atS']);
        $seqs = array_map(fn (Row $r): int => $r->seq, $read);

        return $seqs === [] ? -1 : max($seqs);
    }

    /**
     * @param  array<int, string>  $known  digests by number
     * @param  array<string, string|null>  $quantities  by sensor
     */
    private function sort(Row $row, array &$known, array $quantities): void
    {
        if (isset($known[$row->seq])) {
            if ($known[$row->seq] === $row->digest()) {
                $this->repeated++;
            } else {
                $this->refused[] = ['seq' => $row->seq, 'code' => 'other-content', 'message' => 'this number said something else before'];
            }

            return;
        }
        $known[$row->seq] = $row->digest();
        $atS = $this->clock->at($row);
        [$code, $message] = match (true) {
            $atS === null => ['no-time', 'nobody can say when this was'],
            $this->clock->isAhead($atS) => ['ahead', 'measured later than now'],
            $row->kind === Row::READING && ! array_key_exists($row->id, $quantities) => ['unknown', 'no such sensor on record'],
            $row->value !== null && $row->kind === Row::READING && ! Plausible::is($quantities[$row->id] ?? null, $row->value) => [
                'implausible',
                'beyond what such a probe can read',
            ],
            default => [null, ''],
        };
        if ($code === null) {
            $this->good[] = ['row' => $row, 'atS' => (float) $atS];
        } else {
            $this->held[] = ['seq' => $row->seq, 'code' => $code, 'message' => $message];
            DB::table('link_held')->insertOrIgnore([
                'link_device_id' => $this->device->id,
                'run' => $this->run,
                'seq' => $row->seq,
                'code' => $code,
                'message' => $message,
                'row' => json_encode((array) $row, JSON_THROW_ON_ERROR),
            ]);
        }
    }

    /** @return array<string, string|null> */
    private static function quantities(Controller $controller): array
    {
        return $controller->sensors
            ->reject(fn (Sensor $s): bool => $s->isArchived())
            ->mapWithKeys(fn (Sensor $s): array => [$s->key() => $s->quantity])
            ->all();
    }

    /** Heard before in an earlier start of the same run. */
    private function isStartedAnew(): bool
    {
        return $this->device->boot !== null && $this->device->boot_run === $this->run && $this->clock->boot > $this->device->boot;
    }

    private function store(Controller $controller, ?float $skewS): void
    {
        $device = $this->device;
        StoredRows::keep($device, $this->run, array_map(fn (array $g): array => [
            'seq' => $g['row']->seq,
            'at' => StoredRows::moment($g['atS']),
            'kind' => $g['row']->kind,
            'channel' => $g['row']->id,
            'value' => $g['row']->value,
            'on' => $g['row']->on,
            'watts' => $g['row']->watts,
            'code' => $g['row']->code,
            'digest' => $g['row']->digest(),
        ], $this->good));
        $seen = Seen::from($device->seen ?? []);
        $watts = $this->watts($controller);
        RowsStored::dispatch($device, $controller, $this->good, $seen, $watts);
        foreach ($this->good as ['row' => $row, 'atS' => $atS]) {
            if ($atS >= $seen->lastS()) {
                $seen->take($row, $atS, $watts[$row->id] ?? 0.0);
            }
        }
        DB::table('link_devices')->where('id', $device->id)->update([
            'seen' => json_encode($seen->kept(), JSON_THROW_ON_ERROR),
            'heard_at' => now()->format('Y-m-d H:i:s.v'),
            ...$skewS === null ? [] : ['skew_s' => $skewS],
            ...$this->clock->boot === null ? [] : ['boot' => $this->clock->boot, 'boot_run' => $this->run],
        ]);
        if ($this->isStartedAnew()) {
            StartedAnew::dispatch($controller, $device);
        }
    }

    /** @return array<string, float> what is known to hang on each outlet; asked only where one is told of */
    private function watts(Controller $controller): array
    {
        if (array_filter($this->good, fn (array $g): bool => $g['row']->kind === Row::OUTLET) === []) {
            return [];
        }

        return $controller->strips()->with('outlets.items')->get()
            ->flatMap(fn (Strip $s) => $s->outlets)
            ->mapWithKeys(fn (Outlet $o): array => [$o->key() => (float) $o->items->sum(fn (Item $i): float => $i->watts ?? 0.0)])
            ->all();
    }
}
