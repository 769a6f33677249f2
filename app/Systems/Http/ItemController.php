<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\House\Days;
use App\Systems\DeviceAdded;
use App\Systems\DeviceRetired;
use App\Systems\Item;
use App\Systems\OpenRipple;
use App\Systems\RunLimitReached;
use App\Systems\System;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Control\Installed;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Control\StandIn;
use Velbrin\Core\Water\RoLine;

/** The register: every device with its job, age, plug and replacement date. */
final class ItemController
{
    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate($this->rules($system));
        // A device that takes the place of a retired one re-opens what was set for the old one.
        $takesPlace = $system->items()->where('job', $given['job'])->whereNotNull('retired_at')->exists();
        $reopens = $takesPlace || $given['job'] === Job::Heater->value;
        DB::transaction(function () use ($system, $given, $user, $takesPlace, $reopens): void {
            $item = $system->items()->create($this->withForecast($this->without($given, $user)));
            $cause = $takesPlace
                ? "{$item->name} takes the place of a retired one"
                : "{$item->name} is new in the register";
            OpenRipple::open($system, $reopens ? Ripples::ofDevice($item->job) : [], $cause, $user);
            DeviceAdded::dispatch($item);
        });

        return back()->with('said', 'In the register.');
    }

    public function update(Request $request, Item $item, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $item);
        abort_if($item->retired_at !== null, 403);
        $given = $request->validate([
            ...$this->rules($item->system()->firstOrFail()),
            'reason' => ['required', 'string', 'max:300'],
        ]);
        $reason = $given['reason'];
        unset($given['reason']);
        DB::transaction(function () use ($item, $given, $reason, $user): void {
            $rateLh = $item->ro_lh;
            $item->update($this->withForecast($this->without($given, $user)));
            $other = $item->wasChanged(['job', 'watts', 'name', 'switched_by', 'senses_own_vessel', 'away_since']);
            OpenRipple::open(
                $item->system()->firstOrFail(),
                $other ? Ripples::ofDevice($item->job) : [],
                "{$item->name}: {$reason}",
                $user,
            );
            // A line that brings more or less than before runs into its limit too late, or for nothing.
            $nowLh = $given['ro_lh'] ?? null;
            $hasMoved = $rateLh !== null && is_numeric($nowLh) && RoLine::hasMoved($rateLh, (float) $nowLh);
            if ($hasMoved && ! $item->wasChanged('ro_limit_min')) {
                OpenRipple::open($item->system()->firstOrFail(), Ripples::ofRunLimit(), "{$item->name}: {$reason}", $user);
            }
            activity()
                ->performedOn($item)
                ->event('reason')
                ->withProperties(['reason' => $reason])
                ->log('why it changed');
        });

        return back()->with('said', 'Kept.');
    }

    /**
     * What somebody does not see they do not write either: the price stays as it was.
     *
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private function without(array $given, User $user): array
    {
        return $user->seesMoney() ? $given : array_diff_key($given, ['price_minor' => 0]);
    }

    /** A dosing line that carried air, or a pump calibrated anew: the dose was tuned on a false flow (X-31). */
    public function dosingFlow(Request $request, Item $item, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $item);
        abort_unless($item->job === Job::Doser && $item->retired_at === null, 403);
        $given = $request->validate([
            'what' => ['required', Rule::in(['air', 'calibrated'])],
            'ml_per_min' => ['nullable', 'required_if:what,calibrated', 'numeric:strict', 'gt:0', 'max:2000'],
        ]);
        $cause =
            $given['what'] === 'air'
                ? "{$item->name}: air in its line"
                : sprintf('%s: calibrated, %s mL a minute', $item->name, (string) $given['ml_per_min']);
        DB::transaction(function () use ($item, $user, $cause): void {
            $system = $item->system()->firstOrFail();
            $system
                ->logEntries()
                ->create(['kind' => 'observed', 'text' => $cause, 'happened_at' => now(), 'user_id' => $user->id]);
            OpenRipple::open($system, Ripples::ofDosingFlow(), $cause, $user);
        });

        return back()->with('said', 'Logged. The dose it was tuned to is re-opened, in the margin.');
    }

    /** It ran till its limit ended it: somebody looks why (W-63). */
    public function limitReached(Item $item, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $item);
        abort_unless($item->job === Job::RoUnit && $item->retired_at === null, 403);
        RunLimitReached::dispatch($item, $user);

        return back()->with('said', 'Somebody looks at it: a job is in the rounds.');
    }

    /** One state further, or back to the bench; a test says how it went (X-10). */
    public function state(Request $request, Item $item, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $item);
        abort_if($item->retired_at !== null, 403);
        $given = $request->validate(
            [
                'state' => ['required', Rule::enum(Installed::class)],
                'result' => ['nullable', 'required_if:state,tested', 'string', 'max:200'],
            ],
            ['result.required_if' => 'Say how the test went.'],
        );
        DB::transaction(function () use ($item, $given, $user): void {
            $item->update(['state' => $given['state'], 'tested_result' => $given['result'] ?? $item->tested_result]);
            $item
                ->system()
                ->firstOrFail()
                ->logEntries()
                ->create([
                    'kind' => 'work',
                    'text' => "{$item->name}: {$item->state->label()}".
                        (isset($given['result']) ? ", {$given['result']}" : ''),
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', "{$item->name} is {$item->state->label()}.");
    }

    /** What was set for it is re-opened, and somebody is asked to replace it. */
    public function retire(Request $request, Item $item, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $item);
        $given = $request->validate(['reason' => ['required', 'string', 'max:300'], 'failed' => ['nullable', 'boolean']]);
        $reason = is_string($given['reason']) ? $given['reason'] : '';
        $hasFailed = isset($given['failed']) ? (bool) $given['failed'] : null;
        DB::transaction(function () use ($item, $reason, $hasFailed, $user): void {
            $item->update(['retired_at' => now(), 'retired_reason' => $reason, 'has_failed' => $hasFailed, 'replace_on' => null]);
            OpenRipple::open(
                $item->system()->firstOrFail(),
                Ripples::ofDevice($item->job),
                "{$item->name} retired: {$reason}",
                $user,
            );
            DeviceRetired::dispatch($item, $user);
        });

        return back()->with('said', "{$item->name} is retired; its history stays.");
    }

    /** @return array<string, list<mixed>> */
    private function rules(System $system): array
    {
        return [
            'job' => ['required', Rule::enum(Job::class)],
            'state' => ['sometimes', Rule::enum(Installed::class)],
            'name' => ['required', 'string', 'max:160'],
            'vessel_id' => ['nullable', 'integer', Rule::exists('vessels', 'id')->where('system_id', $system->id)],
            'watts' => ['nullable', 'numeric:strict', 'min:0', 'max:20000'],
            'doses' => ['nullable', Rule::enum(Liquid::class)],
            'strength_meq_ml' => ['nullable', 'numeric:strict', 'gt:0', 'max:10'],
            'holds_ml' => ['nullable', 'numeric:strict', 'gt:0', 'max:200000'],
            'ml_per_min' => ['nullable', 'numeric:strict', 'gt:0', 'max:10000'],
            'vessel_above_mm' => ['nullable', 'numeric:strict', 'between:-5000,5000'],
            'line_break' => ['nullable', 'boolean:strict'],
            'line_bore_mm' => ['nullable', 'numeric:strict', 'between:0.5,50'],
            'line_length_m' => ['nullable', 'numeric:strict', 'gt:0', 'max:50'],
            'ro_span_l' => ['nullable', 'numeric:strict', 'gt:0', 'max:20000'],
            'ro_lh' => ['nullable', 'numeric:strict', 'gt:0', 'max:2000'],
            'ro_limit_min' => ['nullable', 'numeric:strict', 'gt:0', 'max:20000'],
            'ro_takes_l' => ['nullable', 'numeric:strict', 'min:0', 'max:20000'],
            'ro_float' => ['nullable', 'boolean'],
            'ro_feed_stop' => ['nullable', 'boolean'],
            'changed_how' => ['nullable', 'string', 'max:300'],
            'changed_on' => ['nullable', 'required_with:changed_how', 'date', 'before_or_equal:'.Days::text(1)],
            'installed_on' => ['nullable', 'date', 'before_or_equal:'.Days::text(1), 'after:1980-01-01'],
            'installed_precision' => ['required', Rule::in(['day', 'month', 'year', 'about'])],
            'life_months' => ['nullable', 'numeric:strict', 'gt:0', 'max:600'],
            'plug_label' => ['nullable', 'string', 'max:80'],
            'outlet' => ['nullable', 'string', 'max:80'],
            'circuit' => ['nullable', 'string', 'max:80'],
            'switched_by' => ['nullable', 'string', 'max:80'],
            'senses_own_vessel' => ['nullable', 'boolean'],
            'own_thermostat' => ['nullable', 'boolean'],
            'thermostat_c' => ['nullable', 'required_with:thermostat_tried_on', 'numeric:strict', 'between:10,40'],
            'thermostat_tried_on' => ['nullable', 'date', 'before_or_equal:'.Days::text(1), 'after:1980-01-01'],
            'away_since' => ['nullable', 'date', 'before_or_equal:'.Days::text(1)],
            'away_where' => ['nullable', 'required_with:away_since', 'string', 'max:160'],
            'away_instead' => ['nullable', Rule::enum(StandIn::class)],
            'away_hand_days' => ['nullable', 'required_if:away_instead,'.StandIn::ByHand->value, 'integer:strict', 'between:1,90'],
            'away_hand_on' => ['nullable', 'date', 'before_or_equal:'.Days::text(1)],
            'capacity_wh' => ['nullable', 'numeric:strict', 'gt:0', 'max:100000'],
            'usable_share_pct' => ['nullable', 'numeric:strict', 'gt:0', 'max:100'],
            'carries_w' => ['nullable', 'numeric:strict', 'gt:0', 'max:20000'],
            'efficiency_pct' => ['nullable', 'numeric:strict', 'gt:0', 'max:100'],
            'idle_w' => ['nullable', 'numeric:strict', 'min:0', 'max:1000'],
            'serial' => ['nullable', 'string', 'max:80'],
            'spare_where' => ['nullable', 'string', 'max:160'],
            'warranty_until' => ['nullable', 'date'],
            'service_every_days' => ['nullable', 'integer', 'min:1', 'max:2000'],
            'last_service_on' => ['nullable', 'date', 'before_or_equal:'.Days::text(1)],
            'note' => ['nullable', 'string', 'max:500'],
            'temporary_until' => ['nullable', 'date', 'after:2000-01-01'],
            'temporary_why' => ['nullable', 'required_with:temporary_until', 'string', 'max:300'],
            'price_minor' => ['nullable', 'integer:strict', 'min:0', 'max:1000000000'],
        ];
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private function withForecast(array $given): array
    {
        $job = Job::from(is_string($given['job']) ? $given['job'] : '');
        $months = $given['life_months'] ?? null;
        $installed = $given['installed_on'] ?? null;
        $due = is_string($installed)
            ? Item::dueOn(
                CarbonImmutable::parse($installed),
                is_numeric($months) ? (float) $months : null,
                $job,
            )?->toDateString()
            : null;

        return [...$given, 'replace_on' => $due];
    }
}
