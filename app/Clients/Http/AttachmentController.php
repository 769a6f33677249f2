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
use Illuminate\Http\Response;
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

    public function show(Attachment $attachment): StreamedResponse|Response
    {
        Gate::authorize('view', $attachment);
        if ($attachment->standing !== Attachment::READY) {
            return self::standIn($attachment->standing);
        }

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

    /** Where a photo will stand, or cannot. */
    private static function standIn(string $standing): Response
    {
        $words = match ($standing) {
            Attachment::WAITING => 'The photo is being made ready',
            Attachment::ERASED => 'Erased with its client',
            default => 'This photo cannot be read: take it again',
        };
        $svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 300" width="400" height="300">'.
            '<rect width="400" height="300" fill="#e9e3d3"/>'.
            '<text x="200" y="155" text-anchor="middle" font-family="sans-serif" font-size="17" fill="#1d2a2e">'.
            "{$words}</text></svg>";

        return response($svg, 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'Cache-Control' => 'no-store, private',
        ]);
    }

    public function archive(Attachment $attachment): RedirectResponse
    {
        Gate::authorize('archive', $attachment);
        $attachment->archive();

        return back()->with('said', 'Archived; the file stays.');
    }
}
