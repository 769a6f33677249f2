<?php

declare(strict_types=1);

namespace App\Alerts\Live;

use App\Alerts\Alarm;
use App\Control\Link\RowsStored;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Control\AlarmTurn;
use Velbrin\Core\Control\AlarmWatch;
use Velbrin\Core\Control\Programme\AlarmOf;
use Velbrin\Core\Risk\AlarmQuantity;

/**
 * Looks at each row as it comes in, in the order it was measured, and raises or clears the alarms of its controller. Rows of one
 * controller come one after the other; silence is for the ticker.
 */
final class WatchRows
{
    public function __construct(private readonly AlarmDocuments $documents, private readonly Raise $raise)
    {
    }

    public function handle(RowsStored $stored): void
    {
        if ($stored->rows === []) {
            return;
        }
        $alarms = Alarm::query()
            ->current()
            ->where('controller_id', $stored->controller->id)
            ->orderBy('id')
            ->get()
            ->keyBy('id');
        $read = $this->documents->read($stored->controller, array_values($alarms->all()));
        $by = $this->byChannel($read);
        $channels = array_column(array_column($stored->rows, 'row'), 'id');
        if (array_intersect_key($by, array_flip($channels)) === []) {
            return;
        }
        [$watches, $kept] = $this->watches($read);
        $seen = clone $stored->seen;
        foreach ($stored->rows as ['row' => $row, 'atS' => $atS]) {
            if ($atS < $seen->lastS()) {
                // It came late: what it says of then is on record, and nobody is called for what is past.
                continue;
            }
            $seen->take($row, $atS, $stored->watts[$row->id] ?? 0.0);
            $concerned = $by[$row->id] ?? [];
            if ($concerned === []) {
                continue;
            }
            $sight = $seen->sight($atS);
            foreach ($concerned as $id) {
                $turn = $watches[$id]->see($atS, $read[$id]->holds($sight));
                $this->turn($alarms->get($id), $turn, $atS, $sight->probes[$read[$id]->probe ?? ''] ?? null);
            }
        }
        $this->keep($watches, $kept);
    }

    /**
     * Which alarms a row can turn.
     *
     * @param  array<int, AlarmOf>  $read
     * @return array<string, list<int>>
     */
    private function byChannel(array $read): array
    {
        $by = [];
        foreach ($read as $id => $alarm) {
            $channel = $alarm->probe ?? $alarm->switch ?? $alarm->outlet ?? $alarm->act;
            if ($channel !== null) {
                $by[$channel][] = $id;
            }
        }

        return $by;
    }

    private function turn(?Alarm $alarm, ?AlarmTurn $turn, float $atS, ?float $value): void
    {
        $isHarm = $alarm !== null && $this->harms($alarm, $value);
        if ($alarm === null || ($turn === null && ! $isHarm)) {
            return;
        }
        $alarm->loadMissing(['calls', 'system']);
        match ($turn) {
            AlarmTurn::Raised => $this->raise->of($alarm, $atS, $isHarm),
            AlarmTurn::Again => $this->raise->again($alarm),
            AlarmTurn::Cleared => $this->raise->over($alarm, $atS),
            null => $this->raise->harm($alarm),
        };
    }

    /** A temperature that harms what lives there. */
    private function harms(Alarm $alarm, ?float $value): bool
    {
        if ($value === null || $alarm->quantity !== AlarmQuantity::Temperature || Regime::harmsNobodyAt($value)) {
            return false;
        }
        $alarm->loadMissing('system');
        [$low, $high] = $alarm->system?->regime->harmC() ?? [-INF, INF];

        return $value <= $low || $value >= $high;
    }

    /**
     * @param  array<int, AlarmOf>  $read
     * @return array{0: array<int, AlarmWatch>, 1: array<int, string>} watches, and what is kept of them
     */
    private function watches(array $read): array
    {
        $watched = array_filter($read, fn (AlarmOf $a): bool => ! $a->isSilence);
        $kept = [];
        foreach (DB::table('alarm_watches')->whereIn('alarm_id', array_keys($watched))->get(['alarm_id', 'kept']) as $row) {
            $kept[(int) $row->alarm_id] = (string) $row->kept;
        }
        $watches = [];
        foreach ($watched as $id => $alarm) {
            $state = json_decode($kept[$id] ?? 'null', true);
            $watches[$id] = is_array($state) ? AlarmWatch::from($alarm->waitsS(), $state) : new AlarmWatch($alarm->waitsS());
        }

        return [$watches, $kept];
    }

    /**
     * Only what has changed.
     *
     * @param  array<int, AlarmWatch>  $watches
     * @param  array<int, string>  $kept
     */
    private function keep(array $watches, array $kept): void
    {
        $changed = [];
        foreach ($watches as $id => $watch) {
            $now = json_encode($watch->kept(), JSON_THROW_ON_ERROR);
            if ($now !== ($kept[$id] ?? null)) {
                $changed[] = ['alarm_id' => $id, 'kept' => $now, 'updated_at' => now()];
            }
        }
        if ($changed !== []) {
            DB::table('alarm_watches')->upsert($changed, ['alarm_id'], ['kept', 'updated_at']);
        }
    }
}
