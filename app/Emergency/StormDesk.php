<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Days;
use App\Risk\Exposure;
use App\Risk\Night;
use App\Rounds\Crew;
use App\Stores\ReadyFor;
use App\Stores\Shelves;
use App\Stores\Stock;
use App\Stores\StockPlace;
use App\Team\OnCall;
use Illuminate\Database\Eloquent\Builder;
use Velbrin\Core\Emergency\Storm\Aid;
use Velbrin\Core\Emergency\Storm\Exposed;
use Velbrin\Core\Emergency\Storm\Route;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Rounds\Spot;

/** Power gone in an area: who reaches harm when, who goes where, how much would be enough (E-5, E-10). */
final class StormDesk
{
    private const BATTERY_MIN = 15.0;

    private const GENERATOR_MIN = 35.0;

    /** More crews than that nobody sends. */
    private const MOST_CREWS = 12;

    public function __construct(private readonly Shelves $shelves)
    {
    }

    /**
     * @param  list<string>  $towns  none: everywhere
     * @return array<string, mixed>
     */
    public function of(array $towns, float $hours, Night $night, float $leaveH): array
    {
        $rows = Exposure::query()
            ->where('night', $night->value)
            ->where('hazard', Hazard::PowerCut->value)
            ->whereNotNull('harm_h')
            ->whereHas(
                'system',
                fn (Builder $s) => $s->whereNull('archived_at')->whereHas(
                    'site',
                    fn (Builder $q) => $towns === [] ? $q : $q->whereIn('town', $towns),
                ),
            )
            ->with('system.site.client')
            ->orderBy('harm_h')
            ->get();
        $exposed = [];
        $lines = [];
        foreach ($rows as $row) {
            $system = $row->system;
            if ($system === null || $row->harm_h > $hours) {
                continue;
            }
            $needs = $row->harm_by === 'oxygen' ? Aid::Battery : Aid::Generator;
            $site = $system->site;
            $exposed[] = new Exposed(
                id: (string) $system->id,
                spot: $site?->lat === null || $site->lon === null ? null : new Spot($site->lat, $site->lon),
                harmH: (float) $row->harm_h,
                fixMin: $needs === Aid::Battery ? self::BATTERY_MIN : self::GENERATOR_MIN,
                needs: $needs,
                loss: $system->animals_worth_minor === null ? 1.0 : max(1.0, $system->animals_worth_minor / 100),
            );
            $lines[$system->id] = [
                'id' => $system->id,
                'name' => $system->name,
                'where' => "{$site?->client?->name}, {$site?->name}",
                'harmH' => (float) $row->harm_h,
                'by' => (string) $row->harm_by,
                'needs' => $needs->label(),
                'crew' => null,
                'arrivesH' => null,
                'inTime' => false,
            ];
        }
        $crews = $this->crews();
        $stock = $this->stock();
        $route = Route::of($exposed, array_column($crews, 'spot'), $stock, $leaveH);
        foreach ($route->crews as $c => $stops) {
            foreach ($stops as $stop) {
                $lines[(int) $stop['id']] = [
                    ...$lines[(int) $stop['id']],
                    'crew' => $crews[$c]['name'],
                    'arrivesH' => $stop['arrivesH'],
                    'inTime' => $stop['inTime'],
                ];
            }
        }

        return [
            'lines' => array_values($lines),
            'holds' => $rows->count() - count($exposed),
            'crews' => array_map(fn (array $c): string => $c['name'], $crews),
            'stock' => $stock,
            'unmet' => count($route->unmet),
            'enough' => $this->enough($exposed, array_column($crews, 'spot'), $leaveH),
        ];
    }

    /** @return list<array{name: string, spot: Spot|null}> crews of today, from their depots; else who is on call, from home */
    private function crews(): array
    {
        $today = Days::text();
        $crews = array_values(
            Crew::query()
                ->where('from_on', '<=', $today)
                ->where('until_on', '>=', $today)
                ->with('depot')
                ->orderBy('name')
                ->get()
                ->map(fn (Crew $c): array => [
                    'name' => $c->name,
                    'spot' => $c->depot === null ? null : new Spot($c->depot->lat, $c->depot->lon),
                ])
                ->all(),
        );

        return $crews === [] ? self::onCall($today) : $crews;
    }

    /** @return list<array{name: string, spot: Spot|null}> */
    private static function onCall(string $today): array
    {
        return array_values(
            OnCall::query()
                ->where('from_on', '<=', $today)
                ->where('until_on', '>=', $today)
                ->with('user')
                ->orderBy('position')
                ->get()
                ->unique('user_id')
                ->map(fn (OnCall $turn): array => [
                    'name' => (string) $turn->user?->name,
                    'spot' => $turn->user?->home_lat === null || $turn->user->home_lon === null
                        ? null
                        : new Spot($turn->user->home_lat, $turn->user->home_lon),
                ])
                ->all(),
        );
    }

    /** @return array<string, int> what can be carried to a dark house, tested */
    private function stock(): array
    {
        $count = fn (ReadyFor $what): int => (int) $this->shelves->good()
            ->filter(fn (Stock $s): bool => $s->part?->ready_for === $what && $s->place?->kind !== StockPlace::SITE)
            ->sum(fn (Stock $s): float => $s->count);

        return [Aid::Battery->value => $count(ReadyFor::Air), Aid::Generator->value => $count(ReadyFor::Power)];
    }

    /**
     * The fewest crews with which nobody is left, were there batteries and generators for all; null: not with any number.
     *
     * @param  list<Exposed>  $exposed
     * @param  list<Spot|null>  $crews
     * @return array{crews: int|null, batteries: int, generators: int}
     */
    private function enough(array $exposed, array $crews, float $leaveH): array
    {
        $of = fn (Aid $aid): int => count(array_filter($exposed, fn (Exposed $e): bool => $e->needs === $aid));
        $all = [Aid::Battery->value => $of(Aid::Battery), Aid::Generator->value => $of(Aid::Generator)];
        $from = $crews === [] ? [null] : $crews;
        $enough = null;
        for ($n = 1; $n <= self::MOST_CREWS && $enough === null; $n++) {
            $sent = array_map(fn (int $i): ?Spot => $from[$i % count($from)], range(0, $n - 1));
            $enough = Route::reachesAll($exposed, $sent, $all, $leaveH) ? $n : null;
        }

        return ['crews' => $enough, 'batteries' => $all[Aid::Battery->value], 'generators' => $all[Aid::Generator->value]];
    }
}
