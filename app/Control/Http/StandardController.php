<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Bench;
use App\Control\Controller;
use App\Control\KeepDraft;
use App\Control\SetUpFile;
use App\Control\StandardSetUp;
use App\Control\WholeSetUp;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** The company’s standard: kept from a set-up that works, taken over at another place, where every value is looked at again (X-3). */
final class StandardController
{
    public function store(Request $request, Controller $controller, #[CurrentUser] User $user, WholeSetUp $whole): RedirectResponse
    {
        Gate::authorize('view', $controller);
        Gate::authorize('create', StandardSetUp::class);
        $request->validate(['name' => ['required', 'string', 'max:120']]);
        $document = SetUpFile::standard($controller->load(Bench::loads()), $whole);
        if ($document['outlets'] === []) {
            throw ValidationException::withMessages(['name' => 'Nothing of it could be taken over elsewhere: say what hangs where first.']);
        }
        StandardSetUp::query()->create(['name' => $request->string('name')->toString(), 'document' => $document, 'user_id' => $user->id]);

        return back()->with('said', 'It can be taken over at any place from now on.');
    }

    public function take(
        Request $request,
        Controller $controller,
        StandardSetUp $standard,
        #[CurrentUser] User $user,
        WholeSetUp $whole,
    ): RedirectResponse {
        Gate::authorize('update', $controller);
        Gate::authorize('view', $standard);
        $request->validate(['revision' => ['required', 'integer', 'min:0']]);
        [$document, $missing] = SetUpFile::fromStandard($standard->document, $controller->load(Bench::loads()), $whole);
        if (! KeepDraft::of($controller, $document, $request->integer('revision'), $user)) {
            throw ValidationException::withMessages(['revision' => 'Somebody else has written since. Read the page again first.']);
        }
        $left = $missing === [] ? '' : ' Not here: '.implode(', ', $missing).'.';

        return back()->with('said', "“{$standard->name}” is the draft now; what does not hold here stands in the margin.{$left}");
    }

    public function archive(StandardSetUp $standard): RedirectResponse
    {
        Gate::authorize('archive', $standard);
        $standard->archive();

        return back()->with('said', "“{$standard->name}” is no longer offered.");
    }
}
