<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\AskDesk;
use App\Api\Describes;
use App\Api\Lists;
use App\Api\Views\ApiReading;
use App\Api\Views\ApiSystem;
use App\Api\Views\ApiVisit;
use App\House\Csv;
use App\Rounds\Visit;
use App\Rounds\VisitTask;
use App\Systems\Reading;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Velbrin\Core\Ask\Desk;

/** What other programs may ask and read, version 1. */
final class ApiController
{
    private const A_PAGE = 100;

    private const PAGE = ['page' => ['integer', 'from 1, '.self::A_PAGE.' to a page']];

    private const BETWEEN = [
        'from' => ['string', 'ISO 8601 date or moment, inclusive'],
        'to' => ['string', 'ISO 8601 date or moment, inclusive'],
    ];

    #[Describes('The questions the core answers, one line each', 'ask')]
    public function questions(): JsonResponse
    {
        return response()->json(['data' => Desk::lines()]);
    }

    /** Answers as the headless program does, its errors as 422 with field, message and what is allowed. */
    #[Describes('Ask the core a question; input and answer as in its schema', 'ask')]
    public function ask(Request $request, string $question): Response
    {
        abort_unless(isset(Desk::QUESTIONS[$question]), 404);
        $token = hash('sha256', (string) $request->bearerToken());
        [$answer, $ok] = (new AskDesk())->ask($question, (string) $request->getContent(), $token);

        return response($answer, $ok ? 200 : 422, [
            'Content-Type' => 'application/json',
            'Cache-Control' => 'no-store',
        ]);
    }

    #[Describes('Systems you may see', 'systems:read', ApiSystem::class, many: true, query: self::PAGE)]
    public function systems(#[CurrentUser] User $user): JsonResponse
    {
        return $this->page(
            Lists::systems($user)->simplePaginate(self::A_PAGE)->withQueryString(),
            fn (System $s): ApiSystem => ApiSystem::of($s),
        );
    }

    #[Describes('One system', 'systems:read', ApiSystem::class)]
    public function system(System $system): JsonResponse
    {
        $system->load(['site.client', 'vessels']);
        Gate::authorize('view', $system);

        return response()->json(['data' => ApiSystem::of($system)]);
    }

    #[
        Describes(
            'Readings of a system, newest first',
            'readings:read',
            ApiReading::class,
            many: true,
            query: self::PAGE + self::BETWEEN + ['parameter' => ['string', 'only this one']],
        ),
    ]
    public function readings(Request $request, System $system): JsonResponse
    {
        Gate::authorize('view', $system->load('site'));

        return $this->page(
            Lists::readings($system, $this->filter($request))->simplePaginate(self::A_PAGE)->withQueryString(),
            fn (Reading $r): ApiReading => ApiReading::of($r),
        );
    }

    #[
        Describes(
            'Readings of a system as CSV',
            'readings:read',
            query: self::BETWEEN + ['parameter' => ['string', 'only this one']],
            csv: true,
        ),
    ]
    public function readingsCsv(Request $request, System $system): StreamedResponse
    {
        Gate::authorize('view', $system->load('site'));
        $query = Lists::readings($system, $this->filter($request));
        $rows = (function () use ($query): \Generator {
            foreach ($query->lazy(1000) as $r) {
                $a = ApiReading::of($r);
                yield [
                    $a->takenAt,
                    $a->parameter,
                    $a->value,
                    $a->kind,
                    $a->givenValue,
                    $a->givenUnit,
                    $a->method,
                    $a->instrument,
                    $a->marked,
                ];
            }
        })();

        return Csv::of(
            Str::slug($system->name).'-readings.csv',
            [
                'taken_at',
                'parameter',
                'value',
                'kind',
                'given_value',
                'given_unit',
                'method',
                'instrument',
                'marked_wrong',
            ],
            $rows,
        );
    }

    #[
        Describes(
            'Visits you may see, latest day first',
            'visits:read',
            ApiVisit::class,
            many: true,
            query: self::PAGE + self::BETWEEN + ['state' => ['string', 'open, planned, underway or closed']],
        ),
    ]
    public function visits(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        return $this->page(
            Lists::visits($user, $this->filter($request))->simplePaginate(self::A_PAGE)->withQueryString(),
            fn (Visit $v): ApiVisit => ApiVisit::of($v, $user),
        );
    }

    #[Describes('One visit', 'visits:read', ApiVisit::class)]
    public function visit(int $visit, #[CurrentUser] User $user): JsonResponse
    {
        $found = Lists::visits($user, [])->whereKey($visit)->first();
        abort_if($found === null, 404);

        return response()->json(['data' => ApiVisit::of($found, $user)]);
    }

    #[
        Describes(
            'Visits as CSV, a row for each job',
            'visits:read',
            query: self::BETWEEN + ['state' => ['string', 'open, planned, underway or closed']],
            csv: true,
        ),
    ]
    public function visitsCsv(Request $request, #[CurrentUser] User $user): StreamedResponse
    {
        $query = Lists::visits($user, $this->filter($request));
        $rows = (function () use ($query, $user): \Generator {
            foreach ($query->lazy(300) as $v) {
                $a = ApiVisit::of($v, $user);
                foreach ($v->tasks as $t) {
                    yield [
                        $a->id,
                        $a->site,
                        $a->state,
                        $a->plannedOn,
                        $a->startsAt,
                        $a->openedAt,
                        $a->closedAt,
                        $a->minutes,
                        $a->actualMin,
                        $a->crew,
                        $t->system?->name,
                        $t->type?->name,
                        $t->state,
                        self::litres($t),
                    ];
                }
            }
        })();

        return Csv::of(
            'visits.csv',
            [
                'visit',
                'place',
                'state',
                'planned_on',
                'starts_at',
                'opened_at',
                'closed_at',
                'planned_min',
                'actual_min',
                'crew',
                'system',
                'job',
                'job_state',
                'litres',
            ],
            $rows,
        );
    }

    private static function litres(VisitTask $t): ?float
    {
        return $t->in_l ?? ($t->out_l ?? $t->litres);
    }

    /** @return array<string, mixed> */
    private function filter(Request $request): array
    {
        $given = $request->validate([
            'parameter' => ['nullable', 'string', 'max:40'],
            'from' => ['nullable', 'date'],
            'to' => ['nullable', 'date'],
            'state' => ['nullable', Rule::in(['open', 'planned', 'underway', 'closed'])],
            'page' => ['nullable', 'integer', 'min:1'],
        ]);

        return array_filter($given, fn (mixed $v): bool => $v !== null);
    }

    /**
     * @template TModel of \Illuminate\Database\Eloquent\Model
     *
     * @param  \Illuminate\Contracts\Pagination\Paginator<int, TModel>  $page
     * @param  \Closure(TModel): object  $view
     */
    private function page(\Illuminate\Contracts\Pagination\Paginator $page, \Closure $view): JsonResponse
    {
        return response()->json(['data' => array_map($view, $page->items()), 'next' => $page->nextPageUrl()]);
    }
}
