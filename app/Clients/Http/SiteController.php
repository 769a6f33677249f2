<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Client;
use App\Clients\HouseholdLeaves;
use App\Clients\Site;
use App\Clients\SiteContents;
use App\Clients\Views\SiteView;
use App\House\Days;
use App\House\Stamp;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Container\Attributes\Tag;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Velbrin\Core\Chemistry\Regime;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Rounds\OpeningHours;

final class SiteController
{
    /** @param  iterable<SiteContents>  $contents */
    public function __construct(#[Tag(SiteContents::TAG)] private readonly iterable $contents)
    {
    }

    public function store(Request $request, Client $client): RedirectResponse
    {
        Gate::authorize('update', $client);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120', Rule::unique('sites', 'name')->where('client_id', $client->id)],
            'town' => ['nullable', 'string', 'max:120'],
            'street' => ['nullable', 'string', 'max:160'],
        ]);
        $site = $client->sites()->create([...$given, 'timezone' => Days::zone()]);

        return redirect("/sites/{$site->id}")->with(
            'said',
            'Place opened. Walk through it and write down what you see.',
        );
    }

    public function show(Site $site, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $site);
        $site->load([
            'client.contacts' => fn ($q) => $q->current()->orderBy('name'),
            'rooms' => fn ($q) => $q->current()->orderBy('name'),
            'passages',
            'codes' => fn ($q) => $q->current()->orderBy('label'),
            'attachments' => fn ($q) => $q->current()->with('user')->latest('id'),
        ]);

        $lines = [];
        foreach ($this->contents as $content) {
            $lines[$content->name()] = $content->lines($site, $user);
        }

        return Inertia::render('clients/Site', [
            'view' => SiteView::of($site, $user, $lines),
            'regimes' => collect(Regime::cases())->mapWithKeys(fn (Regime $r): array => [$r->value => $r->label()]),
        ]);
    }

    public function update(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('update', $site);
        $text = ['nullable', 'string', 'max:300'];
        $known = array_map(fn (mixed $row): string => (string) json_encode($row), $site->away ?? []);
        DB::transaction(function () use ($request, $site, $text): void {
            $locked = Site::query()->lockForUpdate()->whereKey($site->id)->firstOrFail();
            Stamp::guard($request, $locked->aboutStamp(), $locked);
            $site->update(
                self::hours(
                    $request->validate(
                        [
                            'away' => ['nullable', 'array', 'max:12'],
                            'away.*.from' => ['required', 'date_format:Y-m-d'],
                            'away.*.until' => ['required', 'date_format:Y-m-d', 'after_or_equal:away.*.from'],
                            'away.*.sitter' => ['nullable', 'string', 'max:120'],
                            'lat' => ['nullable', 'numeric:strict', 'between:-90,90', 'required_with:lon'],
                            'lon' => ['nullable', 'numeric:strict', 'between:-180,180', 'required_with:lat'],
                            'altitude_m' => ['nullable', 'numeric:strict', 'between:-400,5000'],
                            'we_hold_key' => ['sometimes', 'boolean'],
                            'makes_water' => ['sometimes', 'boolean'],
                            'looked_at' => ['nullable', 'array', 'max:6'],
                            'looked_at.*' => ['required', 'string', 'regex:/^([01]\d|2[0-3]):[0-5]\d$/'],
                            'minutes_sold' => ['nullable', 'integer:strict', 'between:5,1440'],
                            'name' => [
                                'required',
                                'string',
                                'max:120',
                                Rule::unique('sites', 'name')->where('client_id', $site->client_id)->ignore($site),
                            ],
                            'street' => ['nullable', 'string', 'max:160'],
                            'town' => ['nullable', 'string', 'max:120'],
                            'timezone' => ['required', 'timezone:all'],
                            'access_hours' => ['nullable', 'array:mon,tue,wed,thu,fri,sat,sun'],
                            'access_hours.*' => ['nullable', 'string', 'max:80'],
                            'access_note' => ['nullable', 'string', 'max:500'],
                            'parking' => $text,
                            'floor_protection' => $text,
                            'noise' => $text,
                            'pets' => $text,
                            'residents' => $text,
                            'children' => $text,
                            'absences' => $text,
                        ],
                        [
                            'looked_at.*.regex' => 'Write the hours as 07:30, one after another.',
                            'away.*.until.after_or_equal' => 'They come back after they leave.',
                            'lat.required_with' => 'Latitude and longitude go together.',
                            'lon.required_with' => 'Latitude and longitude go together.',
                            'minutes_sold.integer' => 'Minutes sold for a visit: a whole number, 5 to 1440.',
                            'minutes_sold.between' => 'Minutes sold for a visit: a whole number, 5 to 1440.',
                            'name.required' => 'The place needs a name.',
                            'timezone.timezone' => 'No such time zone. For example: Europe/London.',
                        ],
                    ),
                ),
            );
        });

        foreach ($site->away ?? [] as $row) {
            if (
                is_array($row) &&
                ! in_array((string) json_encode($row), $known, true) &&
                $row['from'] >= Days::text()
            ) {
                event(
                    new HouseholdLeaves(
                        $site,
                        (string) $row['from'],
                        (string) $row['until'],
                        is_string($row['sitter'] ?? null) ? $row['sitter'] : null,
                    ),
                );
            }
        }

        return $request->boolean('quiet') ? back() : back()->with('said', 'Kept.');
    }

    /**
     * Hours as people write them, kept in one way.
     *
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    private static function hours(array $given): array
    {
        $hours = is_array($given['access_hours'] ?? null) ? $given['access_hours'] : null;
        if ($hours === null) {
            return $given;
        }
        $read = [];
        foreach ($hours as $day => $text) {
            try {
                $read[$day] = is_string($text) && trim($text) !== '' ? OpeningHours::read($text)->text() : null;
            } catch (OutOfRange $e) {
                throw ValidationException::withMessages(["access_hours.{$day}" => "Write the hours as {$e->allowed}."]);
            }
        }

        return [...$given, 'access_hours' => $read];
    }

    public function archive(Site $site): RedirectResponse
    {
        Gate::authorize('update', $site);
        foreach ($this->contents as $content) {
            $why = $content->holds($site);
            if ($why !== null) {
                throw ValidationException::withMessages(['archive' => $why]);
            }
        }
        $site->archive();

        return redirect("/clients/{$site->client_id}")->with('said', "{$site->name} is archived; nothing is lost.");
    }
}
