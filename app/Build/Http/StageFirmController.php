<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\PlanVersion;
use App\Build\StageFirm;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Stages;

/** Which firm answers for a stage (X-59). */
final class StageFirmController
{
    public function update(Request $request, PlanVersion $version, string $stage): RedirectResponse
    {
        Gate::authorize('update', StageFirm::class);
        abort_unless(
            in_array($stage, array_column(Stages::of(Facts::of(PlanBrief::read($version->brief))), 'key'), true),
            404,
        );
        $given = $request->validate(
            [
                'firm' => ['nullable', 'string', 'max:120'],
                'scope' => ['nullable', 'required_with:firm', 'string', 'max:300'],
                'contact' => ['nullable', 'string', 'max:160'],
                'liable' => ['nullable', 'string', 'max:300'],
            ],
            ['scope.required_with' => 'Say what the firm does here.'],
        );
        if (($given['firm'] ?? null) === null) {
            $version->firms()->where('stage', $stage)->get()->each(fn (StageFirm $f) => $f->delete());

            return back()->with('said', 'It is ours again.');
        }
        $version->firms()->updateOrCreate(['stage' => $stage], $given);

        return back()->with('said', "{$given['firm']} answers for it.");
    }
}
