<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\Judge;
use App\Systems\OpenRipple;
use App\Systems\Parameters;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Chemistry\Band;
use Velbrin\Core\Control\Ripples;
use Velbrin\Core\Measure\OutOfRange;

/** A system's own limits. A deviation keeps its reason and the conditions under which it holds (X-3). */
final class BandController
{
    public function update(
        Request $request,
        System $system,
        string $parameter,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        Gate::authorize('update', $system);
        $parameter = Parameters::here()->find($parameter) ?? abort(404);
        $limit = [
            'nullable',
            'numeric:strict',
            'min:'.$parameter->plausible()[0],
            'max:'.$parameter->plausible()[1],
        ];
        $given = $request->validate([
            'aim_low' => $limit,
            'aim_high' => $limit,
            'fine_low' => $limit,
            'fine_high' => $limit,
            'act_low' => $limit,
            'act_high' => $limit,
            'rate_per_day' => ['nullable', 'numeric:strict', 'gt:0'],
            'tracked' => ['required', 'boolean'],
            'reason' => ['required', 'string', 'max:500'],
            'holds_while' => ['nullable', 'string', 'max:300'],
        ]);
        // A limit that is not sent is no limit: what stood there before must not mix with the new ones.
        $given += array_fill_keys(
            ['aim_low', 'aim_high', 'fine_low', 'fine_high', 'act_low', 'act_high', 'rate_per_day', 'holds_while'],
            null,
        );
        try {
            Band::of(
                $given['aim_low'] ?? null,
                $given['aim_high'] ?? null,
                $given['fine_low'] ?? null,
                $given['fine_high'] ?? null,
                $given['act_low'] ?? null,
                $given['act_high'] ?? null,
                $given['rate_per_day'] ?? null,
            );
        } catch (OutOfRange $e) {
            throw ValidationException::withMessages([
                $this->column($e->field) => 'The limits stand in the order: act, fine, aim, aim, fine, act.',
            ]);
        }
        DB::transaction(function () use ($system, $parameter, $given, $user): void {
            $system->bands()->updateOrCreate(['parameter' => $parameter->key()], [...$given, 'user_id' => $user->id]);
            Judge::again($system->load('bands'), $parameter);
        });

        return back()->with('said', "{$parameter->label()}: the limits hold from now on.");
    }

    /** Another system's own limits, with the conditions under which they hold there: each is to be confirmed here (X-3). */
    public function copy(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $system);
        $given = $request->validate([
            'from' => ['required', 'integer', Rule::exists('systems', 'id')->whereNull('archived_at')],
        ]);
        $from = System::query()->with('bands')->whereKey($given['from'])->firstOrFail();
        $own = $from->bands->whereNotNull('user_id');
        $ripples = DB::transaction(function () use ($system, $from, $own, $user): int {
            $ripples = [];
            foreach ($own as $band) {
                $system
                    ->bands()
                    ->updateOrCreate(
                        ['parameter' => $band->parameter->key()],
                        [
                            ...$band->only([
                                'aim_low',
                                'aim_high',
                                'fine_low',
                                'fine_high',
                                'act_low',
                                'act_high',
                                'rate_per_day',
                                'tracked',
                                'holds_while',
                            ]),
                            'reason' => mb_substr("as on {$from->name}: {$band->reason}", 0, 500),
                            'user_id' => $user->id,
                        ],
                    );
                Judge::again($system->load('bands'), $band->parameter);
                if ($band->holds_while !== null) {
                    $ripples[] = Ripples::ofCondition(
                        $band->parameter->label(),
                        $band->parameter->key(),
                        $band->holds_while,
                    );
                }
            }

            return OpenRipple::open($system, $ripples, "Limits taken over from {$from->name}", $user);
        });

        return back()->with(
            'said',
            $own->isEmpty()
                ? "{$from->name} has no limits of its own."
                : "{$own->count()} taken over.".
                    ($ripples === 0 ? '' : " {$ripples} hold only under conditions: confirm each in the margin."),
        );
    }

    private function column(string $field): string
    {
        return (string) preg_replace_callback('/[A-Z]/', fn (array $m): string => '_'.strtolower($m[0]), $field);
    }
}
