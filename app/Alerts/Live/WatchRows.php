<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\Control\Link\RowsStored;
use App\Control\Outlet;
use App\Control\Strip;
use App\Systems\Item;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Control\AlarmTurn;
use Velbrin\Core\Control\AlarmWatch;
use Velbrin\Core\Control\Link\Seen;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Risk\AlarmQuantity;

/** Looks at each row as it comes in, in the order it was measured, and raises or clears the alarms of its controller. */
final class WatchRows
{
    public function __construct(private readonly AlarmDocuments $documents, private readonly Raise $raise)
    {
    }

    public function handle(RowsStored $stored): void
    {
        $alarms = Alarm::query()
            ->current()
            ->where('controller_id', $stored->controller->id)
            ->with(['calls', 'system'])
            ->orderBy('id')
            ->get();
        if ($alarms->isEmpty() || $stored->rows === []) {
            return;
        }
        $read = $this->documents->read($stored->controller, array_values($alarms->all()));
        $watches = $this->watches($alarms->modelKeys(), $read);
        $seen = Seen::from($stored->seen->kept());
        $watts = $stored->controller->strips
            ->flatMap(fn (Strip $s) => $s->outlets)
            ->mapWithKeys(fn (Outlet $o): array => [$o->key() => (float) $o->items->sum(fn (Item $i): float => $i->watts ?? 0.0)]);
        foreach ($stored->rows as ['row' => $row, 'atS' => $atS]) {
            if ($atS < $seen->lastS()) {
                // It came late: what it says of then is on record, and nobody is called for what is past.
                continue;
            }
            $seen->take($row, $atS, $watts->get($row->id) ?? 0.0);
            $sight = $seen->sight($atS);
            foreach ($alarms as $alarm) {
                $document = $read[$alarm->id] ?? null;
                if ($document !== null && ! $document->isSilence) {
                    $isHarm = $this->harms($alarm, $sight->probes[$document->probe ?? ''] ?? null);
                    $this->turn($alarm, $watches[$alarm->id]->see($atS, $document->holds($sight)), $atS, $isHarm);
                }
            }
        }
        $this->keep($watches);
    }

    /** A temperature that harms what lives there. */
    private function harms(Alarm $alarm, ?float $value): bool
    {
        [$low, $high] = $alarm->system?->regime->harmC() ?? [-INF, INF];

        return $value !== null && $alarm->quantity === AlarmQuantity::Temperature && ($value <= $low || $value >= $high);
    }

    private function turn(Alarm $alarm, ?AlarmTurn $turn, float $atS, bool $isHarm): void
    {
        match ($turn) {
            AlarmTurn::Raised => $this->raise->of($alarm, $atS, $isHarm),
            AlarmTurn::Again => $this->raise->again($alarm),
            AlarmTurn::Cleared => $this->raise->over($alarm, $atS),
            null => null,
        };
    }

    /**
     * @param  array<int, mixed>  $ids
     * @param  array<int, AlarmOf>  $read
     * @return array<int, AlarmWatch>
     */
    private function watches(array $ids, array $read): array
    {
        $kept = DB::table('alarm_watches')->whereIn('alarm_id', $ids)->lockForUpdate()->pluck('kept', 'alarm_id');
        $watches = [];
        foreach ($read as $id => $alarm) {
            $state = json_decode((string) $kept->get($id, 'null'), true);
            $watches[$id] = is_array($state) ? AlarmWatch::from($alarm->waitsS(), $state) : new AlarmWatch($alarm->waitsS());
        }

        return $watches;
    }

    /** @param  array<int, AlarmWatch>  $watches */
    private function keep(array $watches): void
    {
        $rows = [];
        foreach ($watches as $id => $watch) {
            $rows[] = [
                'alarm_id' => $id,
                'kept' => json_encode($watch->kept(), JSON_THROW_ON_ERROR),
                'updated_at' => now(),
            ];
        }
        DB::table('alarm_watches')->upsert($rows, ['alarm_id'], ['kept', 'updated_at']);
    }
}
