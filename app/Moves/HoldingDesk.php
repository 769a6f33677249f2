<?php

declare(strict_types=1);

namespace App\Moves;

use App\Clients\Site;
use App\House\Days;
use App\Rounds\FollowUp;
use App\Systems\System;
use App\Team\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\AnimalDemand;
use Velbrin\Core\Moves\Brief\Animal;
use Velbrin\Core\Moves\Brief\MoveAnswers;
use Velbrin\Core\Moves\Brief\MoveBrief;
use Velbrin\Core\Moves\Day\HeadCount;
use Velbrin\Core\Moves\HoldingLooks;

/**
 * A holding while animals are in it: a system like any other, isolated, with its heater, its tests booked and somebody named, until the
 * last animal is home (M-16, L-51).
 */
final class HoldingDesk
{
    private const KIND = 'holding';

    private const MINUTES = 20;

    /** Filled: from now on it is on record, and looked at each day. */
    public static function fill(Move $move, Site $site, User $user): System
    {
        $answers = MoveAnswers::of(self::brief($move));
        $brief = $answers->brief;
        if ($brief->holding->litres === null || $brief->holding->person === null) {
            throw ValidationException::withMessages(['holding' => 'Say how many litres it holds, and who looks after it.']);
        }

        return DB::transaction(function () use ($move, $site, $user, $answers, $brief): System {
            $locked = Move::query()->lockForUpdate()->with('system')->findOrFail($move->id);
            if ($locked->holding_system_id !== null && $locked->holding_emptied_at === null) {
                throw ValidationException::withMessages(['holding' => 'It is on record already.']);
            }
            $holding = self::record($locked, $site, $brief, $user);
            $locked->update(['holding_system_id' => $holding->id, 'holding_emptied_at' => null]);
            self::book($holding, $answers, $user);
            if ($locked->system !== null) {
                ListedAnimals::into($brief, $locked->system, $holding, "into the holding of {$locked->name}", $user);
            }

            return $holding;
        });
    }

    /** The last animal is home: counted, its jobs are over, and it stands in the fleet no more. */
    public static function empty(Move $move, int $count, ?string $words, User $user): void
    {
        $brief = self::brief($move);
        $held = HeadCount::of($brief, MoveHeads::events($move, $brief->beginsMin))->held();
        $listed = $held > 0 ? $held : array_sum(array_map(fn (Animal $a): int => $a->count, $brief->animals));
        if ($count !== $listed && ($words === null || trim($words) === '')) {
            throw ValidationException::withMessages([
                'words' => $held > 0
                    ? "{$listed} are in it by the count, {$count} came home: say what became of the others."
                    : "{$listed} are listed, {$count} came home: say what became of the others.",
            ]);
        }
        DB::transaction(function () use ($move, $count, $listed, $words, $user): void {
            $locked = Move::query()->lockForUpdate()->findOrFail($move->id);
            $holding = System::query()->lockForUpdate()->find($locked->holding_system_id);
            if ($holding === null || $locked->holding_emptied_at !== null) {
                return;
            }
            FollowUp::query()
                ->where('system_id', $holding->id)
                ->whereNull('done_at')
                ->update(['done_at' => now(), 'done_by' => $user->id]);
            $holding->logEntries()->create([
                'kind' => 'work',
                'text' => "Emptied: {$count} of {$listed} animals home.".($words === null ? '' : " {$words}"),
                'happened_at' => now(),
                'user_id' => $user->id,
            ]);
            $home = $locked->system()->first();
            if ($home !== null) {
                ListedAnimals::home($holding, $home, "home after {$locked->name}", $user);
            }
            $holding->update(['has_animals' => false, 'isolated_since' => null, 'isolated_reason' => null]);
            $holding->archive();
            $locked->update(['holding_emptied_at' => now()]);
        });
    }

    /** @throws ValidationException where something in the plan cannot be read yet */
    private static function brief(Move $move): MoveBrief
    {
        try {
            return MoveDocument::read($move);
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages(['holding' => "Put this right in the plan first: {$e->getMessage()}."]);
        }
    }

    private static function record(Move $move, Site $site, MoveBrief $brief, User $user): System
    {
        $grams = 0.0;
        foreach ($brief->animals as $animal) {
            $grams += $animal->isCoral || $animal->lengthCm === null
                ? 0.0
                : $animal->count * AnimalDemand::grams($animal->lengthCm, $animal->isDeep);
        }
        $holding = System::query()->create([
            'site_id' => $site->id,
            'name' => Str::limit("Holding, {$move->name}", 110, '…'),
            'kind' => self::KIND,
            'regime' => $move->system->regime ?? Regime::Natural,
            'keeper_id' => $user->id,
            'started_on' => Days::text(),
            'started_precision' => 'day',
            'measured_volume_l' => $brief->holding->litres,
            'measured_how' => 'as it was filled',
            'facts' => [],
            'bases' => [],
            'chambers' => [],
            'fish_kg' => $grams > 0 ? round($grams / 1000, 3) : null,
            'has_animals' => true,
            'isolated_since' => Days::text(),
            'isolated_reason' => "Animals of {$move->name}, until the last one is home: own net, own bucket, own hands.",
        ]);
        if (($brief->holding->heaterW ?? 0.0) > 0) {
            $holding->items()->create([
                'job' => Job::Heater,
                'name' => 'Heater of the holding',
                'watts' => $brief->holding->heaterW,
                'state' => $brief->isHoldingProved() ? Installed::Tested : Installed::Mounted,
                'installed_on' => Days::text(),
                'installed_precision' => 'day',
                'bases' => [],
            ]);
        }

        return $holding;
    }

    private static function book(System $holding, MoveAnswers $answers, User $user): void
    {
        $brief = $answers->brief;
        $text = HoldingLooks::text($holding->name, $brief->holding->person, $answers->holding, $brief->holding->everyH);
        for ($day = 0; $day < HoldingLooks::DAYS; $day++) {
            FollowUp::query()->create([
                'system_id' => $holding->id,
                'kind' => 'check-back',
                'text' => mb_substr($text, 0, 300),
                'owner_id' => $user->id,
                'earliest_on' => Days::text($day),
                'due_on' => Days::text($day),
                'latest_on' => Days::text($day),
                'on_site' => $day > 0,
                'minutes' => self::MINUTES,
            ]);
        }
    }
}
