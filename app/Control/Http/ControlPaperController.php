<?php

declare(strict_types=1);

namespace App\Control\Http;

use App\Control\Bench;
use App\Control\Controller;
use App\Control\KeepDraft;
use App\Control\ReadableSetUp;
use App\Control\SetUpFile;
use App\Control\Views\LabelView;
use App\Control\WholeSetUp;
use App\House\Paper;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response as Page;
use Velbrin\Core\Control\Programme\ByHand;
use Velbrin\Core\Control\Programme\Words;

/** A set-up on paper and as a file: what to do by hand, labels for the plugs, JSON out and in. */
final class ControlPaperController
{
    public function byHand(Controller $controller, #[CurrentUser] User $user, WholeSetUp $whole): Response
    {
        Gate::authorize('view', $controller);
        $controller->load(Bench::loads());
        $runs = $controller->running() ?? $controller->latest();
        $setup = ReadableSetUp::of($whole->of($controller, $runs->document ?? []))->setup;
        $words = new Words($setup);
        $units = $user->units();
        $outlets = $whole->outlets($controller);
        $lines = [];
        foreach (ByHand::of($setup) as $line) {
            $record = $outlets->get($line['outlet']->id);
            $lines[] = [
                'plug' => $record->name ?? '',
                'place' => $line['outlet']->place,
                'load' => $record === null ? '' : $record->items->pluck('name')->implode(', '),
                'does' => $words->rule($line['outlet'])->in($units),
                'byHand' => $line['says']->in($units),
            ];
        }

        return response(Paper::pdf('control.by-hand', ['controller' => $controller, 'lines' => $lines]), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="by-hand.pdf"',
        ]);
    }

    /** Labels to print and cut: each with a code that opens the record after sign-in. */
    public function labels(Controller $controller, #[CurrentUser] User $user, WholeSetUp $whole): Page
    {
        Gate::authorize('view', $controller);
        $controller->load(Bench::loads());

        return Inertia::render('control/Labels', [
            'controller' => ['id' => $controller->id, 'name' => $controller->name, 'site' => (string) $controller->site?->name],
            'labels' => LabelView::all($controller, $whole, $user->units()),
        ]);
    }

    public function json(Controller $controller, WholeSetUp $whole): JsonResponse
    {
        Gate::authorize('view', $controller);
        $controller->load(Bench::loads());
        $document = SetUpFile::out($controller, $whole);

        return response()->json($document, 200, [
            'Content-Disposition' => 'attachment; filename="set-up.json"',
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE);
    }

    /** A set-up from a file becomes the draft; its outlets are found by their place. */
    public function read(Request $request, Controller $controller, #[CurrentUser] User $user, WholeSetUp $whole): RedirectResponse
    {
        Gate::authorize('update', $controller);
        $request->validate(['file' => ['required', 'file', 'max:512'], 'revision' => ['required', 'integer', 'min:0']]);
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : '';
        $controller->load(Bench::loads());
        [$document, $missing] = SetUpFile::in($text, $controller, $whole);
        if (! KeepDraft::of($controller, $document, $request->integer('revision'), $user)) {
            throw ValidationException::withMessages(['file' => 'Somebody else has written since. Read the page again, then the file.']);
        }
        $left = $missing === [] ? '' : ' Left out, since no outlet here is called so: '.implode(', ', $missing).'.';

        return back()->with('said', "The file is the draft now. Look through what is said in the margin.{$left}");
    }
}
