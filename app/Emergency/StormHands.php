<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Rounds\Crew;
use App\Stores\ReadyFor;
use App\Stores\Shelves;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Team\OnCall;
use App\Water\Depot;
use Illuminate\Support\Collection;
use Velbrin\Core\Emergency\Storm\Aid;
use Velbrin\Core\Emergency\Storm\StormCrew;
use Velbrin\Core\Rounds\Spot;

/** Who goes out in a storm and with what: the day's crews with their vans, else who is on call, by way of the nearest depot. */
final class StormHands
{
    /** @var Collection<int, Stock>|null what can be carried to a dark house, tested */
    private ?Collection $stock = null;

    public function __construct(private readonly Shelves $shelves)
    {
    }

    /** @return list<array{name: string, crew: StormCrew}> */
    public function crews(string $day): array
    {
        $crews = Crew::query()
            ->where('from_on', '<=', $day)
            ->where('until_on', '>=', $day)
            ->with('depot')
            ->orderBy('name')
            ->get()
            ->map(fn (Crew $c): array => [
                'name' => $c->name,
                'crew' => new StormCrew(
                    spot: $c->depot === null ? null : new Spot($c->depot->lat, $c->depot->lon),
                    carries: $this->count(fn (Stock $s): bool => $s->place?->vehicle_id === $c->vehicle_id),
                    depot: self::key($c->depot_id),
                ),
            ])
            ->values()
            ->all();

        return $crews === [] ? self::onCall($day) : array_values($crews);
    }

    /** @return array<string, array<string, int>> how many of each aid lie in each depot */
    public function depots(): array
    {
        $depots = [];
        foreach ($this->stock() as $stock) {
            $id = $stock->place?->depot_id;
            if ($id !== null) {
                $depots[self::key($id)] = $this->count(fn (Stock $s): bool => $s->place?->depot_id === $id);
            }
        }

        return $depots;
    }

    /** @return array<string, int> all of it, wherever it lies but at a client's */
    public function all(): array
    {
        return $this->count(fn (Stock $s): bool => $s->place?->kind !== StockPlace::SITE);
    }

    private static function key(int $depotId): string
    {
        return "depot-{$depotId}";
    }

    /** @return list<array{name: string, crew: StormCrew}> from home to the nearest depot first: what is brought lies there */
    private static function onCall(string $day): array
    {
        $depots = Depot::query()->orderBy('id')->get();

        return array_values(
            OnCall::query()
                ->where('from_on', '<=', $day)
                ->where('until_on', '>=', $day)
                ->with('user')
                ->orderBy('position')
                ->get()
                ->unique('user_id')
                ->map(fn (OnCall $turn): array => [
                    'name' => (string) $turn->user?->name,
                    'crew' => self::byDepot(
                        $turn->user?->home_lat === null || $turn->user->home_lon === null
                            ? null
                            : new Spot($turn->user->home_lat, $turn->user->home_lon),
                        $depots->all(),
                    ),
                ])
                ->all(),
        );
    }

    /** @param  array<int, Depot>  $depots */
    private static function byDepot(?Spot $home, array $depots): StormCrew
    {
        $nearest = null;
        $minutes = INF;
        foreach ($depots as $depot) {
            $way = $home === null ? 0.0 : $home->minutesTo(new Spot($depot->lat, $depot->lon));
            if ($way < $minutes) {
                [$nearest, $minutes] = [$depot, $way];
            }
        }

        return $nearest === null
            ? new StormCrew($home)
            : new StormCrew(new Spot($nearest->lat, $nearest->lon), depot: self::key($nearest->id), lateH: $minutes / 60);
    }

    /**
     * @param  callable(Stock): bool  $isThere
     * @return array<string, int>
     */
    private function count(callable $isThere): array
    {
        $of = fn (ReadyFor $what): int => (int) $this->stock()
            ->filter(fn (Stock $s): bool => $s->part?->ready_for === $what && $isThere($s))
            ->sum(fn (Stock $s): float => $s->count);

        return [Aid::Battery->value => $of(ReadyFor::Air), Aid::Generator->value => $of(ReadyFor::Power)];
    }

    /** @return Collection<int, Stock> */
    private function stock(): Collection
    {
        return $this->stock ??= $this->shelves->good()
            ->filter(fn (Stock $s): bool => in_array($s->part?->ready_for, [ReadyFor::Air, ReadyFor::Power], true));
    }
}
