<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Client;
use App\Clients\Data\ClientExport;
use App\Clients\Data\EraseClient;
use App\Clients\Data\MakeExport;
use App\Clients\Views\ClientExportView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Everything about one client as a file, and the end of it. */
final class ClientDataController
{
    public function show(Client $client): Response
    {
        Gate::authorize('takeOut', $client);

        return Inertia::render('clients/ClientData', [
            'client' => ['id' => $client->id, 'name' => $client->name],
            'isArchived' => $client->isArchived(),
            'erasedAt' => $client->erased_at?->toIso8601ZuluString(),
            'exports' => ClientExport::query()
                ->with('user')
                ->where('client_id', $client->id)
                ->latest('id')
                ->limit(20)
                ->get()
                ->map(ClientExportView::of(...))
                ->all(),
            'kept' => array_keys(EraseClient::KEPT),
            'keptDays' => ClientExport::KEPT_DAYS,
        ]);
    }

    public function export(Client $client, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('takeOut', $client);
        if (ClientExport::query()->where('client_id', $client->id)->where('state', ClientExport::WAITING)->exists()) {
            throw ValidationException::withMessages(['export' => 'One is being made already.']);
        }
        $export = ClientExport::query()->create([
            'client_id' => $client->id,
            'user_id' => $user->id,
            'state' => ClientExport::WAITING,
        ]);
        MakeExport::dispatch($export->id);

        return back()->with('said', 'The file is being made. It stands here when it is ready.');
    }

    public function download(Client $client, ClientExport $export): StreamedResponse
    {
        Gate::authorize('takeOut', $client);
        abort_unless($export->client_id === $client->id && $export->state === ClientExport::READY && $export->path !== null, 404);

        return Storage::disk('local')->download($export->path, "client-{$client->id}.zip", [
            'Content-Type' => 'application/zip',
            'Cache-Control' => 'no-store, private',
        ]);
    }

    public function erase(Request $request, Client $client): RedirectResponse
    {
        Gate::authorize('takeOut', $client);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120'],
            'reason' => ['required', 'string', 'max:300'],
        ], ['reason.required' => 'Say why: it stands in the trail.']);
        if (! $client->isArchived()) {
            throw ValidationException::withMessages(['name' => 'Archive the client first: nothing runs on for somebody who is erased.']);
        }
        if ($client->erased_at !== null || trim($given['name']) !== $client->name) {
            throw ValidationException::withMessages(['name' => 'Type the name exactly as it stands above.']);
        }
        EraseClient::run($client, $given['reason']);

        return redirect('/places')->with('said', 'Erased. What was built, measured and billed stays, under numbers instead of names.');
    }
}
