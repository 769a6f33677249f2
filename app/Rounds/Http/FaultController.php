<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\House\Days;
use App\Rounds\FollowUp;
use App\Rounds\Views\FaultView;
use App\Systems\Item;
use App\Systems\System;
use App\Systems\Views\SystemHeaderView;
use App\Team\Colleague;
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
use Velbrin\Core\Control\FaultWalk;
use Velbrin\Core\Control\Symptom;
use Velbrin\Core\Measure\OutOfRange;

/** Fault finding on one system, one look at a time; what is found is written down and followed up (P-21). */
final class FaultController
{
    private const STEPS = 20;

    public function show(Request $request, System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('record', $system);
        $given = $request->validate([
            'symptom' => ['nullable', Rule::enum(Symptom::class)],
            'answers' => ['nullable', 'string', 'regex:/^\d{1,2}(,\d{1,2}){0,'.(self::STEPS - 1).'}$/'],
        ]);
        $system->load(['site.client', 'keeper', 'vessels', ...SystemHeaderView::loads()]);
        $answers = isset($given['answers']) ? array_map(intval(...), explode(',', $given['answers'])) : [];

        return Inertia::render('rounds/Fault', [
            'header' => SystemHeaderView::of($system, $user),
            'symptoms' => collect(Symptom::cases())->mapWithKeys(fn (Symptom $s): array => [$s->value => $s->label()]),
            'walk' => isset($given['symptom'])
                ? FaultView::of(self::walk((string) $given['symptom'], $answers), $answers)
                : null,
            'devices' => ! isset($given['symptom'])
                ? []
                : Item::query()
                    ->where('system_id', $system->id)
                    ->whereNull('retired_at')
                    ->whereIn('job', array_column(Symptom::from((string) $given['symptom'])->jobs(), 'value'))
                    ->orderBy('job')
                    ->get()
                    ->map(
                        fn (Item $i): array => [
                            'name' => $i->name,
                            'watts' => $i->watts,
                            'plug' => $i->plug_label,
                            'spare' => $i->spare_where,
                        ],
                    ),
            'people' => User::query()->current()->where('role', '<>', 'client')->orderBy('name')->pluck('name', 'id'),
            'me' => $user->id,
        ]);
    }

    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $given = $request->validate(
            [
                'symptom' => ['required', Rule::enum(Symptom::class)],
                'answers' => ['required', 'array', 'max:'.self::STEPS],
                'answers.*' => ['integer', 'min:0', 'max:20'],
                'note' => ['nullable', 'string', 'max:300'],
                'mended' => ['required', 'boolean'],
                'owner_id' => [
                    'required_if_declined:mended',
                    'nullable',
                    'integer',
                    Colleague::rule(),
                ],
                'due_on' => ['required_if_declined:mended', 'nullable', 'date', 'after_or_equal:'.Days::text()],
            ],
            ['owner_id.required_if_declined' => 'Who follows it up?', 'due_on.required_if_declined' => 'Until when?'],
        );
        $walk = self::walk((string) $given['symptom'], array_map(intval(...), array_values($given['answers'])));
        $cause =
            $walk->cause ??
            throw ValidationException::withMessages([
                'answers' => 'Not at the end yet: go on, or write what you saw into the log.',
            ]);
        $note = isset($given['note']) ? " {$given['note']}" : '';
        DB::transaction(function () use ($system, $given, $walk, $cause, $note, $user): void {
            $system
                ->logEntries()
                ->create([
                    'kind' => $given['mended'] ? 'work' : 'observed',
                    'text' => mb_substr($walk->words().($given['mended'] ? ' Mended.' : '').$note, 0, 1000),
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
            if (! $given['mended']) {
                FollowUp::query()->create([
                    'system_id' => $system->id,
                    'kind' => 'follow-up',
                    'text' => mb_substr(ucfirst($cause->part).": {$cause->says} {$cause->follow}{$note}", 0, 500),
                    'owner_id' => $given['owner_id'],
                    'due_on' => $given['due_on'],
                ]);
            }
        });

        return redirect("/systems/{$system->id}/log")->with(
            'said',
            $given['mended'] ? 'In the log, as mended.' : 'In the log; it has an owner and a day.',
        );
    }

    /** @param  list<int>  $answers */
    private static function walk(string $symptom, array $answers): FaultWalk
    {
        try {
            return FaultWalk::of(Symptom::from($symptom), $answers);
        } catch (OutOfRange) {
            throw ValidationException::withMessages(['answers' => 'The sheet has no such answer. Begin it again.']);
        }
    }
}
