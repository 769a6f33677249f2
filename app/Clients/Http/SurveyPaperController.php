<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Site;
use App\Clients\SurveyPaper;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;

final class SurveyPaperController
{
    public function __invoke(Site $site, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $site);
        $site->load(['client', 'rooms', 'passages']);

        return response(SurveyPaper::pdf($site, $user), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.Str::slug($site->name).'-survey.pdf"',
        ]);
    }
}
