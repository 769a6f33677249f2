<?php

declare(strict_types=1);

namespace App\Systems;

use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Chemistry\Judgement;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Reading as CoreReading;

/** Keeps the judgement row of a system and parameter true after each reading, mark or change of band. */
final class Judge
{
    private const SECONDS_A_DAY = 86400.0;

    public static function again(System $system, Measured $parameter): void
    {
        $now = now();
        $judgement = self::judge($system, $parameter, $now);
        if ($judgement === null) {
            $system->judgements()->where('parameter', $parameter->key())->delete();
            self::first($system);

            return;
        }
        $latest = $system
            ->readings()
            ->where('parameter', $parameter->key())
            ->whereNull('marked_at')
            ->where('taken_at', '<=', $now)
            ->latest('taken_at')
            ->latest('id')
            ->firstOrFail();
        $leaves =
            $judgement->daysToLeave === null
                ? null
                : ($judgement->standing->outside()
                    ? $latest->taken_at
                    : $now->addSeconds((int) min(1e9, $judgement->daysToLeave * self::SECONDS_A_DAY)));
        $system->judgements()->updateOrCreate(
            ['parameter' => $parameter->key()],
            [
                'latest' => $judgement->latest,
                'latest_at' => $latest->taken_at,
                'standing' => $judgement->standing,
                'count' => $judgement->count,
                'slope_per_day' => $judgement->slopePerDay,
                'steady' => $judgement->steady,
                'scatter' => $judgement->scatter,
                'line_now' => $judgement->lineNow,
                'days_to_leave' => $judgement->daysToLeave,
                'leaves_at' => $leaves,
                'spread7' => $judgement->spread7,
                'spread30' => $judgement->spread30,
                'judged_at' => $now,
            ],
        );
        self::first($system);
    }

    private static function first(System $system): void
    {
        DB::table('systems')
            ->where('id', $system->id)
            ->update(['first_leaves_at' => $system->judgements()->min('leaves_at')]);
    }

    /** The judgement of what was read up to that moment; null without a band or a reading. */
    public static function judge(System $system, Measured $parameter, CarbonInterface $at): ?Judgement
    {
        $band = Band::for($system, $parameter);
        if ($band === null || ! $band->tracked) {
            return null;
        }
        $readings = array_values(
            $system
                ->readings()
                ->where('parameter', $parameter->key())
                ->where('taken_at', '<=', $at)
                ->whereNull('marked_at')
                ->latest('taken_at')
                ->limit(60)
                ->get()
                ->map(fn (Reading $r): CoreReading => CoreReading::at(self::day($r->taken_at), $r->value))
                ->all(),
        );

        return $readings === []
            ? null
            : Judgement::of($readings, $band->limits(), $parameter->resolution(), self::day($at));
    }

    /** @return list<CoreReading> the latest readings of one parameter, marked ones left out */
    public static function series(System $system, Measured $parameter): array
    {
        $readings = $system
            ->readings()
            ->where('parameter', $parameter->key())
            ->whereNull('marked_at')
            ->latest('taken_at')
            ->limit(60)
            ->get();

        return array_values(
            $readings->map(fn (Reading $r): CoreReading => CoreReading::at(self::day($r->taken_at), $r->value))->all(),
        );
    }

    public static function day(CarbonInterface $at): float
    {
        return $at->getTimestamp() / self::SECONDS_A_DAY;
    }

    public static function moment(float $day): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampUTC((int) ($day * self::SECONDS_A_DAY));
    }
}
