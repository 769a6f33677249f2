<?php

declare(strict_types=1);

namespace App\Systems\Http\Tab;

use App\Clients\Attachment;
use App\Clients\Views\AttachmentView;
use App\Systems\Http\SystemPage;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Response;

/** Its papers and photos. */
final class PapersTab
{
    public function __invoke(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        SystemPage::load($system);

        return SystemPage::render('systems/Papers', $system, $user, $this->own($system));
    }

    /** @return array<string, mixed> */
    private function own(System $system): array
    {
        return [
            'attachments' => $system
                ->attachments()
                ->current()
                ->with('user')
                ->latest('id')
                ->limit(200)
                ->get()
                ->map(fn (Attachment $a): AttachmentView => AttachmentView::of($a)),
        ];
    }
}
