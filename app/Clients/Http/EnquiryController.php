<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Enquiry;
use App\Clients\Site;
use App\House\Stamp;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

final class EnquiryController
{
    private const MOST_MINOR = 1_000_000_000;

    public function update(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('update', $site);
        $given = $request->validate([
            ...array_map(fn (): array => ['nullable', 'string', 'max:500'], Enquiry::WORDS),
            'budget_minor' => ['nullable', 'integer:strict', 'between:1,'.self::MOST_MINOR],
            'wanted_on' => ['nullable', 'date_format:Y-m-d'],
        ]);
        Stamp::guard($request, $site->enquiryStamp(), $site);
        $site->update(['enquiry' => array_filter($given, fn (mixed $v): bool => $v !== null && $v !== '')]);

        return $request->boolean('quiet')
            ? back()
            : back()->with('said', 'The enquiry is kept. It stands beside every plan of this place.');
    }
}
