<?php

declare(strict_types=1);

namespace App\Systems\Http\Tab;

use App\Systems\Http\LogController;
use App\Systems\Http\SystemPage;
use App\Systems\LogEntry;
use App\Systems\System;
use App\Systems\Views\LogLineView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Response;

/** What happened to it. */
final class LogTab
{
    public function __invoke(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        SystemPage::load($system);

        return SystemPage::render('systems/Log', $system, $user, $this->own($system));
    }

    /** @return array<string, mixed> */
    private function own(System $system): array
    {
        return [
            'entries' => $system
                ->logEntries()
                ->with('user')
                ->latest('happened_at')
                ->latest('id')
                ->limit(200)
                ->get()
                ->map(
                    fn (LogEntry $e): LogLineView => new LogLineView(
                        $e->id,
                        $e->happened_at->toIso8601ZuluString(),
                        LogController::KINDS[$e->kind] ?? $e->kind,
                        $e->text,
                        (string) $e->user?->name,
                    ),
                ),
            'kinds' => LogController::KINDS,
        ];
    }
}
