<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Attachment;
use App\Clients\Attachments;
use App\Clients\Site;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class AttachmentController
{
    public function storeForSite(Request $request, Site $site, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $site);

        Attachments::take($request, $site, $user);

        return back()->with('said', 'Kept with the place.');
    }

    public function show(Attachment $attachment): StreamedResponse
    {
        Gate::authorize('view', $attachment);

        return Storage::disk('local')->response(
            $attachment->path,
            $attachment->original_name,
            [
                'Content-Type' => $attachment->mime,
                'Content-Security-Policy' => "default-src 'none'; sandbox",
                'X-Content-Type-Options' => 'nosniff',
                'Cache-Control' => 'private, max-age=3600',
            ],
            $attachment->kind === Attachment::PHOTO ? 'inline' : 'attachment',
        );
    }

    public function archive(Attachment $attachment): RedirectResponse
    {
        Gate::authorize('archive', $attachment);
        $attachment->archive();

        return back()->with('said', 'Archived; the file stays.');
    }
}
