<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Answered;
use App\Build\CarriesOver;
use App\Build\PassedStage;
use App\Build\PlanVersion;
use App\Clients\Attachments;
use App\House\Days;
use App\House\Http\Asked;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\Stages;

/** Stages of an accepted version pass their gates, in order (B-71). */
final class StageController
{
    public function store(
        Request $request,
        PlanVersion $version,
        string $stage,
        #[CurrentUser] User $user,
        CarriesOver $visits,
    ): RedirectResponse {
        $by = Asked::word($request, 'by');
        Gate::authorize('create', [PassedStage::class, $version, $by]);
        $given = $request->validate(
            [
                'by' => ['required', Rule::in([StageGate::PROOF, StageGate::WAIVER, StageGate::DOCUMENT])],
                'words' => ['required', 'string', 'max:500'],
                'signed_by' => ['required', 'string', 'max:120'],
                'passed_on' => ['required', 'date', 'before_or_equal:'.Days::text(1)],
                'held' => ['sometimes', 'array', 'max:10'],
                'held.*' => ['string', 'max:120'],
                'file' => ['nullable', ...array_diff(Attachments::rules(), ['required'])],
            ],
            [
                ...Attachments::messages(),
                'words.required' => 'Say what proves it, or why it is waived.',
                'signed_by.required' => 'Say who answers for it.',
            ],
        );
        if ($by === StageGate::DOCUMENT && ! $request->hasFile('file')) {
            throw ValidationException::withMessages([
                'file' => 'Store the signed document here: a PDF or a photo of it.',
            ]);
        }
        $label = DB::transaction(function () use ($request, $version, $stage, $user, $given, $by, $visits): string {
            $version = PlanVersion::query()
                ->lockForUpdate()
                ->with(['passedStages', 'plan', 'orders', 'consents', 'jointLooks'])
                ->findOrFail($version->id);
            $answered = Answered::of($version);
            $stages = $answered->whole()->stages;
            $on = CarbonImmutable::parse($given['passed_on']);
            $against = StageGate::against(
                key: $stage,
                by: $by,
                stages: $stages,
                passed: $version->passedDays(),
                answers: $answered->forGates(),
                day: PassedStage::day($on),
                waits: $version->waits(),
                lacks: $version->lacks(),
            );
            if ($against !== null) {
                throw ValidationException::withMessages(['stage' => "{$against}."]);
            }
            $held = array_values(array_filter((array) ($given['held'] ?? []), is_string(...)));
            foreach ($stages as $one) {
                $unheld = $one->key === $stage ? StageGate::unheld($one, $by, $held) : [];
                if ($unheld !== []) {
                    throw ValidationException::withMessages([
                        'held' => 'First look, then tick: '.lcfirst(implode('; ', $unheld)).'.',
                    ]);
                }
            }
            $file = $request->hasFile('file')
                ? Attachments::take($request, $version->plan()->firstOrFail(), $user)
                : null;
            $version
                ->passedStages()
                ->create([
                    'stage' => $stage,
                    'by' => $by,
                    'words' => $given['words'],
                    'signed_by' => $given['signed_by'],
                    'passed_on' => $on->toDateString(),
                    'attachment_id' => $file?->id,
                    'held' => $by === StageGate::WAIVER ? [] : $held,
                    'user_id' => $user->id,
                ]);

            $this->goesOn($version->load('passedStages', 'firms', 'system'), $stages, $on, $user, $visits);

            return array_column(
                array_map(fn (Stage $s): array => ['key' => $s->key, 'label' => $s->label], $stages),
                'label',
                'key',
            )[$stage];
        });

        return back()->with(
            'said',
            $by === StageGate::WAIVER
                ? "“{$label}” is waived, with its reason. It stays visible."
                : "“{$label}” has passed.",
        );
    }

    /**
     * The stage that is next becomes a visit, where our own people do it and the system has a record.
     *
     * @param  list<Stage>  $stages
     */
    private function goesOn(
        PlanVersion $version,
        array $stages,
        CarbonImmutable $on,
        User $user,
        CarriesOver $visits,
    ): void {
        $passed = array_values($version->passedStages->map(fn (PassedStage $p): string => $p->stage)->all());
        $next = array_values(array_filter($stages, fn (Stage $s): bool => ! in_array($s->key, $passed, true)))[0] ?? null;
        if ($next === null || $version->system === null || $version->firms->contains('stage', $next->key)) {
            return;
        }
        $begins = Stages::course($stages, $passed)[$next->key][0];
        $visits->stage(
            $version->system,
            $next->label,
            $next->hours,
            $next->persons,
            $user,
            $on->addDays((int) ceil($begins)),
        );
    }

    /** Takes back the last stage that passed, when it was entered by mistake. */
    public function reopen(PlanVersion $version, string $stage): RedirectResponse
    {
        $passed = $version->passedStages()->where('stage', $stage)->first();
        abort_if($passed === null, 404);
        Gate::authorize('delete', $passed);
        if ($version->passedStages()->where('id', '>', $passed->id)->exists()) {
            throw ValidationException::withMessages([
                'stage' => 'Only the last stage that passed can be opened again.',
            ]);
        }
        $passed->delete();

        return back()->with('said', 'Open again.');
    }
}
