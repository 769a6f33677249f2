<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Client;
use App\Clients\Contact;
use App\House\Days;
use App\House\Stamp;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

final class ContactController
{
    public function store(Request $request, Client $client): RedirectResponse
    {
        Gate::authorize('update', $client);
        $client->contacts()->create($request->validate($this->rules($client)));

        return back()->with('said', 'Contact kept.');
    }

    public function update(Request $request, Contact $contact): RedirectResponse
    {
        Gate::authorize('update', $contact);
        Stamp::guard($request, $contact->stamp(), $contact);
        $contact->update($request->validate($this->rules($contact->client()->firstOrFail())));

        return $request->boolean('quiet') ? back() : back()->with('said', 'Contact kept.');
    }

    public function archive(Contact $contact): RedirectResponse
    {
        Gate::authorize('update', $contact);
        $contact->archive();

        return back()->with('said', "{$contact->name} is archived.");
    }

    /** @return array<string, list<mixed>> */
    private function rules(Client $client): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'role' => ['nullable', 'string', 'max:120'],
            'phone' => ['nullable', 'string', 'max:60'],
            'email' => ['nullable', 'email', 'max:190'],
            'language' => ['nullable', 'string', 'max:40'],
            'holds_key' => ['boolean'],
            'can_operate' => ['nullable', 'string', 'max:300'],
            'shown' => ['nullable', 'string', 'max:300'],
            'shown_on' => ['nullable', 'date', 'required_with:shown', 'before_or_equal:'.Days::text(1)],
            'training_owed' => ['nullable', 'string', 'max:300'],
            'last_confirmed_on' => ['nullable', 'date', 'before_or_equal:'.Days::text(1)],
            'site_id' => ['nullable', 'integer', Rule::exists('sites', 'id')->where('client_id', $client->id)],
        ];
    }
}
