<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\House\Days;
use App\Systems\Sums\Sum;
use App\Systems\Sums\SumField;
use App\Systems\Sums\SumLine;
use App\Systems\Sums\Sums;
use App\Systems\System;
use App\Systems\Views\SumFieldView;
use App\Systems\Views\SumLineView;
use App\Systems\Views\SystemHeaderView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Units;

/** Sums on the spot: the record fills in what it knows, the answer follows while one types. */
final class SumController
{
    public function show(
        Request $request,
        System $system,
        #[CurrentUser] User $user,
        string $sum = 'salinity',
    ): Response {
        Gate::authorize('viewWorking', $system);
        $system->load(['site.client', 'keeper', 'vessels', 'bands', 'judgements', ...SystemHeaderView::loads()]);
        $chosen = Sums::find($sum);
        $fields = $chosen->fields($system);
        [$given, $errors, $missing] = $this->given($request, $fields, $user->units());
        [$lines, $errors] =
            $missing === [] && $errors === [] ? $this->answer($chosen, $given, $fields, $user->units()) : [[], $errors];

        return Inertia::render('systems/Sums', [
            'header' => SystemHeaderView::of($system, $user),
            'sums' => array_map(fn (string $class): string => (new $class())->title(), Sums::ALL),
            'chosen' => array_search($chosen::class, Sums::ALL, true),
            'why' => $chosen->why(),
            'fields' => array_map(SumFieldView::of(...), $fields),
            'given' => (object) $request->only(array_map(fn (SumField $f): string => $f->key, $fields)),
            'lines' => array_map(fn (SumLine $l): SumLineView => SumLineView::of($l, $user->units()), $lines),
            'wrong' => (object) $errors,
            'missing' => $missing,
        ]);
    }

    /** A measured volume overrides the computed one, with how and when (W-6). */
    public function keepVolume(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $system);
        $given = $request->validate([
            'measured_volume_l' => ['required', 'numeric:strict', 'gt:0', 'max:1000000'],
            'measured_how' => ['required', 'string', 'max:150'],
        ]);
        DB::transaction(function () use ($system, $user, $given): void {
            $system->update([
                'measured_volume_l' => $given['measured_volume_l'],
                'measured_how' => $given['measured_how'].', '.Days::text(),
            ]);
            $system
                ->logEntries()
                ->create([
                    'kind' => 'change',
                    'text' => sprintf(
                        'Volume measured: %.0f L, %s',
                        (float) $given['measured_volume_l'],
                        $given['measured_how'],
                    ),
                    'happened_at' => now(),
                    'user_id' => $user->id,
                ]);
        });

        return back()->with('said', 'The measured volume counts from now on.');
    }

    /**
     * @param  list<SumField>  $fields
     * @return array{0: array<string, float|string>, 1: array<string, string>, 2: list<string>} given, wrong, labels still missing
     */
    private function given(Request $request, array $fields, Units $units): array
    {
        $given = $errors = $missing = [];
        foreach ($fields as $field) {
            $raw = $request->query($field->key, null) ?? $field->known;
            if ($raw === null || $raw === '') {
                if (! $field->optional) {
                    $missing[] = $field->label;
                }
            } elseif ($field->kind === null) {
                $given[$field->key] =
                    is_string($raw) && isset($field->choices[$raw]) ? $raw : (string) array_key_first($field->choices);
            } elseif (! is_numeric($raw) || (float) $raw < $field->least || (float) $raw > $field->most) {
                $errors[$field->key] =
                    'Allowed: '.
                    $units->show(Quantity::of($field->least, $field->kind)).
                    ' to '.
                    $units->show(Quantity::of($field->most, $field->kind)).
                    '.';
            } else {
                $given[$field->key] = (float) $raw;
            }
        }

        return [$given, $errors, $missing];
    }

    /**
     * @param  array<string, float|string>  $given
     * @param  list<SumField>  $fields
     * @return array{0: list<SumLine>, 1: array<string, string>}
     */
    private function answer(Sum $sum, array $given, array $fields, Units $units): array
    {
        try {
            return [$sum->answer($given), []];
        } catch (OutOfRange $e) {
            $key = in_array($e->field, array_map(fn (SumField $f): string => $f->key, $fields), true)
                ? $e->field
                : $fields[0]->key;

            return [[], [$key => 'This cannot be: it must be '.$e->allows->in($units).'.']];
        }
    }
}
