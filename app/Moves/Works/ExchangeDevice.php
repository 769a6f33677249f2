<?php

declare(strict_types=1);

namespace App\Moves\Works;

use App\House\Days;
use App\Systems\DeviceAdded;
use App\Systems\Item;
use App\Systems\ItemSetting;
use App\Systems\OpenRipple;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Moves\Work\Todo;
use Velbrin\Core\Moves\Work\WorkVerb;

/**
 * The new device is in its place and in the register, the old one out of it: on the same plug, with what the old one was set to written
 * down for it, to be looked at (K-43).
 */
final class ExchangeDevice
{
    /**
     * @param  array{
     *     name: string|null, watts: float|null, serial: string|null, why: string, uuid: string|null, at: CarbonImmutable
     * }  $given
     */
    public static function of(Work $work, array $given, User $user): void
    {
        $job = $work->kind->device();
        if ($job === null) {
            throw ValidationException::withMessages(['name' => 'This work exchanges no device.']);
        }
        DB::transaction(function () use ($work, $given, $user, $job): void {
            $locked = Work::query()->whereKey($work->id)->with('marks')->lockForUpdate()->sole();
            if ($given['uuid'] !== null && $locked->exchange_uuid === $given['uuid']) {
                // Sent twice, done once.
                return;
            }
            if ($locked->ended_at !== null || $locked->exchanged_at !== null) {
                throw ValidationException::withMessages(['name' => 'It is in the register already.']);
            }
            self::inTurn($locked, $given['at']);
            $system = System::query()->findOrFail($locked->system_id);
            $old = $locked->item_id === null ? null : Item::query()->findOrFail($locked->item_id);
            $old?->update(['retired_at' => $given['at'], 'retired_reason' => $given['why'], 'replace_on' => null]);
            $new = $locked->verb === WorkVerb::Retire ? null : $system->items()->create([
                'job' => $job,
                'name' => $given['name'] ?? $old->name ?? $job->label(),
                'watts' => $given['watts'],
                'serial' => $given['serial'],
                'vessel_id' => $old?->vessel_id,
                'plug_label' => $old?->plug_label,
                'outlet' => $old?->outlet,
                'circuit' => $old?->circuit,
                'outlet_id' => $old?->outlet_id,
                'circuit_id' => $old?->circuit_id,
                'switched_by' => $old?->switched_by,
                'service_every_days' => $old?->service_every_days,
                'installed_on' => $given['at']->setTimezone(Days::zone())->toDateString(),
                'installed_precision' => 'day',
                'state' => Installed::Mounted,
                'bases' => [],
            ]);
            if ($old !== null && $new !== null) {
                self::carrySettings($old, $new, $user);
            }
            $locked->update(['exchanged_at' => $given['at'], 'exchange_uuid' => $given['uuid'], 'new_item_id' => $new?->id]);
            OpenRipple::open($system, Ripples::ofDevice($job), "{$locked->name}: {$given['why']}", $user);
            if ($new !== null) {
                DeviceAdded::dispatch($new);
            }
            WorkInRounds::set($locked->load('marks'), $user);
        });
    }

    /** @throws ValidationException before what has to come first */
    private static function inTurn(Work $work, CarbonImmutable $at): void
    {
        $state = WorkNow::of($work)->stateOf(Todo::Exchanged);
        if ($state === null || ! $state->isOpen((float) $at->getTimestamp())) {
            $first = $state?->missing[0] ?? null;
            throw ValidationException::withMessages([
                'name' => $first === null
                    ? 'Not yet: what was switched off needs its quarter of an hour.'
                    : 'Not yet, first: '.$first->says()->in($work->user()->firstOrFail()->units()),
            ]);
        }
    }

    private static function carrySettings(Item $old, Item $new, User $user): void
    {
        $last = ItemSetting::query()->where('item_id', $old->id)->orderBy('set_at')->orderBy('id')->get()->keyBy('name');
        foreach ($last as $setting) {
            ItemSetting::query()->create([
                'item_id' => $new->id,
                'name' => $setting->name,
                'value' => $setting->value,
                'why' => mb_substr("as {$old->name} had it; look whether it is set so", 0, 300),
                'set_at' => now(),
                'user_id' => $user->id,
            ]);
        }
    }
}
