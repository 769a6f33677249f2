<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\CarriesOver;
use App\Build\PassedStage;
use App\Build\PlanVersion;
use App\Build\StageTool;
use App\House\Days;
use App\Team\Colleague;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanBrief;
use Velbrin\Core\Build\Stage;
use Velbrin\Core\Build\StageGate;
use Velbrin\Core\Build\Stages;

/** What is taken along to a stage, what was missed there, and what it leaves over (B-72). */
final class StageToolController
{
    private const MOST = 30;

    /** The company's own list for a stage, one line each; an empty one is the house's again. */
    public function update(Request $request, PlanVersion $version, string $stage): RedirectResponse
    {
        Gate::authorize('update', StageTool::class);
        $this->stage($version, $stage);
        $given = $request->validate([
            'tools' => ['present', 'array', 'max:'.self::MOST],
            'tools.*' => ['required', 'string', 'max:120', 'distinct'],
        ]);
        DB::transaction(function () use ($stage, $given): void {
            $missed = StageTool::query()->where('stage', $stage)->whereNotNull('missed_on')->pluck('missed_on', 'name');
            StageTool::query()->where('stage', $stage)->get()->each(fn (StageTool $t) => $t->delete());
            foreach ($given['tools'] as $name) {
                StageTool::query()->create(['stage' => $stage, 'name' => $name, 'missed_on' => $missed[$name] ?? null]);
            }
        });

        return back()->with(
            'said',
            $given['tools'] === []
                ? 'The house’s list stands again.'
                : 'Your list is kept, for this stage of every build.',
        );
    }

    public function missed(Request $request, PlanVersion $version, string $stage): RedirectResponse
    {
        Gate::authorize('view', $version);
        Gate::authorize('miss', [StageTool::class, $version]);
        $given = $request->validate(['name' => ['required', 'string', 'max:120']]);
        StageTool::missed($this->stage($version, $stage), $given['name'], Days::today());

        return back()->with('said', "“{$given['name']}” stands on the list from now on.");
    }

    public function carry(Request $request, PlanVersion $version, string $stage, CarriesOver $visits): RedirectResponse
    {
        Gate::authorize('create', [PassedStage::class, $version, StageGate::PROOF]);
        $label = $this->stage($version, $stage)->label;
        $given = $request->validate([
            'text' => ['required', 'string', 'max:400'],
            'owner_id' => [
                'required',
                'integer',
                Colleague::rule(),
            ],
            'due_on' => ['required', 'date', 'after_or_equal:'.Days::text()],
        ]);
        $system =
            $version->system ??
            throw ValidationException::withMessages([
                'text' => 'This version has opened no system yet: nothing to visit.',
            ]);
        $visits->carry(
            $system,
            "{$label}: {$given['text']}",
            User::query()->whereKey($given['owner_id'])->firstOrFail(),
            CarbonImmutable::parse($given['due_on']),
        );

        return back()->with('said', 'It stands in the next visit, with its owner and day.');
    }

    private function stage(PlanVersion $version, string $key): Stage
    {
        foreach (Stages::of(Facts::of(PlanBrief::read($version->brief))) as $stage) {
            if ($stage->key === $key) {
                return $stage;
            }
        }
        abort(404);
    }
}
