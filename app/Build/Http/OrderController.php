<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Order;
use App\Build\PlanVersion;
use App\House\Days;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\Stages;

/** What is bought for a build; late, wrong or incomplete deliveries move the stages that need them. */
final class OrderController
{
    public function store(Request $request, PlanVersion $version, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', [Order::class, $version]);
        $given = $request->validate(
            [
                'what' => ['required', 'string', 'max:120'],
                'supplier' => ['required', 'string', 'max:120'],
                'stage' => [
                    'required',
                    Rule::in(
                        array_map(
                            fn (Stage $s): string => $s->key,
                            Stages::of(Facts::of(PlanBrief::read($version->brief))),
                        ),
                    ),
                ],
                'ordered_on' => ['required', 'date', 'before_or_equal:'.Days::text(1)],
                'promised_on' => ['required', 'date', 'after_or_equal:ordered_on'],
            ],
            ['promised_on.after_or_equal' => 'It cannot be promised for a day before it was ordered.'],
        );
        Order::query()->create([...$given, 'plan_version_id' => $version->id, 'user_id' => $user->id]);

        return back()->with('said', 'Ordered. The course of work follows its promised day.');
    }

    /** It came, whole or not; what is not whole gets a new promised day. */
    public function receive(Request $request, Order $order): RedirectResponse
    {
        Gate::authorize('receive', $order);
        $given = $request->validate(
            [
                'received_on' => [
                    'required',
                    'date',
                    'before_or_equal:'.Days::text(1),
                    'after_or_equal:'.$order->ordered_on->toDateString(),
                ],
                'is_whole' => ['required', 'boolean'],
                'place' => ['nullable', 'string', 'max:120'],
                'note' => [Rule::requiredIf(! $request->boolean('is_whole')), 'nullable', 'string', 'max:300'],
                'promised_on' => [
                    Rule::requiredIf(! $request->boolean('is_whole')),
                    'nullable',
                    'date',
                    'after_or_equal:received_on',
                ],
            ],
            [
                'note.required' => 'Say what is wrong or missing.',
                'promised_on.required' => 'Give the new promised day.',
                'received_on.after_or_equal' => 'It cannot have come before it was ordered.',
            ],
        );
        $order->update([...$given, 'promised_on' => $given['promised_on'] ?? $order->promised_on]);

        return back()->with(
            'said',
            $order->is_whole ? 'It is here, and whole.' : 'Kept. Its stage waits for the rest.',
        );
    }

    public function remove(Order $order): RedirectResponse
    {
        Gate::authorize('delete', $order);
        $order->delete();

        return back()->with('said', 'Taken off.');
    }
}
