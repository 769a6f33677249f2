<?php

declare(strict_types=1);

namespace App\Clients\Http;

use App\Clients\Room;
use App\Clients\Site;
use App\House\Days;
use App\House\Stamp;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Velbrin\Core\Build\SurveySheet;
use Velbrin\Core\Measure\Basis;

/** Rooms and their surveyed facts; each fact keeps its basis, who and when. */
final class RoomController
{
    public function store(Request $request, Site $site): RedirectResponse
    {
        Gate::authorize('update', $site);
        $given = $request->validate([
            'name' => ['required', 'string', 'max:120', Rule::unique('rooms', 'name')->where('site_id', $site->id)],
        ]);
        $site->rooms()->create($given);

        return back()->with('said', 'Room added.');
    }

    public function update(Request $request, Room $room, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $room);
        $given = $request->validate($this->rules($room), [], $this->names());
        Stamp::guard($request, $room->stamp(), $room);
        $bases = $room->bases ?? [];
        $stated = $given['bases'] ?? [];
        $values = ['name' => $given['name']];
        foreach (array_keys(SurveySheet::fields()) as $key) {
            if (! array_key_exists($key, $given['facts'] ?? [])) {
                continue;
            }
            $value = $given['facts'][$key];
            $basis = $stated[$key] ?? ($bases[$key]['basis'] ?? Basis::Assumed->value);
            if ($value === null) {
                unset($bases[$key]);
            } elseif ($room->getAttribute($key) !== $value || ($bases[$key]['basis'] ?? null) !== $basis) {
                $bases[$key] = ['basis' => $basis, 'by' => $user->name, 'at' => Days::text()];
            }
            $values[$key] = $value;
        }
        $room->update([...$values, 'bases' => $bases]);

        return $request->boolean('quiet') ? back() : back()->with('said', 'Survey kept.');
    }

    public function archive(Room $room): RedirectResponse
    {
        Gate::authorize('update', $room);
        $room->archive();

        return back()->with('said', "{$room->name} is archived.");
    }

    /** @return array<string, string> fields in words, for a message */
    private function names(): array
    {
        $names = [];
        foreach (SurveySheet::fields() as $key => $spec) {
            $names["facts.{$key}"] = $spec->label;
        }

        return $names;
    }

    /** @return array<string, list<mixed>> */
    private function rules(Room $room): array
    {
        $rules = [
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('rooms', 'name')->where('site_id', $room->site_id)->ignore($room),
            ],
            'facts' => ['array:'.implode(',', array_keys(SurveySheet::fields()))],
            'bases' => ['array'],
            'bases.*' => [Rule::enum(Basis::class)],
        ];
        foreach (SurveySheet::fields() as $key => $spec) {
            $rules["facts.{$key}"] = match (true) {
                $spec->kind !== null => ['nullable', 'numeric:strict', "min:{$spec->least}", "max:{$spec->most}"],
                $spec->choices !== [] => ['nullable', 'string', Rule::in(array_keys($spec->choices))],
                default => ['nullable', 'string', 'max:300'],
            };
        }

        return $rules;
    }
}
