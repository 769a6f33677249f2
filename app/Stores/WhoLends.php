<?php

declare(strict_types=1);

namespace App\Stores;

use App\Clients\Site;
use App\Risk\Known;
use App\Risk\StandingReader;
use App\Stores\Views\OfferView;
use App\Systems\Item;
use App\Systems\System;
use Illuminate\Support\Collection;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Lending\Loans;
use Velbrin\Core\Risk\Lending\Offer;
use Velbrin\Core\Risk\Lending\Part as Stands;
use Velbrin\Core\Rounds\Spot;

/** Where a device could come from when one is gone: shelves first, then systems that have more than one (R-40, X-13). */
final class WhoLends
{
    /** So many of the nearest systems are asked whether they stand without theirs. */
    private const NEAREST = 6;

    public function __construct(private readonly Shelves $shelves)
    {
    }

    /** What it must give where it is wanted, with whatever else still runs there; null: nobody can say, or it is not counted so. */
    public function neededW(Item $lack): ?float
    {
        $system = $lack->system()->firstOrFail()->loadMissing(StandingReader::loads());
        if ($lack->job !== Job::Heater) {
            return null;
        }
        $known = StandingReader::around(collect([$system]))->read($system);
        if (! $known instanceof Known) {
            return null;
        }
        $cold = $known->cold;
        $rest = 0.0;
        foreach ($known->standing->doing(Job::Heater) as $heater) {
            $rest += $heater->id === (string) $lack->id ? 0.0 : $heater->watts ?? 0.0;
        }

        return max(0.0, $cold->heat->lossW($cold->lowC, $cold->roomC) - $rest);
    }

    /** @return list<OfferView> what fits first, then what is nearest */
    public function of(Item $lack, ?float $neededW): array
    {
        $system = $lack->system()->with('site')->firstOrFail();
        $views = [...$this->onShelves($lack, $system, $neededW), ...$this->inSystems($lack, $system, $neededW)];
        $offers = array_map(fn (OfferView $v): Offer => $v->offer, $views);
        $by = [];
        foreach ($views as $view) {
            $by[$view->offer->id] = $view;
        }

        return array_map(fn (Offer $o): OfferView => $by[$o->id], Offer::ranked($offers));
    }

    /** @return list<OfferView> */
    private function onShelves(Item $lack, System $to, ?float $neededW): array
    {
        $views = [];
        foreach ($this->shelves->good() as $stock) {
            $part = $stock->part;
            $place = $stock->place;
            if ($part?->job !== $lack->job || $place === null) {
                continue;
            }
            if ($place->kind === StockPlace::SITE && $place->site_id !== $to->site_id) {
                continue;
            }
            $stands = new Stands($part->job, $part->capacity, $part->connection, $part->volts, $part->control);
            $depot = $place->depot;
            $views[] = new OfferView(
                offer: new Offer(
                    id: "stock-{$stock->id}",
                    isShelf: true,
                    against: $stands->againstStandingIn(new Stands($lack->job, null), $neededW),
                    minutes: match (true) {
                        $place->kind === StockPlace::SITE => 0.0,
                        $depot !== null => self::minutes(new Spot($depot->lat, $depot->lon), $to->site),
                        default => null,
                    },
                    exposes: null,
                ),
                name: $part->name,
                where: $place->name,
                itemId: null,
                systemId: null,
            );
        }

        return $views;
    }

    /** @return list<OfferView> */
    private function inSystems(Item $lack, System $to, ?float $neededW): array
    {
        $debts = array_values(
            Loan::query()->open()->get()->map(fn (Loan $l): array => [(string) $l->from_system_id, (string) $l->to_system_id])->all(),
        );
        $views = [];
        foreach ($this->nearest($lack, $to) as $from) {
            if (Loans::wouldCircle($debts, (string) $from->id, (string) $to->id)) {
                continue;
            }
            $item = self::best($from, $lack->job);
            if ($item === null) {
                continue;
            }
            $stands = new Stands($item->job, $item->watts, fromQuarantine: $from->isolated_since !== null);
            $against = $stands->againstStandingIn(new Stands($lack->job, null), $neededW);
            $views[] = new OfferView(
                offer: new Offer(
                    id: "item-{$item->id}",
                    isShelf: false,
                    against: $against,
                    minutes: self::between($from->site, $to->site),
                    exposes: $against === [] ? Lend::exposes($item, $from) : null,
                ),
                name: $item->name,
                where: "{$from->name}, {$from->site?->client?->name}",
                itemId: $item->id,
                systemId: $from->id,
            );
        }

        return $views;
    }

    /** @return Collection<int, System> that have more than one of these, the nearest first */
    private function nearest(Item $lack, System $to): Collection
    {
        $has = fn ($i) => $i->where('job', $lack->job)->whereNull('retired_at')->whereNull('away_since');

        return System::query()
            ->current()
            ->whereKeyNot($to->id)
            ->whereHas('items', $has, '>', 1)
            ->with('site')
            ->get(['id', 'site_id'])
            ->toBase()
            ->sortBy(fn (System $s): float => self::between($s->site, $to->site) ?? INF)
            ->take(self::NEAREST)
            ->pipe(fn (Collection $near) => System::query()
                ->whereKey($near->pluck('id'))
                ->with(['site.client', ...StandingReader::loads()])
                ->get()
                ->toBase());
    }

    /** The one its own system misses least: the weakest that stands there. */
    private static function best(System $from, Job $job): ?Item
    {
        return $from->items
            ->filter(fn (Item $i): bool => $i->job === $job && $i->retired_at === null && $i->away_since === null)
            ->sortBy(fn (Item $i): float => $i->watts ?? INF)
            ->first();
    }

    private static function between(?Site $from, ?Site $to): ?float
    {
        return $from?->lat === null || $from->lon === null ? null : self::minutes(new Spot($from->lat, $from->lon), $to);
    }

    private static function minutes(Spot $from, ?Site $to): ?float
    {
        return $to?->lat === null || $to->lon === null ? null : $from->minutesTo(new Spot($to->lat, $to->lon));
    }
}
