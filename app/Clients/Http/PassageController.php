<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Site;
use App\House\Stamp;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Velbrin\Core\Build\PlanTables;

/** The way in, written as one list. */
final class PassageController
{
    /** @return array<string, string> */
    private static function words(): array
    {
        return [
            'passages.*.name.required' => 'Passage :position needs a name.',
            'passages.*.widthMm.*' => 'Passage :position: its width, more than nothing, at most 20 m.',
            'passages.*.heightMm.*' => 'Passage :position: its height, more than nothing, at most 20 m.',
            'passages.*.corridorAMm.required_with' => 'Passage :position: the corridor before the turn, too.',
            'passages.*.corridorBMm.required_with' => 'Passage :position: the corridor after the turn, too.',
        ];
    }

    public function update(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('update', $site);
        $length = ['numeric:strict', 'gt:0', 'max:20000'];
        $given = $request->validate(
            [
                'passages' => ['array', 'max:'.PlanTables::all()['passages']->most],
                'passages.*.name' => ['required', 'string', 'max:60'],
                'passages.*.widthMm' => ['required', ...$length],
                'passages.*.heightMm' => ['required', ...$length],
                'passages.*.corridorAMm' => ['nullable', 'required_with:passages.*.corridorBMm', ...$length],
                'passages.*.corridorBMm' => ['nullable', 'required_with:passages.*.corridorAMm', ...$length],
                'passages.*.outWidthMm' => ['nullable', ...$length],
                'passages.*.outHeightMm' => ['nullable', ...$length],
                'passages.*.carDepthMm' => ['nullable', ...$length],
            ],
            self::words(),
        );
        DB::transaction(function () use ($request, $site, $given): void {
            Site::query()->lockForUpdate()->whereKey($site->id)->firstOrFail();
            Stamp::guard($request, $site->load('passages')->passagesStamp(), $site);
            $site->passages()->get()->each->delete();
            foreach (array_values($given['passages'] ?? []) as $i => $row) {
                $site->passages()->create([
                    'position' => $i,
                    'name' => $row['name'],
                    'width_mm' => $row['widthMm'],
                    'height_mm' => $row['heightMm'],
                    'corridor_a_mm' => $row['corridorAMm'] ?? null,
                    'corridor_b_mm' => $row['corridorBMm'] ?? null,
                    'out_width_mm' => $row['outWidthMm'] ?? null,
                    'out_height_mm' => $row['outHeightMm'] ?? null,
                    'car_depth_mm' => $row['carDepthMm'] ?? null,
                ]);
            }
            activity()->performedOn($site)->event('updated')->log('the way in');
        });

        return $request->boolean('quiet') ? back() : back()->with('said', 'The way in is kept.');
    }
}
