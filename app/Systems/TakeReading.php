<?php

declare(strict_types=1);

namespace App\Systems;

use App\House\Days;
use App\Team\User;
use Carbon\CarbonInterface;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Chemistry\Measured;
use Velbrin\Core\Chemistry\Parameter;
use Velbrin\Core\Chemistry\ReadingCheck;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Severity;

/** Readings by hand: refused when impossible, asked once more when hard to believe, kept exactly once. */
final class TakeReading
{
    public static function take(
        System $system,
        User $user,
        Measured $parameter,
        float $typed,
        ReadingUnit $unit,
        CarbonInterface $at,
        string $uuid,
        bool $sure,
        string $method,
        ?string $instrument = null,
    ): TakenReading {
        if (Reading::query()->where('client_uuid', $uuid)->exists()) {
            return new TakenReading(TakenReading::KNOWN, 'That reading is already kept.');
        }
        if (! in_array($unit, ReadingUnit::for($parameter), true)) {
            return new TakenReading(
                TakenReading::REFUSED,
                "{$parameter->label()} is not read in {$unit->value}.",
                'unit',
            );
        }
        try {
            $value = $unit->canonical($typed);
            ReadingCheck::plausible($parameter, $value);
        } catch (OutOfRange $e) {
            $range =
                $e->least === null || $e->most === null
                    ? $e->allowed
                    : sprintf(
                        '%s to %s %s',
                        round($unit->shown($e->least->value), 3),
                        round($unit->shown($e->most->value), 3),
                        $unit === ReadingUnit::AsNamed ? '' : $unit->value,
                    );

            return new TakenReading(
                TakenReading::REFUSED,
                "{$parameter->label()} cannot be that. It lies within ".rtrim($range).'.',
            );
        }
        $band = $system->bands()->where('parameter', $parameter->key())->first();
        $doubt = ReadingCheck::doubt(
            $parameter,
            $value,
            $band instanceof Band && $band->tracked ? $band->limits() : null,
            Judge::judge($system, $parameter, $at),
        );
        if ($doubt !== null && ! $sure) {
            return new TakenReading(TakenReading::ASKED, $doubt->in($user->units()));
        }
        $day = $at->toImmutable()->setTimezone(Days::zone())->toDateString();
        $stale = $instrument === null ? null : app(Kits::class)->outOfDate($system, $instrument, $day);
        DB::transaction(function () use (
            $system,
            $user,
            $parameter,
            $typed,
            $unit,
            $value,
            $at,
            $uuid,
            $doubt,
            $method,
            $instrument,
            $stale,
        ): void {
            $system->readings()->create([
                'parameter' => $parameter,
                'taken_at' => $at,
                'value' => $value,
                'given_value' => $typed,
                'given_unit' => $unit->value,
                'method' => $method,
                'instrument' => $stale === null ? $instrument : mb_substr("{$instrument} ({$stale})", 0, 120),
                'user_id' => $user->id,
                // A kit past its day makes it doubtful, and says so wherever it is read (R-44).
                'doubtful' => $doubt !== null || $stale !== null,
                'client_uuid' => $uuid,
            ]);
            Judge::again($system, $parameter);
            if (AmmoniaWatch::hangsOn($parameter)) {
                AmmoniaWatch::again($system);
            }
            ReadingKept::dispatch($system->id);
        });
        $words = $parameter === Parameter::Ammonia ? self::ammonia($system, $user) : null;

        return new TakenReading(
            TakenReading::KEPT,
            $words ?? "{$parameter->label()} is kept".($stale === null ? '.' : ", as doubtful: its kit is {$stale}."),
            judged: $words !== null,
        );
    }

    /** Said at once, with the change that answers it (C-59). */
    private static function ammonia(System $system, User $user): ?string
    {
        $finding = AmmoniaWatch::of($system)?->finding;
        if ($finding === null) {
            return null;
        }
        $stop = $finding->severity === Severity::Stop ? 'Stop. ' : '';

        return $stop.
            rtrim($finding->what->in($user->units()), '.').
            '. '.
            $finding->why->in($user->units()).
            ($finding->remedy === null ? '' : ' '.$finding->remedy->in($user->units()));
    }
}
