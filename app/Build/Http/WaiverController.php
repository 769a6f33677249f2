<?php

declare(strict_types=1);

namespace App\Build\Http;

use App\Build\Acceptance;
use App\Build\Answered;
use App\Build\PlanVersion;
use App\Build\Waiver;
use App\Clients\Attachments;
use App\House\Days;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Velbrin\Core\Build\Waivable;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Units;

/** Answers an open Stop: with a signed reason where that is allowed, else with the licensed person's stored document. */
final class WaiverController
{
    public function store(Request $request, PlanVersion $version, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Waiver::class);
        Gate::authorize('accept', $version);
        $given = $request->validate(
            [
                'finding_key' => ['required', 'string', 'max:80'],
                'reason' => ['required', 'string', 'max:500'],
                'signed_by' => ['required', 'string', 'max:120'],
                'signed_on' => ['required', 'date', 'before_or_equal:'.Days::text(1)],
                'file' => ['nullable', ...array_diff(Attachments::rules(), ['required'])],
                'kind' => ['required', Rule::in([Waiver::REASON, Waiver::DOCUMENT])],
            ],
            Attachments::messages(),
        );
        $version->load('waivers');
        $stop = collect(Acceptance::open($version, Answered::of($version)->answers()))->first(
            fn (Finding $f): bool => $f->key() === $given['finding_key'],
        );
        if ($stop === null) {
            throw ValidationException::withMessages(['finding_key' => 'This Stop is not open on this version.']);
        }
        if ($given['kind'] === Waiver::REASON && ! Waivable::byReason($stop->rule)) {
            throw ValidationException::withMessages([
                'kind' => "No waiver exists for {$stop->rule}: it can hurt people. Change the numbers, or store the licensed ".
                    'person’s document.',
            ]);
        }
        if ($given['kind'] === Waiver::DOCUMENT && ! $request->hasFile('file')) {
            throw ValidationException::withMessages([
                'file' => 'Store the signed document here: a PDF or a photo of it.',
            ]);
        }
        DB::transaction(function () use ($request, $version, $user, $given, $stop): void {
            $file = $request->hasFile('file')
                ? Attachments::take($request, $version->plan()->firstOrFail(), $user)
                : null;
            $version->waivers()->create([
                'finding_key' => $stop->key(),
                'rule' => $stop->rule,
                'what' => mb_substr($stop->what->in(Units::metric()), 0, 300),
                'kind' => $given['kind'],
                'reason' => $given['reason'],
                'signed_by' => $given['signed_by'],
                'signed_on' => $given['signed_on'],
                'attachment_id' => $file?->id,
                'user_id' => $user->id,
            ]);
        });

        return back()->with(
            'said',
            $given['kind'] === Waiver::REASON
                ? 'Waived, with its reason. It stays visible.'
                : 'The document is stored and clears this Stop.',
        );
    }
}
