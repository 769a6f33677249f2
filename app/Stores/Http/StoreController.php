<?php

declare(strict_types=1);

namespace App\Stores\Http;

use App\Build\Supplier;
use App\Clients\Site;
use App\House\Csv;
use App\House\Days;
use App\House\Paper;
use App\Rounds\Vehicle;
use App\Stores\MoveStock;
use App\Stores\Part;
use App\Stores\ReadyFor;
use App\Stores\Stock;
use App\Stores\StockMove;
use App\Stores\StockPlace;
use App\Stores\StockState;
use App\Stores\StoreDesk;
use App\Systems\System;
use App\Team\User;
use App\Water\Depot;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\SpareStock;

/** Parts where they lie, what must lie there, what is wanted, who owes whom (R-40 … R-44, X-13). */
final class StoreController
{
    private const MOST = 100_000;

    public function index(#[CurrentUser] User $user, StoreDesk $desk): Response
    {
        Gate::authorize('viewAny', Part::class);

        return Inertia::render('stores/Stores', [
            'parts' => $desk->parts(),
            'places' => $desk->places(),
            'loans' => $desk->loans(),
            'moves' => $desk->lastMoves(),
            'jobs' => collect(Job::cases())->mapWithKeys(fn (Job $j): array => [$j->value => $j->label()]),
            'uses' => collect(ReadyFor::cases())->mapWithKeys(fn (ReadyFor $r): array => [$r->value => $r->label()]),
            'states' => collect(StockState::cases())->mapWithKeys(fn (StockState $s): array => [$s->value => $s->label()]),
            'suppliers' => Supplier::query()->current()->orderBy('name')->pluck('name', 'id'),
            'levelPct' => 100 * SpareStock::USUAL_LEVEL,
            'mayKeep' => $user->can('keep', Part::class),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        Gate::authorize('keep', Part::class);
        $part = Part::query()->create($this->given($request));

        return back()->with('said', "{$part->name} is kept from now on. Bring the first ones in.");
    }

    public function update(Request $request, Part $part): RedirectResponse
    {
        Gate::authorize('keep', $part);
        $part->update($this->given($request, $part));

        return back()->with('said', "{$part->name}: kept.");
    }

    public function archive(Part $part): RedirectResponse
    {
        Gate::authorize('keep', $part);
        if ($part->stocks()->where('count', '>', 0)->exists()) {
            throw ValidationException::withMessages(
                ['part' => "Some {$part->name} still lie somewhere. Use them up or throw them away first."],
            );
        }
        $part->archive();

        return back()->with('said', "{$part->name} is not kept any more.");
    }

    public function bring(Request $request, Part $part, #[CurrentUser] User $user, MoveStock $move): RedirectResponse
    {
        Gate::authorize('move', $part);
        $given = $request->validate([
            'uuid' => ['required', 'uuid'],
            'place' => ['required', 'string', 'regex:/^(depot|van|site)-\d+$/'],
            'count' => ['required', 'numeric:strict', 'gt:0', 'max:'.self::MOST],
            'state' => ['required', Rule::enum(StockState::class)],
            'lot' => ['nullable', 'string', 'max:60'],
            'expires_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:+30 years'],
        ]);
        $stock = $move->bring($given['uuid'], $part, self::place($given['place']), (float) $given['count'], [
            'state' => $given['state'],
            'lot' => $given['lot'] ?? null,
            'expires_on' => $given['expires_on'] ?? null,
        ], $user);

        return back()->with('said', "{$part->name}: {$stock->count} lie there now.");
    }

    public function move(Request $request, Stock $stock, #[CurrentUser] User $user, MoveStock $move): RedirectResponse
    {
        Gate::authorize('move', $stock);
        $given = $request->validate([
            'uuid' => ['required', 'uuid'],
            'to' => ['required', 'string', 'regex:/^(depot|van|site)-\d+$/'],
            'count' => ['required', 'numeric:strict', 'gt:0', 'max:'.self::MOST],
        ]);
        if ($stock->state === StockState::Quarantine) {
            throw ValidationException::withMessages(['to' => 'What comes from quarantine stays there.']);
        }
        $move->move($given['uuid'], $stock, self::place($given['to']), (float) $given['count'], $user);

        return back()->with('said', 'Moved.');
    }

    public function useUp(Request $request, Stock $stock, #[CurrentUser] User $user, MoveStock $move): RedirectResponse
    {
        Gate::authorize('move', $stock);
        $given = $request->validate(
            [
                'uuid' => ['required', 'uuid'],
                'kind' => ['required', Rule::in([StockMove::USED, StockMove::THROWN])],
                'count' => ['required', 'numeric:strict', 'gt:0', 'max:'.self::MOST],
                'system_id' => [
                    'nullable',
                    'required_if:kind,'.StockMove::USED,
                    'integer',
                    Rule::exists(System::class, 'id')->whereNull('archived_at'),
                ],
                'why' => ['nullable', 'string', 'max:200'],
            ],
            ['system_id.required_if' => 'Say at which system it went to work.'],
        );
        $move->useUp(
            uuid: $given['uuid'],
            from: $stock,
            kind: $given['kind'],
            count: (float) $given['count'],
            user: $user,
            systemId: isset($given['system_id']) ? (int) $given['system_id'] : null,
            why: $given['why'] ?? null,
        );

        return back()->with('said', $given['kind'] === StockMove::USED ? 'Booked; “buy two” stands on your list.' : 'Booked.');
    }

    public function test(Request $request, Stock $stock): RedirectResponse
    {
        Gate::authorize('move', $stock);
        $given = $request->validate([
            'tested_on' => ['required', 'date_format:Y-m-d', 'before_or_equal:'.Days::text(), 'after:-5 years'],
            'tested_ok' => ['required', 'boolean'],
        ]);
        $stock->update($given);

        return back()->with('said', $given['tested_ok'] ? 'It works, as of that day.' : 'It does not work: it counts for nothing.');
    }

    public function csv(StoreDesk $desk): StreamedResponse
    {
        Gate::authorize('viewAny', Part::class);

        return Csv::of('reorder.csv', ['part', 'supplier', 'there', 'least', 'order', 'pack', 'unit', 'why'], $desk->reorder());
    }

    public function pdf(StoreDesk $desk): HttpResponse
    {
        Gate::authorize('viewAny', Part::class);
        $bySupplier = collect($desk->reorder())->groupBy(fn (array $row): string => (string) ($row[1] ?? ''))->sortKeys();

        return response(
            Paper::pdf('stores.reorder', ['bySupplier' => $bySupplier, 'on' => Days::today()->format('j M Y')]),
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="reorder.pdf"'],
        );
    }

    /** "depot-3": a shelf of it is opened when the first thing is laid there. */
    private static function place(string $name): StockPlace
    {
        [$kind, $id] = explode('-', $name);

        return match ($kind) {
            StockPlace::DEPOT => StockPlace::ofDepot(Depot::query()->current()->findOrFail($id)),
            StockPlace::VAN => StockPlace::ofVehicle(Vehicle::query()->findOrFail($id)),
            default => StockPlace::ofSite(Site::query()->current()->findOrFail($id)),
        };
    }

    /** @return array<string, mixed> */
    private function given(Request $request, ?Part $part = null): array
    {
        return $request->validate(
            [
                'name' => ['required', 'string', 'max:120', Rule::unique('parts', 'name')->ignore($part)],
                'job' => ['nullable', 'required_without:ready_for', Rule::enum(Job::class)],
                'ready_for' => ['nullable', Rule::enum(ReadyFor::class)],
                'unit' => ['required', Rule::in(['piece', 'L', 'kg', 'm'])],
                'capacity' => ['nullable', 'numeric:strict', 'gt:0', 'max:100000'],
                'volts' => ['nullable', 'numeric:strict', 'gt:0', 'max:500'],
                'connection' => ['nullable', 'string', 'max:60'],
                'control' => ['nullable', 'string', 'max:60'],
                'supplier_id' => ['nullable', 'integer', Rule::exists(Supplier::class, 'id')],
                'lead_days' => ['nullable', 'integer', 'between:0,365'],
                'price_minor' => ['nullable', 'integer:strict', 'between:0,100000000'],
                'pack' => ['required', 'integer', 'between:1,1000'],
            ],
            ['job.required_without' => 'Say which device it stands in for, or what it stands ready for.'],
        );
    }
}
