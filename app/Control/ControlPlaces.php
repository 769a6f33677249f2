<?php

declare(strict_types=1);

namespace App\Control;

use App\Clients\Site;
use App\Control\Views\ControllerLineView;
use App\Control\Views\ControlPlaceView;
use App\Control\Views\PlugWordView;
use App\House\Views\PageView;
use App\Systems\Item;
use App\Systems\System;
use App\Team\User;
use Illuminate\Contracts\Pagination\Paginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection as Records;
use Illuminate\Support\Collection;
use Velbrin\Core\Control\Programme\Checker;
use Velbrin\Core\Measure\Finding;
use Velbrin\Core\Measure\Severity;

/** Places with controllers, or with words for plugs that nobody has confirmed. */
final class ControlPlaces
{
    /** Places a page. */
    private const PAGE = 12;

    public function __construct(private readonly WholeSetUp $whole)
    {
    }

    /** @return array{places: list<ControlPlaceView>, page: PageView} places with a controller first */
    public function of(User $user): array
    {
        $page = $this->sites();
        $sites = new Records($page->items());
        $ids = $sites->modelKeys();
        $all = Controller::query()
            ->current()
            ->whereIn('site_id', $ids)
            ->with(['strips.outlets.items.vessel', 'sensors', 'setUps'])
            ->orderBy('name')
            ->get();
        $this->whole->gather(array_values($all->all()));
        $controllers = $all->groupBy('site_id');
        $outlets = $this->unconfirmed(Outlet::query()->current())->whereIn('site_id', $ids)->get()->groupBy('site_id');
        $circuits = $this->unconfirmed(Circuit::query()->current())->whereIn('site_id', $ids)->get()->groupBy('site_id');
        $systems = System::query()->whereIn('site_id', $ids)->pluck('name', 'id');

        $places = array_values($sites
            ->map(fn (Site $site): ControlPlaceView => new ControlPlaceView(
                siteId: $site->id,
                name: $site->name,
                client: (string) $site->client?->name,
                controllers: $this->lines($controllers->get($site->id)),
                words: self::words($outlets->get($site->id), $circuits->get($site->id), $systems),
                strips: $this->strips($controllers->get($site->id)),
                mayWrite: $user->can('createAt', [Controller::class, $site]),
            ))
            ->all());

        return ['places' => $places, 'page' => PageView::of($page)];
    }

    /** @return Paginator<int, Site> */
    private function sites(): Paginator
    {
        $driven = Controller::query()->current()->select('site_id')->distinct();
        $words = fn (Builder $part): Builder => $part->whereNull('confirmed_at')->select('site_id');

        return Site::query()
            ->current()
            ->with('client')
            ->select('sites.*')
            ->leftJoinSub($driven, 'driven', 'driven.site_id', '=', 'sites.id')
            ->where(fn (Builder $q) => $q
                ->whereNotNull('driven.site_id')
                ->orWhereIn('id', $words(Outlet::query()->current()))
                ->orWhereIn('id', $words(Circuit::query()->current())))
            ->orderByRaw('driven.site_id is null')
            ->orderBy('name')
            ->orderBy('id')
            ->simplePaginate(self::PAGE);
    }

    /**
     * @template TPart of Outlet|Circuit
     *
     * @param  Builder<TPart>  $parts
     * @return Builder<TPart>
     */
    private function unconfirmed(Builder $parts): Builder
    {
        return $parts
            ->whereNull('confirmed_at')
            ->with('items:id,name,outlet_id,circuit_id,system_id')
            ->orderBy('name')
            ->select(['id', 'name', 'site_id']);
    }

    /**
     * @param  Collection<int, Controller>|null  $controllers
     * @return list<ControllerLineView>
     */
    private function lines(?Collection $controllers): array
    {
        $lines = [];
        foreach ($controllers ?? [] as $controller) {
            $read = ReadableSetUp::of($this->whole->of($controller, $controller->latest()->document ?? []));
            $open = array_values(array_filter(
                Checker::check($read->setup),
                fn (Finding $f): bool => $f->severity !== Severity::Fine,
            ));
            $running = $controller->running();
            $lines[] = new ControllerLineView(
                id: $controller->id,
                name: $controller->name,
                outlets: (int) $controller->strips->sum(fn (Strip $s): int => $s->outlets->count()),
                running: $running?->number,
                runningSince: $running?->activated_at?->toIso8601ZuluString(),
                draft: $controller->draft()?->number,
                worst: $open === [] ? null : $open[0]->severity->value,
                open: count($open) + count($read->errors),
            );
        }

        return $lines;
    }

    /**
     * @param  Collection<int, Outlet>|null  $outlets
     * @param  Collection<int, Circuit>|null  $circuits
     * @param  Collection<int|string, string>  $systems  names
     * @return list<PlugWordView>
     */
    private static function words(?Collection $outlets, ?Collection $circuits, Collection $systems): array
    {
        $words = [];
        foreach ($outlets ?? [] as $outlet) {
            $words[] = new PlugWordView($outlet->id, 'outlet', $outlet->name, self::names($outlet->items, $systems));
        }
        foreach ($circuits ?? [] as $circuit) {
            $words[] = new PlugWordView($circuit->id, 'circuit', $circuit->name, self::names($circuit->items, $systems));
        }

        return $words;
    }

    /**
     * What the same words were written for: in two systems, each with its own.
     *
     * @param  Collection<int, Item>  $items
     * @param  Collection<int|string, string>  $systems
     * @return list<string>
     */
    private static function names(Collection $items, Collection $systems): array
    {
        $isShared = $items->pluck('system_id')->unique()->count() > 1;
        $name = fn (Item $i): string => $isShared ? "{$i->name} of {$systems[$i->system_id]}" : $i->name;

        return array_values($items->map($name)->all());
    }

    /**
     * @param  Collection<int, Controller>|null  $controllers
     * @return list<array{id: int, name: string}>
     */
    private function strips(?Collection $controllers): array
    {
        return array_values(($controllers ?? collect())
            ->flatMap(fn (Controller $c) => $c->strips)
            ->map(fn (Strip $s): array => ['id' => $s->id, 'name' => $s->name])
            ->all());
    }
}
