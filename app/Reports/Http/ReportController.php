<?php

declare(strict_types=1);

namespace App\Reports\Http;

use App\Clients\Attachment;
use App\House\Days;
use App\House\Stamp;
use App\House\Views\PageView;
use App\House\Views\SectionView;
use App\Reports\Report;
use App\Reports\ReportPdf;
use App\Reports\SendReport;
use App\Reports\Views\ReportDeliveryView;
use App\Reports\Views\ReportLineView;
use App\Reports\Views\ReportView;
use App\Systems\System;
use App\Systems\SystemFindings;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Drafted at closing, finished by whoever was there, sent by those who plan, read by the client, corrected by a dated note. */
final class ReportController
{
    private const LOADS = ['visit.crew.members', 'site.client', 'photo', 'notes.user', 'deliveries'];

    public function index(#[CurrentUser] User $user): Response
    {
        Gate::authorize('viewAny', Report::class);
        $page = Report::query()
            ->with(['visit', 'site.client'])
            ->when(
                ! $user->isStaff(),
                fn ($q) => $q
                    ->whereNotNull('sent_at')
                    ->whereHas('site', fn ($s) => $s->where('client_id', $user->client_id)),
            )
            ->when(
                $user->isStaff() && ! $user->plans(),
                fn ($q) => $q->whereHas('visit.crew.members', fn ($m) => $m->whereKey($user->id)),
            )
            ->orderByRaw('sent_at is not null')
            ->latest('id')
            ->simplePaginate(30)
            ->withQueryString();

        return Inertia::render('reports/Reports', [
            'reports' => array_map(ReportLineView::of(...), $page->items()),
            'page' => PageView::of($page),
        ]);
    }

    public function show(Report $report, #[CurrentUser] User $user): Response
    {
        $report->load(self::LOADS);
        Gate::authorize('view', $report);

        return Inertia::render('reports/Report', [
            'view' => ReportView::of($report, $user->units()),
            'section' => $this->section($report, $user),
            'mayUpdate' => $user->can('update', $report),
            'maySend' => $user->can('send', $report),
            'mayCorrect' => $user->can('correct', $report),
            'photos' => $user->can('update', $report)
                ? $this->photos($report)
                    ->map(fn (Attachment $a): array => ['id' => $a->id, 'caption' => $a->caption])
                    ->all()
                : [],
            'deliveries' => $user->can('correct', $report)
                ? $report->deliveries->map(ReportDeliveryView::of(...))->all()
                : [],
            'stamp' => $report->stamp(),
            'recipients' => $user->can('send', $report) ? array_keys(SendReport::recipients($report)) : [],
        ]);
    }

    public function update(Request $request, Report $report): RedirectResponse
    {
        $report->load(self::LOADS);
        Gate::authorize('update', $report);
        $given = $request->validate([
            'words' => ['nullable', 'string', 'max:2000'],
            'next_on' => ['nullable', 'date', 'after_or_equal:'.Days::text()],
            'photo_id' => ['nullable', 'integer', Rule::in($this->photos($report)->pluck('id')->all())],
            'recommendations' => ['present', 'array', 'max:12'],
            'recommendations.*.text' => ['required', 'string', 'max:300'],
            'recommendations.*.priceMinor' => ['nullable', 'integer:strict', 'between:0,100000000'],
        ]);
        DB::transaction(function () use ($request, $report, $given): void {
            $locked = Report::query()->lockForUpdate()->findOrFail($report->id);
            Stamp::guard($request, $locked->stamp(), $locked);
            $locked->update([
                'content' => [
                    ...$locked->content,
                    'words' => $given['words'] ?? null,
                    'recommendations' => array_map(
                        fn (array $r): array => ['text' => $r['text'], 'priceMinor' => $r['priceMinor'] ?? null],
                        array_values($given['recommendations']),
                    ),
                ],
                'next_on' => $given['next_on'] ?? null,
                'photo_id' => $given['photo_id'] ?? null,
            ]);
        });

        return back()->with('said', 'Kept.');
    }

    /** From here on it never changes. */
    public function send(Report $report, #[CurrentUser] User $user): RedirectResponse
    {
        $report->load(self::LOADS);
        Gate::authorize('send', $report);
        $addresses = SendReport::send($report, $user);

        return back()->with('said', 'On its way to '.implode(', ', $addresses).'.');
    }

    /** To those it did not reach. */
    public function again(Report $report): RedirectResponse
    {
        $report->load(self::LOADS);
        Gate::authorize('correct', $report);
        $n = SendReport::again($report);

        return back()->with('said', $n === 0 ? 'It reached everybody.' : 'On its way again.');
    }

    public function note(Request $request, Report $report, #[CurrentUser] User $user): RedirectResponse
    {
        $report->load(self::LOADS);
        Gate::authorize('correct', $report);
        $report
            ->notes()
            ->create([...$request->validate(['text' => ['required', 'string', 'max:1000']]), 'user_id' => $user->id]);

        return back()->with('said', 'The correction stands on the report.');
    }

    public function pdf(Report $report, #[CurrentUser] User $user): PlainResponse
    {
        $report->load(self::LOADS);
        Gate::authorize('view', $report);

        return response(ReportPdf::of($report, $user->units()), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"visit-report-{$report->id}.pdf\"",
        ]);
    }

    public function photo(Report $report): StreamedResponse
    {
        $report->load(self::LOADS);
        Gate::authorize('view', $report);
        $photo = $report->photo;
        abort_if($photo === null, 404);

        return Storage::disk('local')->response($photo->path, 'photo', [
            'Content-Type' => $photo->mime,
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            'X-Content-Type-Options' => 'nosniff',
            'Cache-Control' => 'private, max-age=3600',
        ]);
    }

    /** @return \Illuminate\Support\Collection<int, Attachment> */
    private function photos(Report $report): \Illuminate\Support\Collection
    {
        return (
            $report->visit
                ?->attachments()
                ->current()
                ->ready()
                ->where('kind', Attachment::PHOTO)
                ->orderBy('id')
                ->limit(40)
                ->get() ?? collect()
        )->toBase();
    }

    /** The first system’s drawing, where no photo was taken. */
    private function section(Report $report, User $user): ?SectionView
    {
        $id = $report->photo === null ? $report->content['systems'][0]['id'] ?? null : null;
        $system = is_int($id) ? System::query()->with('vessels')->whereKey($id)->first() : null;
        $section = $system === null ? null : SystemFindings::answers($system)->section;

        return $section === null ? null : SectionView::of($section, $user->units());
    }
}
