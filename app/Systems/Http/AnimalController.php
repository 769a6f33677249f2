<?php

declare(strict_types=1);

namespace App\Systems\Http;

use App\Clients\Attachment;
use App\House\Days;
use App\Systems\Stock\Animal;
use App\Systems\Stock\KeepAnimal;
use App\Systems\Stock\TransferAnimals;
use App\Systems\System;
use App\Systems\SystemBrief;
use App\Systems\Views\AnimalView;
use App\Team\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Response;
use Velbrin\Core\Build\Facts;
use Velbrin\Core\Build\PlanField as F;
use Velbrin\Core\Livestock\AnimalKind;
use Velbrin\Core\Livestock\AnimalState;
use Velbrin\Core\Measure\Finding;

/** What lives in a system: the list, the places, the ways from one system to another. */
final class AnimalController
{
    /** As many as a page shows of those that are gone. */
    private const GONE_SHOWN = 100;

    /** What a photo of an animal is about. */
    private const ABOUT = 'animal:';

    public function index(System $system, #[CurrentUser] User $user): Response
    {
        Gate::authorize('viewWorking', $system);
        SystemPage::load($system);
        $with = ['places', 'transfers.from', 'transfers.to'];
        $all = Animal::query()->where('system_id', $system->id)->with($with);
        $view = fn (Animal $a): AnimalView => AnimalView::of($a, $user);

        return SystemPage::render('systems/Stock', $system, $user, [
            'animals' => (clone $all)->where('state', '<>', AnimalState::Gone)->orderBy('kind')->orderBy('name')->get()->map($view),
            'gone' => (clone $all)->where('state', AnimalState::Gone)->latest('out_on')->limit(self::GONE_SHOWN)->get()->map($view),
            'tank' => $this->tank($system),
            'photos' => self::photos($system),
            'kinds' => collect(AnimalKind::cases())->mapWithKeys(fn (AnimalKind $k): array => [$k->value => $k->label()]),
            'states' => collect(AnimalState::cases())
                ->reject(fn (AnimalState $s): bool => $s === AnimalState::Gone)
                ->mapWithKeys(fn (AnimalState $s): array => [$s->value => $s->label()]),
            'others' => System::query()->current()->whereKeyNot($system->id)->with('site')->orderBy('name')->limit(500)->get()
                ->map(fn (System $s): array => ['id' => $s->id, 'name' => "{$s->name}, {$s->site?->name}"]),
        ]);
    }

    /** @return list<array{id: int, animal: int, on: string, href: string}> how an animal grows, the oldest first (L-30) */
    private static function photos(System $system): array
    {
        return array_values(
            Attachment::query()
                ->current()
                ->where('kind', Attachment::PHOTO)
                // An animal takes its photos along from one system to another.
                ->whereIn('about', Animal::query()->where('system_id', $system->id)->selectRaw('concat(?, id)', [self::ABOUT]))
                ->oldest('id')
                ->get()
                ->map(fn (Attachment $a): array => [
                    'id' => $a->id,
                    'animal' => (int) substr((string) $a->about, strlen(self::ABOUT)),
                    'on' => Days::date(Days::ofMoment((string) $a->created_at))->toDateString(),
                    'href' => "/attachments/{$a->id}",
                ])
                ->all(),
        );
    }

    /** @return array{lengthMm: float, widthMm: float}|null nobody has described it */
    private function tank(System $system): ?array
    {
        $facts = Facts::of(SystemBrief::read($system));

        return $facts->knows(F::LengthMm) && $facts->knows(F::WidthMm)
            ? ['lengthMm' => $facts->number(F::LengthMm), 'widthMm' => $facts->number(F::WidthMm)]
            : null;
    }

    public function store(Request $request, System $system, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('record', $system);
        $animal = KeepAnimal::enters($system, $request->validate($this->rules()), $user);

        return back()->with('said', "{$animal->name}: on the list.");
    }

    public function update(Request $request, Animal $animal): RedirectResponse
    {
        Gate::authorize('update', $animal);
        abort_if($animal->state === AnimalState::Gone, 403);
        KeepAnimal::changes($animal, $request->validate($this->rules()));

        return back()->with('said', 'Kept.');
    }

    public function place(Request $request, Animal $animal, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $animal);
        abort_unless($animal->state->lives(), 403);
        $mm = ['numeric:strict', 'between:0,20000'];
        $given = $request->validate([
            'x_mm' => ['required', ...$mm],
            'y_mm' => ['required', ...$mm],
            'depth_mm' => ['nullable', ...$mm],
            'par' => ['nullable', 'numeric:strict', 'between:0,3000'],
            'flow_cms' => ['nullable', 'numeric:strict', 'between:0,300'],
            'is_home' => ['required', 'boolean:strict'],
            'why' => [Rule::requiredIf($animal->stays_put !== null), 'nullable', 'string', 'max:200'],
        ], ['why.required' => "It is not to be moved: {$animal->stays_put}. Say why it is all the same."]);
        $animal->places()->create([...$given, 'user_id' => $user->id]);

        return back()->with('said', $request->boolean('is_home') ? 'That is its place.' : 'Lifted; its home is remembered.');
    }

    public function transfer(Request $request, Animal $animal, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $animal);
        $request->validate([
            'to_system_id' => ['required', 'integer:strict', Rule::exists('systems', 'id')->whereNull('archived_at')],
            'count' => ['required', 'integer:strict', 'between:1,10000'],
            'why' => ['required', 'string', 'max:300'],
        ], ['why.required' => 'Say why in a few words.']);
        $to = System::query()->findOrFail($request->integer('to_system_id'));
        Gate::authorize('record', $to);
        $found = TransferAnimals::of($animal, $to, $request->integer('count'), $request->string('why')->toString(), $user);
        $minded = implode(' ', array_map(
            fn (Finding $f): string => "{$f->what->in($user->units())}. {$f->why->in($user->units())}",
            $found,
        ));

        return back()->with('said', "They live in {$to->name} now.".($minded === '' ? '' : " Mind: {$minded}"));
    }

    public function out(Request $request, Animal $animal, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $animal);
        $request->validate([
            'count' => ['required', 'integer:strict', 'between:1,10000'],
            'why' => ['required', 'string', 'max:300'],
        ], ['why.required' => 'Say what became of them: an unexplained loss is asked after.']);
        KeepAnimal::goes($animal, $request->integer('count'), $request->string('why')->toString(), $user);

        return back()->with('said', 'Off the list; what became of them stays in the record.');
    }

    /** @return array<string, list<mixed>> */
    private function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'kind' => ['required', Rule::enum(AnimalKind::class)],
            'count' => ['required', 'integer:strict', 'between:1,10000'],
            'length_cm' => ['nullable', 'numeric:strict', 'between:0.1,200'],
            'deep' => ['required', 'boolean:strict'],
            'state' => ['required', Rule::enum(AnimalState::class)->except([AnimalState::Gone])],
            'in_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:'.Days::text(1)],
            'source' => ['nullable', 'string', 'max:120'],
            'par_low' => ['nullable', 'numeric:strict', 'between:0,3000'],
            'par_high' => ['nullable', 'numeric:strict', 'between:0,3000', 'gte:par_low'],
            'note' => ['nullable', 'string', 'max:300'],
            'stays_put' => ['nullable', 'string', 'max:200'],
        ];
    }
}
