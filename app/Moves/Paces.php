<?php

declare(strict_types=1);

namespace App\Moves;

use Illuminate\Support\Facades\DB;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Course\Pace;
use Velbrin\Core\Moves\Day\EventKind;

/** How long stages took on moves that are over, and what follows for the next. */
final class Paces
{
    /** Rows that are looked at: the last moves, and more. */
    private const LOOKED_AT = 500;

    /** @return array<string, float> by step */
    public static function learned(): array
    {
        $took = DB::table('move_paces')->latest('id')->limit(self::LOOKED_AT)->get(['step', 'planned_min', 'actual_min']);

        return Pace::learned(array_values($took->map(fn (object $row): array => [
            'step' => (string) $row->step,
            'plannedMin' => (float) $row->planned_min,
            'actualMin' => (float) $row->actual_min,
        ])->all()));
    }

    /** The last thing that was learned; 0: nothing yet. */
    public static function newest(): int
    {
        $id = DB::table('move_paces')->max('id');

        return is_numeric($id) ? (int) $id : 0;
    }

    /** Of a move that is closed: stages somebody began and ended, against what house values said. */
    public static function keep(Move $move): void
    {
        try {
            $work = MoveAnswers::of(MoveDocument::byHouseValues($move))->work;
        } catch (OutOfRange) {
            return;
        }
        if ($work === null) {
            return;
        }
        foreach (self::spans($move) as $step => $minutes) {
            $planned = $work->steps[$step] ?? null;
            // A rest takes its time, whoever takes it.
            if ($planned !== null && $planned->minutes > 0 && ! $planned->isRest) {
                DB::table('move_paces')->insert([
                    'move_id' => $move->id,
                    'step' => $step,
                    'planned_min' => $planned->minutes,
                    'actual_min' => $minutes,
                    'created_at' => now(),
                ]);
            }
        }
    }

    /** @return array<string, float> minutes, by step; the first word counts, and only what was begun and ended by somebody */
    private static function spans(Move $move): array
    {
        $first = [];
        foreach ($move->events()->whereIn('kind', [EventKind::Began, EventKind::Done])->get() as $event) {
            $first[$event->kind->value][(string) $event->of] ??= $event->at;
        }
        $spans = [];
        foreach ($first[EventKind::Done->value] ?? [] as $step => $done) {
            $began = $first[EventKind::Began->value][$step] ?? null;
            $minutes = $began === null ? 0.0 : $began->diffInSeconds($done) / 60;
            if ($minutes > 0) {
                $spans[(string) $step] = $minutes;
            }
        }

        return $spans;
    }
}
