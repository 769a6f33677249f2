<?php

declare(strict_types=1);

namespace App\Front\Http;

use App\House\Http\Asked;
use App\House\Ledger;
use App\House\TrailLine;
use App\House\Views\AuditLineView;
use App\House\Views\PageView;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The audit trail: old and new values, who, when. */
final class AuditController
{
    /** Kinds of lines somebody looks for, by the word in the address. */
    private const KINDS = [
        'doors' => ['sign-in', 'sign-in-refused', 'sign-out', 'password', 'second-factor', 'session', 'role', 'returned'],
        'refused' => ['refused'],
        'left' => ['export', 'client-erased', 'erased'],
        'archived' => ['archived'],
    ];

    public function __invoke(Request $request): Response
    {
        Gate::authorize('viewAny', User::class);
        $what = Asked::word($request, 'what');
        $events = self::KINDS[$what] ?? null;
        $page = TrailLine::query()
            ->with('causer')
            ->when($events !== null, fn (Builder $q) => $q->whereIn('event', $events ?? []))
            ->latest('id')
            ->simplePaginate(40)
            ->withQueryString();
        $lines = array_values($page->items());
        $about = array_filter($lines, fn (TrailLine $line): bool => $line->subject_type === 'user');
        /** @var array<int, string> $people */
        $people = User::query()
            ->whereIn('id', array_map(fn (TrailLine $line): mixed => $line->subject_id, $about))
            ->pluck('name', 'id')
            ->all();
        $sealed = Ledger::seals()->orderByDesc('id')->value('at');

        return Inertia::render('house/Audit', [
            'lines' => array_map(fn (TrailLine $line): AuditLineView => AuditLineView::of($line, $people), $lines),
            'page' => PageView::of($page),
            'what' => $events === null ? '' : $what,
            'sealedAt' => is_string($sealed) ? CarbonImmutable::parse($sealed, 'UTC')->toIso8601ZuluString() : null,
        ]);
    }
}
