<?php

declare(strict_types=1);

namespace App\Rounds\Http;

use App\Rounds\AddJob;
use App\Rounds\TaskType;
use App\Rounds\Visit;
use App\Systems\System;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A job more on a visit, from the desk. */
final class VisitJobController
{
    public function store(Request $request, Visit $visit, #[CurrentUser] User $user, AddJob $add): RedirectResponse
    {
        Gate::authorize('work', $visit);
        $given = $request->validate(
            [
                'thing' => ['nullable', 'string', 'regex:/^[tf]\d{1,12}$/'],
                'system_id' => [
                    'required_without:thing',
                    'integer',
                    Rule::exists('systems', 'id')->where('site_id', $visit->site_id)->whereNull('archived_at'),
                ],
                'text' => ['required_without:thing', 'nullable', 'string', 'max:200'],
                'minutes' => ['required_without:thing', 'numeric:strict', 'gt:0', 'max:'.AddJob::MOST_MIN],
                'task_type_id' => ['nullable', 'integer', Rule::exists('task_types', 'id')->whereNull('archived_at')],
            ],
            [
                'text.required_without' => 'Say what is to be done.',
                'minutes.required_without' => 'How many minutes will it take?',
            ],
        );
        if (! in_array($visit->state, [Visit::OPEN, Visit::PLANNED, Visit::UNDERWAY], true)) {
            throw ValidationException::withMessages(['job' => 'That visit is over. Add the job to the next one.']);
        }
        if (isset($given['thing'])) {
            $job = $add->due($visit, $given['thing']);
            if ($job === null) {
                throw ValidationException::withMessages([
                    'job' => 'That is no longer due here: somebody has done it, or put it off.',
                ]);
            }
        } else {
            $system = System::query()->whereKey($given['system_id'])->firstOrFail();
            $type = isset($given['task_type_id'])
                ? TaskType::query()->whereKey($given['task_type_id'])->firstOrFail()
                : null;
            $add->once($visit, $system, $user, $given['text'], (float) $given['minutes'], $type);
        }

        return back()->with('said', 'It is on the visit; minutes, litres and people follow.');
    }
}
