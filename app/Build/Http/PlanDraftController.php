<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Plan;
use App\Build\PlanPage;
use App\Build\PlanReader;
use App\House\Days;
use App\House\TableRows;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Build\PlanSheet;
use Velbrin\Core\Measure\Basis;

/**
 * Every change of a plan while it is typed: kept at once, answered at once, never redirected.
 * What cannot be stands beside its field; it is kept as typed, so that nothing is lost.
 */
final class PlanDraftController
{
    public function store(Request $request, Plan $plan, #[CurrentUser] User $user): Response
    {
        Gate::authorize('update', $plan);
        $base = $request->integer('revision');
        // Whoever writes upon the revision he read wins; the other is told. The trail keeps no drafts, so no event is due.
        $conflict =
            $plan->revision !== $base ||
            Plan::query()
                ->whereKey($plan->id)
                ->where('revision', $base)
                ->update([
                    'draft' => json_encode(
                        $this->draft($request, $plan, $user),
                        JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE,
                    ),
                    'revision' => $base + 1,
                ]) === 0;

        return Inertia::render('build/Plan', PlanPage::props($plan->refresh(), $user, $conflict));
    }

    /**
     * Only what a plan knows, in sizes that can be kept. Values are kept as typed, right or wrong.
     *
     * @return non-empty-array<string, array<array-key, mixed>> values, bases, and every table
     */
    private function draft(Request $request, Plan $plan, User $user): array
    {
        $values = $bases = [];
        $given = (array) $request->input('values', []);
        $stated = (array) $request->input('bases', []);
        $kept = $plan->draft;
        $before = is_array($kept['bases'] ?? null) ? $kept['bases'] : [];
        $old = PlanReader::values($kept, PlanReader::survey($plan->room)['values']);
        foreach (array_keys(PlanSheet::fields()) as $key) {
            $value = $given[$key] ?? null;
            if (
                (! is_int($value) && ! is_float($value) && ! (is_string($value) && mb_strlen($value) <= 60)) ||
                $value === ''
            ) {
                continue;
            }
            $values[$key] = $value;
            $basis = Basis::tryFrom(is_string($stated[$key] ?? null) ? $stated[$key] : '') ?? Basis::Assumed;
            $same =
                is_array($before[$key] ?? null) &&
                ($old[$key] ?? null) == $value &&
                $before[$key]['basis'] === $basis->value;
            $bases[$key] = $same
                ? $before[$key]
                : ['basis' => $basis->value, 'by' => $user->name, 'at' => Days::text()];
        }

        return [
            'values' => $values,
            'bases' => $bases,
            // A table the page does not know of, since it is older than the table, stays as it was.
            ...TableRows::of([...$kept, ...$request->only(array_keys(TableRows::specs()))]),
        ];
    }
}
