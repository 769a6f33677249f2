<?php

declare(strict_types=1);

namespace App\Systems;

use App\Clients\Site;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Velbrin\Core\Chemistry\Band as CoreBand;

/** Opens the record of a system, with the bands of its regime. */
final class SystemStart
{
    /** @param  array<string, mixed>  $given */
    public static function directly(Site $site, array $given, User $user): System
    {
        return DB::transaction(function () use ($site, $given, $user): System {
            $system = System::query()->create([
                ...$given,
                'site_id' => $site->id,
                'facts' => [],
                'bases' => [],
                'chambers' => [],
            ]);
            self::bands($system);
            $system
                ->logEntries()
                ->create([
                    'kind' => 'event',
                    'text' => 'Record opened',
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);

            return $system;
        });
    }

    /** The regime's bands; a band somebody changed on purpose stays. Judged again, since limits moved. */
    public static function bands(System $system): void
    {
        $defaults = $system->regime->bands($system->isSettling());
        $system->bands()->whereNull('user_id')->whereNotIn('parameter', array_keys($defaults))->delete();
        $standing = $system->bands()->get()->keyBy(fn (Band $b): string => $b->parameter->key());
        foreach ($defaults as $parameter => $band) {
            $one = $standing->get($parameter) ?? $system->bands()->make(['parameter' => $parameter]);
            // What somebody set themselves stays as they set it.
            if ($one->user_id === null) {
                $one->fill([...self::columns($band), 'tracked' => true])->save();
            }
        }
        $system->load('bands');
        // Judgements of what is no longer tracked go with their band.
        foreach ($system->readings()->select('parameter')->distinct()->get() as $reading) {
            Judge::again($system, $reading->parameter);
        }
        // A worst case inside the regime moves with it.
        AmmoniaWatch::again($system);
    }

    /** @return array<string, float|null> */
    public static function columns(CoreBand $band): array
    {
        return [
            'aim_low' => $band->aimLow,
            'aim_high' => $band->aimHigh,
            'fine_low' => $band->fineLow,
            'fine_high' => $band->fineHigh,
            'act_low' => $band->actLow,
            'act_high' => $band->actHigh,
            'rate_per_day' => $band->ratePerDay,
        ];
    }
}
