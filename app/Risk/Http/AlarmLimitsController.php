<?php

declare(strict_types=1);

namespace App\Risk\Http;

use App\Alerts\Alarm;
use App\Alerts\Http\AlarmRequest;
use App\Risk\Exposure;
use App\Risk\Views\OpenLimitView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Risk\AlarmQuantity;

/** All alarms whose limit nobody has entered, in one list to fill in (R-48). */
final class AlarmLimitsController
{
    private const AT_ONCE = 200;

    public function index(): Response
    {
        Gate::authorize('compute', Exposure::class);
        $open = Alarm::query()
            ->current()
            ->lacksLimit()
            ->whereHas('system', fn ($s) => $s->current())
            ->with(['system.site.client'])
            ->orderBy('system_id')
            ->orderBy('id')
            ->limit(self::AT_ONCE)
            ->get();

        return Inertia::render('risk/Limits', [
            'alarms' => array_values($open->map(OpenLimitView::of(...))->all()),
            'quantities' => collect(AlarmQuantity::cases())->mapWithKeys(
                fn (AlarmQuantity $q): array => [$q->value => $q->label()],
            ),
            'withLimits' => array_values(
                array_map(
                    fn (AlarmQuantity $q): string => $q->value,
                    array_filter(AlarmQuantity::cases(), fn (AlarmQuantity $q): bool => $q->hasLimits()),
                ),
            ),
        ]);
    }

    public function update(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('compute', Exposure::class);
        $given = $request->validate([
            'alarms' => ['required', 'array', 'min:1', 'max:'.self::AT_ONCE],
            'alarms.*.id' => [
                'required',
                'integer',
                'distinct',
                Rule::exists('alarms', 'id')->whereNull('archived_at'),
            ],
            'alarms.*.quantity' => ['required', Rule::enum(AlarmQuantity::class)],
            ...AlarmRequest::limits('alarms.*.'),
        ]);
        $rows = is_array($given['alarms']) ? array_values($given['alarms']) : [];
        DB::transaction(function () use ($rows, $user): void {
            foreach ($rows as $i => $row) {
                $alarm = Alarm::query()->with('system')->whereKey($row['id'])->firstOrFail();
                Gate::forUser($user)->authorize('update', $alarm);
                if (isset($row['low_limit'], $row['high_limit']) && $row['low_limit'] >= $row['high_limit']) {
                    throw ValidationException::withMessages([
                        "alarms.{$i}.low_limit" => 'The low limit lies under the high one.',
                    ]);
                }
                $alarm->update([
                    'quantity' => $row['quantity'],
                    'low_limit' => $row['low_limit'] ?? null,
                    'high_limit' => $row['high_limit'] ?? null,
                ]);
            }
        });

        return back()->with('said', 'Kept. Work the hours in hand out again: they count from the limits now.');
    }
}
