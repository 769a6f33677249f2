<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Systems\OwnParameter;
use App\Systems\Views\OwnParameterView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** The company's own parameters: iodine, strontium, whatever its laboratory reports. */
final class OwnParameterController
{
    public function index(): Response
    {
        Gate::authorize('viewAny', OwnParameter::class);

        return Inertia::render('systems/Parameters', [
            'parameters' => OwnParameter::query()
                ->current()
                ->orderBy('name')
                ->get()
                ->map(fn (OwnParameter $p): OwnParameterView => OwnParameterView::of($p)),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', OwnParameter::class);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60', Rule::unique('own_parameters', 'name')],
            'unit' => ['present', 'nullable', 'string', 'max:20'],
            'least' => ['required', 'numeric:strict'],
            'most' => ['required', 'numeric:strict', 'gt:least'],
            'resolution' => ['required', 'numeric:strict', 'gt:0'],
        ]);
        $parameter = OwnParameter::query()->create([...$given, 'unit' => $given['unit'] ?? '']);

        return back()->with('said', "{$parameter->name} can be read from now on.");
    }

    public function archive(OwnParameter $own): RedirectResponse
    {
        Gate::authorize('update', $own);
        $own->archive();

        return back()->with('said', "{$own->name} takes no more readings; the old ones stay.");
    }
}
