<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Client;
use App\Clients\SiteContents;
use App\Clients\Views\ClientView;
use App\Clients\Views\PlaceView;
use App\House\Http\Asked;
use App\House\Views\PageView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Container\Attributes\Tag;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class ClientController
{
    /** @param  iterable<SiteContents>  $contents */
    public function __construct(#[Tag(SiteContents::TAG)] private readonly iterable $contents)
    {
    }

    public function index(Request $request): Response
    {
        Gate::authorize('viewAny', Client::class);
        $request->validate(['q' => ['nullable', 'string', 'max:80']]);
        $like = '%'.addcslashes(Asked::word($request, 'q'), '%_\\').'%';
        $page = Client::query()
            ->current()
            ->when(
                $like !== '%%',
                fn (Builder $q) => $q->where(
                    fn (Builder $w) => $w
                        ->where('name', 'like', $like)
                        ->orWhereHas(
                            'sites',
                            fn (Builder $s) => $s->where('name', 'like', $like)->orWhere('town', 'like', $like),
                        ),
                ),
            )
            ->with(['sites' => fn ($q) => $q->current()->orderBy('name')])
            ->orderBy('name')
            ->simplePaginate(40)
            ->withQueryString();

        $counts = $this->counts(collect($page->items())->flatMap(fn (Client $c) => $c->sites->modelKeys())->all());

        return Inertia::render('clients/Places', [
            'places' => array_map(fn (Client $c): PlaceView => PlaceView::of($c, $counts), $page->items()),
            'page' => PageView::of($page),
            'q' => Asked::word($request, 'q'),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('create', Client::class);
        $client = Client::query()->create($request->validate($this->rules()));

        return redirect("/clients/{$client->id}")->with('said', "{$client->name} is on the books. Next: the place.");
    }

    public function show(Client $client, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $client);
        abort_unless($user->isStaff(), 403);
        $client->load([
            'contacts' => fn ($q) => $q->current()->orderBy('name'),
            'sites' => fn ($q) => $q->current()->orderBy('name'),
        ]);

        return Inertia::render('clients/Client', [
            'view' => ClientView::of($client, $this->counts($client->sites->modelKeys()), $user),
        ]);
    }

    public function update(Request $request, Client $client): RedirectResponse
    {
        Gate::authorize('update', $client);
        $client->update($request->validate($this->rules($client)));

        return back()->with('said', 'Kept.');
    }

    public function archive(Request $request, Client $client): RedirectResponse
    {
        Gate::authorize('update', $client);
        foreach ($client->sites()->current()->get() as $site) {
            foreach ($this->contents as $content) {
                $why = $content->holds($site);
                if ($why !== null) {
                    throw ValidationException::withMessages(['archive' => $why]);
                }
            }
        }
        $client->archive();

        // Whoever archives on the way to erasing goes on there.
        return redirect(Asked::word($request, 'then') === 'data' ? "/clients/{$client->id}/data" : '/places')->with(
            'said',
            "{$client->name} is archived; nothing is lost.",
        );
    }

    /**
     * @param  array<array-key, mixed>  $siteIds
     * @return array<string, array<int, int>> by content, then site
     */
    private function counts(array $siteIds): array
    {
        $ids = array_values(array_filter($siteIds, is_int(...)));
        $counts = [];
        foreach ($this->contents as $content) {
            $counts[$content->name()] = $ids === [] ? [] : $content->counts($ids);
        }

        return $counts;
    }

    /** @return array<string, list<mixed>> */
    private function rules(?Client $client = null): array
    {
        return [
            'name' => ['required', 'string', 'max:120', Rule::unique('clients', 'name')->ignore($client)],
            'note' => ['nullable', 'string', 'max:2000'],
        ];
    }
}
