<?php

declare(strict_types=1);

namespace App\Emergency;

use App\Systems\System;
use App\Water\Depot;
use App\Water\SaltMix;
use App\Water\WaterBatch;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Velbrin\Core\Emergency\Need;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Rounds\Spot;
use Velbrin\Core\Water\InTime;

/** The water an emergency could count on: measured batches of a depot, and after how many hours the rest could be there (W-59, W-66). */
final class WaterWithin
{
    /** Until what nobody has measured is measured. */
    private const MEASURE_H = 0.25;

    /** @var Collection<int, Depot>|null with their batches */
    private ?Collection $depots = null;

    /** @var array<int, list<array{litres: float, readyInH: float|null}>> when what stands there could be used, by depot */
    private array $stands = [];

    /** @var Collection<int, SaltMix>|null */
    private ?Collection $mixes = null;

    /**
     * From the depot from which all of it would be there first; null: nobody makes water.
     *
     * @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>}  $asked
     * @param  float|null  $helpH  until somebody has acted; null: nobody comes
     */
    public function need(array $asked, System $system, ?float $helpH): ?Need
    {
        $best = null;
        foreach ($this->depots() as $depot) {
            $need = $this->from($depot, $asked, $system, $helpH);
            if ($need !== null && ($best === null || self::atH($need) < self::atH($best))) {
                $best = $need;
            }
        }

        return $best;
    }

    /** @param  array{code: string, label: string, amount: float, unit: string, serves: list<Hazard>}  $asked */
    private function from(Depot $depot, array $asked, System $system, ?float $helpH): ?Need
    {
        try {
            $water = InTime::of(
                needL: $asked['amount'],
                batches: $this->stands[$depot->id] ??= self::standing($depot),
                roStoredL: max(0.0, min($depot->ro_stored_l, $depot->ro_tank_l)),
                roLh: $depot->station()->roLh(),
                mixH: $this->mixH($system),
            );
        } catch (OutOfRange) {
            return null;
        }
        $site = $system->site;
        $wayH = $site?->lat === null || $site->lon === null ? null : $depot->spot()->minutesTo(new Spot($site->lat, $site->lon)) / 60;
        $there = fn (?float $readyInH): ?float => $helpH === null || $wayH === null || $readyInH === null
            ? null
            : max($helpH, $readyInH) + $wayH;

        return new Need(
            code: $asked['code'],
            serves: $asked['serves'],
            amount: $asked['amount'],
            unit: $asked['unit'],
            has: $water->readyL,
            where: $depot->name,
            withinH: $there(0.0),
            isGood: $water->readyL > 0,
            restInH: $water->readyL >= $asked['amount'] ? null : $there($water->restInH),
        );
    }

    /** @return list<array{litres: float, readyInH: float|null}> */
    private static function standing(Depot $depot): array
    {
        $now = CarbonImmutable::now();

        return array_values($depot->batches->map(function (WaterBatch $batch) use ($now): array {
            $readiness = $batch->readiness($now);
            $inH = $readiness->isReady() || $readiness->readyInH === null
                ? $readiness->readyInH
                : max(self::MEASURE_H, $readiness->readyInH);

            return ['litres' => $batch->left_l, 'readyInH' => $inH];
        })->all());
    }

    /** Hours from salting to use of the salt it runs on; null: nobody has said which. */
    private function mixH(System $system): ?float
    {
        return $system->salt_mix_id === null ? null : $this->mixes()->get($system->salt_mix_id)?->usable_from_h;
    }

    /** @return Collection<int, SaltMix> by number */
    private function mixes(): Collection
    {
        return $this->mixes ??= SaltMix::query()->get()->toBase()->keyBy('id');
    }

    private static function atH(Need $need): float
    {
        return ($need->isEnough() ? $need->withinH : $need->restInH) ?? INF;
    }

    /** @return Collection<int, Depot> */
    private function depots(): Collection
    {
        if ($this->depots === null) {
            $this->depots = Depot::query()
                ->current()
                ->with(['batches' => fn ($b) => $b->whereNull('spent_at')->where('left_l', '>', 0)])
                ->get()
                ->toBase();
            foreach ($this->depots as $depot) {
                foreach ($depot->batches as $batch) {
                    $batch->setRelation('depot', $depot)->setRelation('mix', $this->mixes()->get($batch->salt_mix_id));
                }
            }
        }

        return $this->depots;
    }
}
