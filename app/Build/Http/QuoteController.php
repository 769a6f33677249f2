<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Answered;
use App\Build\PlanVersion;
use App\Build\Price;
use App\Build\SectionSvg;
use App\Build\Views\QuoteView;
use App\House\Paper;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Velbrin\Core\Build\PlanBrief;

/** A version’s quantities and prices on paper, with its drawing. */
final class QuoteController
{
    public function __invoke(PlanVersion $version, #[CurrentUser] User $user): Response
    {
        $version->load(['plan.site.client', 'risks']);
        Gate::authorize('view', $version);
        Gate::authorize('viewAny', Price::class);
        $brief = PlanBrief::read($version->brief);
        $answered = Answered::of($version);
        $section = $answered->answers()->section;

        return response(
            Paper::pdf('build.quote', [
                'version' => $version,
                'quote' => QuoteView::of($answered, $user->units()),
                'year' => QuoteView::year($answered, $user->units()),
                'stops' => count($answered->answers()->stops()),
                'phases' => $brief->rows('phases'),
                'currency' => config()->string('velbrin.currency'),
                'drawing' => $section === null
                        ? null
                        : 'data:image/svg+xml;base64,'.base64_encode(SectionSvg::paint($section, $user->units())),
                'ratio' => $section === null ? 1 : $section->heightMm / ($section->widthMm * (1 + 2 * SectionSvg::MARGIN)),
            ]),
            200,
            [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => 'inline; filename="'.
                    Str::slug($version->plan->name ?? 'plan').
                    "-v{$version->number}-quote.pdf\"",
            ],
        );
    }
}
