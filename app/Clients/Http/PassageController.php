<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Site;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Velbrin\Core\Build\PlanTables;

/** The way in, written as one list. */
final class PassageController
{
    public function update(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('update', $site);
        $length = ['numeric:strict', 'gt:0', 'max:20000'];
        $given = $request->validate([
            'passages' => ['array', 'max:'.PlanTables::all()['passages']->most],
            'passages.*.name' => ['required', 'string', 'max:60'],
            'passages.*.widthMm' => ['required', ...$length],
            'passages.*.heightMm' => ['required', ...$length],
            'passages.*.corridorAMm' => ['nullable', 'required_with:passages.*.corridorBMm', ...$length],
            'passages.*.corridorBMm' => ['nullable', 'required_with:passages.*.corridorAMm', ...$length],
            'passages.*.outWidthMm' => ['nullable', ...$length],
            'passages.*.outHeightMm' => ['nullable', ...$length],
            'passages.*.carDepthMm' => ['nullable', ...$length],
        ]);
        DB::transaction(function () use ($site, $given): void {
            $site->passages()->get()->each->delete();
            foreach (array_values($given['passages'] ?? []) as $i => $row) {
                $site->passages()->create([
                    'position' => $i, 'name' => $row['name'], 'width_mm' => $row['widthMm'], 'height_mm' => $row['heightMm'],
                    'corridor_a_mm' => $row['corridorAMm'] ?? null, 'corridor_b_mm' => $row['corridorBMm'] ?? null,
                    'out_width_mm' => $row['outWidthMm'] ?? null, 'out_height_mm' => $row['outHeightMm'] ?? null, 'car_depth_mm' => $row['carDepthMm'] ?? null,
                ]);
            }
        });

        return back()->with('said', 'The way in is kept.');
    }
}
