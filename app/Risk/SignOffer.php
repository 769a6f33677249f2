<?php

declare(strict_types=1);

namespace App\Risk;

use App\Risk\Views\MeasureView;
use App\Systems\System;
use App\Team\User;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Risk\Measures\MeasureKind;

/** Writes down what was signed: the figures are worked out here, the dates and the name come from the paper. */
final class SignOffer
{
    /** @param  array{signed_by: string, signed_on: string, budget_minor: int, until?: array<string, string|null>}  $given */
    public static function run(System $system, MeasureDesk $desk, array $given, User $user): SignedOffer
    {
        $best = $desk->best($given['budget_minor']);
        $views = $desk->views($best->ids);
        $later = array_values(array_filter($views, fn (MeasureView $v): bool => ! $v->chosen && $v->saves > 0));
        $until = $given['until'] ?? [];
        $open = array_values(array_filter($later, fn (MeasureView $v): bool => ($until[$v->kind] ?? null) === null));
        if ($open !== []) {
            throw ValidationException::withMessages([
                "until.{$open[0]->kind}" => 'Say until when this is put off: '.lcfirst(MeasureKind::from($open[0]->kind)->label()).'.',
            ]);
        }
        $putOff = array_map(
            fn (MeasureView $v): array => [
                'kind' => $v->kind,
                'label' => $v->label,
                'price' => $v->price,
                'meanwhile' => $v->savesShown ?? 'harms nobody has put in money',
                'until' => (string) $until[$v->kind],
            ],
            $later,
        );

        return SignedOffer::query()->create([
            'system_id' => $system->id,
            'signed_by' => $given['signed_by'],
            'signed_on' => $given['signed_on'],
            'budget_minor' => $given['budget_minor'],
            'cost_minor' => $best->costMinor,
            'taken' => array_values(
                array_map(
                    fn (MeasureView $v): array => ['kind' => $v->kind, 'label' => $v->label, 'price' => $v->price],
                    array_filter($views, fn (MeasureView $v): bool => $v->chosen),
                ),
            ),
            'put_off' => $putOff,
            'next_on' => $putOff === [] ? null : min(array_column($putOff, 'until')),
            'user_id' => $user->id,
        ]);
    }
}
